import { describe, expect, it } from 'vitest'
import { between, shape, skin, widthAt } from './section'

const cone = [
  { depthMm: 0, halfWidthMm: 10 },
  { depthMm: 5, halfWidthMm: 6 },
  { depthMm: 10, halfWidthMm: 0 },
]

describe('the section of a piece', () => {
  it('finds the width between the points', () => {
    expect(widthAt(cone, 0)).toBe(10)
    expect(widthAt(cone, 2.5)).toBe(8)
    expect(widthAt(cone, 10)).toBe(0)
    expect(widthAt(cone, 12)).toBe(0)
    expect(widthAt([], 3)).toBe(0)
  })

  it('cuts a layer out of the outline', () => {
    expect(between(cone, 2.5, 7.5)).toEqual([
      { depthMm: 2.5, halfWidthMm: 8 },
      { depthMm: 5, halfWidthMm: 6 },
      { depthMm: 7.5, halfWidthMm: 3 },
    ])
  })

  it('stands the piece on its rim and mirrors it', () => {
    expect(shape(cone, 10)).toBe('M10 10L6 5L0 0L0 0L-6 5L-10 10Z')
  })

  it('leaves the rim free of colour', () => {
    const path = skin(cone, 10)
    expect(path.startsWith('M10 10')).toBe(true)
    expect(path.endsWith('L-10 10')).toBe(true)
  })
})
