import { describe, expect, it } from 'vitest'
import { curveOption, lanePlace, thinned, tickS, type Ink } from './curve'

const ink: Ink = {
  ink: '#000',
  quiet: '#111',
  line: '#222',
  good: '#333',
  off: '#444',
  tight: '#555',
  simulated: '#666',
}
const metric = { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' } as const
const fahrenheit = { temperatureUnit: 'FAHRENHEIT', massUnit: 'GRAM' } as const
const line = { name: 'bowl', timeS: [0, 600, 1200], celsius: [20, 45, 31.5] }

interface Option {
  series: { name: string; data: [number, number][]; markArea?: unknown }[]
  xAxis: { min: number; max: number }[]
  grid: unknown[]
}

function option(
  drawing: Parameters<typeof curveOption>[0],
  taste: typeof metric | typeof fahrenheit = metric,
) {
  return curveOption(drawing, taste, ink, 13) as unknown as Option
}

describe('the drawing of a curve', () => {
  it('puts powers of ten at even distances and nothing below the floor', () => {
    expect(lanePlace(1) - lanePlace(0.1)).toBeCloseTo(1)
    expect(lanePlace(10) - lanePlace(1)).toBeCloseTo(1)
    expect(lanePlace(0)).toBe(0)
    expect(lanePlace(0.001)).toBe(0)
  })

  it('draws temperatures in the scale the maker reads', () => {
    expect(option({ lines: [line] }).series[0]!.data[1]).toEqual([600, 45])
    expect(option({ lines: [line] }, fahrenheit).series[0]!.data[1]![1]).toBeCloseTo(113)
  })

  it('has a second field for crystals only where there are any', () => {
    expect(option({ lines: [line] }).grid).toHaveLength(1)
    const lane = {
      timeS: [0, 600],
      stable: [0, 1],
      stableLow: [0, 0.5],
      stableHigh: [0, 2],
      unstable: [0, 0],
    }
    const both = option({ lines: [line], lane })
    expect(both.grid).toHaveLength(2)
    const margin = both.series.find((s) => s.name === 'margin to')!
    // From 0.5 to 2 per cent: log10 of four.
    expect(margin.data[1]![1]).toBeCloseTo(Math.log10(4))
  })

  it('labels the time in whole minutes', () => {
    expect(tickS(3300)).toBe(600)
    expect(tickS(400)).toBe(60)
    expect(tickS(100_000) % 3600).toBe(0)
  })

  it('thins a long line and keeps its highs and lows', () => {
    const timeS = Array.from({ length: 20_000 }, (_, i) => i)
    const celsius = timeS.map((t) => (t === 7777 ? 57 : t === 9999 ? 12 : 31 + Math.sin(t / 900)))
    const drawn = thinned({ name: 'bowl', timeS, celsius })
    expect(drawn.length).toBeLessThanOrEqual(1300)
    expect(Math.max(...drawn.map(([, c]) => c))).toBe(57)
    expect(Math.min(...drawn.map(([, c]) => c))).toBe(12)
    expect(drawn.every(([t], i) => i === 0 || t > drawn[i - 1]![0])).toBe(true)
    const end = thinned({ name: 'bowl', timeS, celsius }, 600)
    expect(end[0]![0]).toBeGreaterThan(19_300)
    expect(end[end.length - 1]![0]).toBe(19_999)
  })

  it('scrolls: only the last stretch is shown when asked', () => {
    expect(option({ lines: [line], lastS: 300 }).xAxis[0]).toMatchObject({ min: 900, max: 1200 })
    expect(option({ lines: [line] }).xAxis[0]).toMatchObject({ min: 0, max: 1200 })
  })
})
