import { describe, expect, it } from 'vitest'
import { append, type Trace } from './temper'

const trace = (...timeS: number[]): Trace => ({ timeS: [...timeS], celsius: timeS.map(() => 31) })

describe('a trace that grows while it is watched', () => {
  it('takes readings in order', () => {
    const grown = trace(0, 5)
    expect(append(grown, { bowl: 'a', timeS: [10, 15], celsius: [31.2, 31.1] })).toBe(true)
    expect(grown.timeS).toEqual([0, 5, 10, 15])
    expect(grown.celsius.slice(2)).toEqual([31.2, 31.1])
  })

  it('leaves out what is not a number', () => {
    const grown = trace(0)
    expect(append(grown, { bowl: 'a', timeS: [5, 10], celsius: [null, 30] })).toBe(true)
    expect(grown.timeS).toEqual([0, 10])
  })

  it('says when one came late, so that the whole is asked for', () => {
    const grown = trace(0, 60)
    expect(append(grown, { bowl: 'a', timeS: [30, 70], celsius: [30, 31] })).toBe(false)
    expect(grown.timeS).toEqual([0, 60, 70])
  })

  it('takes the same reading once', () => {
    const grown = trace(0, 60)
    append(grown, { bowl: 'a', timeS: [60], celsius: [31] })
    expect(grown.timeS).toEqual([0, 60])
  })
})
