import { ref } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { onNews, onNewsOpened } from '@/parts/news'

type Schemas = components['schemas']
export type Week = Schemas['WeekView']
export type Work = Schemas['WorkView']
export type WeekRun = Schemas['RunView']
export type Hands = Schemas['HandsView']
export type Move = Schemas['WeekMoveView']
export type WeekClash = Schemas['ClashView']
export type Order = Schemas['OrderView']
export type OrderLine = Schemas['OrderLineView']
export type OrderRead = Schemas['OrderReadView']
export type PersonRow = Schemas['PersonView']

const week = ref<Week | null>(null)
const trouble = ref('')
let following = false

let asked = 0
/** Asked again before it is answered, only the newest answer is shown. */
async function look() {
  const mine = ++asked
  try {
    const answer = await ask(api.GET('/api/week'))
    if (mine === asked) week.value = answer
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
}

/** The days as they are laid out, on every screen the same. */
export function useWeek() {
  if (!following) {
    following = true
    onNews('week', () => void look())
    onNewsOpened(() => void look())
  }
  async function doing(act: () => Promise<Week>) {
    try {
      const answer = await act()
      asked++
      week.value = answer
      trouble.value = ''
    } catch (problem) {
      trouble.value = words(problem)
    }
  }
  return {
    week,
    trouble,
    look,
    plan: () => doing(() => ask(api.POST('/api/week/plan'))),
    enough: () => doing(() => ask(api.POST('/api/week/enough'))),
    pin: (work: string, start: string | null, person: string | null) =>
      doing(() =>
        ask(
          api.POST('/api/week/pin', {
            body: { work, ...(start ? { start } : {}), ...(person ? { person } : {}) },
          }),
        ),
      ),
  }
}

const MINUTE = 60_000

/** A day of somebody: when they are here, and what they do. */
export interface HandsDay {
  person: Hands
  from: number
  until: number
  stays: { from: number; to: number; until: number }[]
  work: Work[]
}

/** The day a moment lies in, as a key that sorts. */
export function dayOf(moment: string | number): string {
  const at = new Date(moment)
  const two = (n: number) => String(n).padStart(2, '0')
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
}

/** Days on which somebody works, each with everybody who does. */
export function handsByDay(plan: Week): { day: string; hands: HandsDay[] }[] {
  const days = [...new Set(plan.work.filter((w) => w.person).map((w) => dayOf(w.start)))].sort()
  return days.map((day) => ({
    day,
    hands: plan.people
      .map((person) => {
        const work = plan.work.filter((w) => w.person === person.id && dayOf(w.start) === day)
        const stays = person.hours
          .filter((h) => dayOf(h.from) === day)
          .map((h) => ({
            from: Date.parse(h.from),
            to: Date.parse(h.to),
            until: Date.parse(h.until),
          }))
        return {
          person,
          work,
          stays,
          from: Math.min(...stays.map((s) => s.from), ...work.map((w) => Date.parse(w.start))),
          until: Math.max(...stays.map((s) => s.to), ...work.map((w) => Date.parse(w.end))),
        }
      })
      .filter((hands) => hands.work.length > 0),
  }))
}

/** Minutes work could still wait, all else where it is. */
export function slackMin(work: Work): number {
  return Math.round((Date.parse(work.latest) - Date.parse(work.start)) / MINUTE)
}

/** The same moment so many minutes later. */
export function later(moment: string, minutes: number): string {
  return new Date(Date.parse(moment) + minutes * MINUTE).toISOString()
}
