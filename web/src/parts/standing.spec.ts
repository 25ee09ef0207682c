import { describe, expect, it } from 'vitest'
import type { TemperBowl } from '@/api/client'
import { standingWords } from './standing'

const taste = { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' } as const
const band = (low: number, high: number) => ({ lowLimit: low - 1, low, high, highLimit: high + 1 })

function bowl(
  temperatureC: number,
  standing: string,
  byK: number,
  kind?: string,
  phaseBand = band(26, 27.2),
): TemperBowl {
  return {
    melt: { lowLimit: 43, low: 45, high: 50, highLimit: 55 },
    work: band(31, 32),
    now: { temperatureC, standing, byK },
    plan: kind ? { at: 0, phases: [{ kind, band: phaseBand }] } : null,
  } as unknown as TemperBowl
}

describe('how a bowl stands, in words', () => {
  it.each([
    [bowl(46.5, 'THERE', 0, 'MELT'), 'melted: as it should be'],
    [bowl(38, 'ON_THE_WAY', 10.8, 'COOL'), 'cooling, 10.8° to go'],
    [bowl(25.4, 'PAST', 0.6, 'COOL'), '0.6° under where it should be'],
    [bowl(30.2, 'PAST', 0.8, 'WORK', band(31, 32)), '0.8° under the window'],
    [bowl(34.5, 'OFF_THE_PLAN', 2.5, 'REWARM'), 'off the plan: see what to do'],
    // Without a plan nothing hot is called wrong.
    [bowl(46.5, 'THERE', 14.5), 'melted: as it should be'],
    [bowl(38, 'ON_THE_WAY', 6), 'between melted and the window'],
    [bowl(31.5, 'THERE', 0), 'in the window'],
    [bowl(33.4, 'PAST', 1.4), '1.4° over the window'],
    [bowl(56, 'OFF_THE_PLAN', 24), 'too hot'],
    [bowl(35, 'OFF_THE_PLAN', 3), 'temper lost'],
    [{ ...bowl(0, 'THERE', 0), now: null } as unknown as TemperBowl, 'not read yet'],
  ])('%#: %s', (of, words) => {
    expect(standingWords(of, taste).replace(/\s/g, ' ')).toBe(words)
  })
})
