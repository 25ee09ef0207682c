import { describe, expect, it } from 'vitest'
import { longAgo } from './ago'

describe('how long ago', () => {
  const now = Date.UTC(2026, 10, 25, 12)
  it.each([
    [0, 'just now'],
    [-5_000, 'just now'],
    [5 * 60_000, '5 min ago'],
    [119 * 60_000, '119 min ago'],
    [3 * 3_600_000, '3 h ago'],
    [26 * 3_600_000, 'yesterday'],
    [5 * 86_400_000, '5 days ago'],
  ])('%d ms is %s', (past, said) => {
    expect(longAgo(now - past, now)).toBe(said)
  })
})
