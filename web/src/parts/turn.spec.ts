import { describe, expect, it } from 'vitest'
import { useTurn } from './turn'

describe('a turn', () => {
  it('is the last until another is taken, whichever answer comes first', () => {
    const turn = useTurn()
    const first = turn()
    expect(first()).toBe(true)
    const second = turn()
    expect(second()).toBe(true)
    expect(first()).toBe(false)
  })

  it('does not know of the turns of others', () => {
    const one = useTurn()()
    useTurn()()
    expect(one()).toBe(true)
  })
})
