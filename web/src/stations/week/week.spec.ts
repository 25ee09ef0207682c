import { describe, expect, it } from 'vitest'
import { dayOf, handsByDay, later, slackMin, type Week, type Work } from './week'

function at(day: number, hour: number, minute = 0): string {
  return new Date(2026, 11, day, hour, minute).toISOString()
}

function work(id: string, person: string | undefined, start: string, minutes: number): Work {
  return {
    id,
    run: 'r',
    title: id,
    part: '',
    minutes,
    tasks: [],
    person,
    start,
    end: later(start, minutes),
    earliest: start,
    latest: later(start, 25),
    waits: [],
    pinned: false,
    begun: false,
  }
}

const WEEK = {
  work: [
    work('melt', 'lead', at(7, 9), 30),
    work('cast', 'second', at(8, 10), 40),
    work('fill', 'lead', at(8, 8, 30), 20),
    work('rested', undefined, at(9, 8), 0),
  ],
  people: [
    {
      id: 'lead',
      name: 'Lead maker',
      hours: [
        { from: at(7, 8), to: at(7, 12), until: at(7, 12) },
        { from: at(8, 8), to: at(8, 12), until: at(8, 13) },
      ],
    },
    {
      id: 'second',
      name: 'Second maker',
      hours: [{ from: at(8, 9), to: at(8, 17), until: at(8, 18) }],
    },
  ],
} as unknown as Week

describe('days of a plan', () => {
  it('has a day only where somebody works, and on it only who does', () => {
    const days = handsByDay(WEEK)
    expect(days.map((d) => d.day)).toEqual(['2026-12-07', '2026-12-08'])
    expect(days[0]!.hands.map((h) => h.person.name)).toEqual(['Lead maker'])
    expect(days[1]!.hands.map((h) => h.work.map((w) => w.id))).toEqual([['fill'], ['cast']])
  })

  it('draws a day from when somebody comes to when they should go', () => {
    const [first] = handsByDay(WEEK)
    expect(new Date(first!.hands[0]!.from).toISOString()).toBe(at(7, 8))
    expect(new Date(first!.hands[0]!.until).toISOString()).toBe(at(7, 12))
  })

  it('says how long work can wait', () => {
    expect(slackMin(WEEK.work[0]!)).toBe(25)
    expect(later(at(7, 9), 60)).toBe(at(7, 10))
    expect(dayOf(at(7, 23, 59))).toBe('2026-12-07')
  })
})
