import { describe, expect, it } from 'vitest'
import { rowsOf, together } from './labels'

describe('words above a chart', () => {
  it('lie on one row while there is room', () => {
    const phases = ['melt', 'cool', 'hold'].map((words, i) => ({ words, startS: i * 1000 }))
    expect(rowsOf(phases, 3000, 13)).toEqual([0, 0, 0])
  })

  it('go a row higher where they would touch, and give way where there is none left', () => {
    const phases = ['melt', 'cool', 'hold', 'rewarm', 'work'].map((words, i) => ({
      words,
      startS: i * 10,
    }))
    expect(rowsOf(phases, 3600, 13)).toEqual([0, 1, 2, null, null])
    // Further on there is room again.
    expect(rowsOf([...phases, { words: 'work', startS: 1800 }], 3600, 13)[5]).toBe(0)
  })

  it('are one where they lie on each other', () => {
    const marks = [
      { words: 'heated', timeS: 100 },
      { words: 'seed', timeS: 104 },
      { words: 'heated', timeS: 108 },
      { words: 'paper test', timeS: 2000 },
    ]
    expect(together(marks, 3600, 13)).toEqual([
      { words: 'heated ×2, seed', timeS: 100 },
      { words: 'paper test', timeS: 2000 },
    ])
  })
})
