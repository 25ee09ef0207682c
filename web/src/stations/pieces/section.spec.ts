import { describe, expect, it } from 'vitest'
import { labelsOf, shape, sides, skin } from './section'

const cone = [
  { depthMm: 0, halfWidthMm: 10 },
  { depthMm: 5, halfWidthMm: 6 },
  { depthMm: 10, halfWidthMm: 0 },
]

describe('the section of a piece', () => {
  it('labels every region, from the top down, at a point inside it', () => {
    const region = (role: string, from: number, to: number) => ({
      role,
      name: role,
      measure: 1,
      unit: 'GRAM',
      outline: [
        { depthMm: from, halfWidthMm: 8 },
        { depthMm: to, halfWidthMm: 8 },
      ],
    })
    const labels = labelsOf(
      {
        outer: cone,
        regions: [region('SHELL', 0, 10), region('FILLING', 2, 8), region('CAP', 0, 2)],
        flecks: [],
      } as unknown as Parameters<typeof labelsOf>[0],
      10,
    )
    expect(labels.map((l) => [l.what, l.y])).toEqual([
      ['SHELL', 1],
      ['filling', 5],
      ['cap', 9],
    ])
    expect(labels.every((l) => Math.abs(l.x) < 8)).toBe(true)
  })

  it('points at the side of a coat that ends below the top, not into its centre', () => {
    const ball = (r: number, to: number) =>
      [0, 0.25, 0.5, 0.75, 1].map((t) => ({
        depthMm: t * to,
        halfWidthMm: Math.sqrt(Math.max(0, r * r - (t * to - r) ** 2)),
      }))
    const label = labelsOf(
      {
        outer: ball(10, 20),
        regions: [
          { role: 'SHELL', name: 'coat', outline: ball(10, 8) },
          { role: 'FILLING', name: 'centre', outline: ball(8.8, 17.6) },
        ],
        flecks: [],
      } as unknown as Parameters<typeof labelsOf>[0],
      20,
    ).find((l) => l.what === 'coat')!
    expect(label.x).toBeGreaterThan(0.9 * Math.sqrt(100 - (20 - label.y - 10) ** 2))
  })

  it('draws both sides of a cap, open', () => {
    expect(sides(cone.slice(0, 2), 10)).toBe('M10 10L6 5M-10 10L-6 5')
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
