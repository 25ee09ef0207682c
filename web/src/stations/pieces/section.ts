import type { Piece, Unit } from '@/api/client'

type Section = Piece['section']
type Point = Section['outer'][number]

/** What stands beside a region: its words, its number, and the point its line leads to. */
export interface Label {
  x: number
  y: number
  what: string
  measure?: number | null
  unit?: Unit | null
}

/** A label for every region, from the top of the drawing down; the rim lies at the bottom. */
export function labelsOf(section: Section, depthMm: number): Label[] {
  const inside = section.regions.filter((r) => r.role === 'FILLING')
  const floor = Math.max(0, ...inside.map((r) => r.outline.at(-1)!.depthMm))
  return section.regions
    .map((region) => {
      const to = region.outline.at(-1)!.depthMm
      // Over its filling a shell is met in the middle; where it ends below, on its side.
      const over = region.role === 'SHELL' && to >= floor
      const from = over ? floor : region.outline[0]!.depthMm
      const middle = (from + to) / 2
      const near = region.outline.reduce((a, b) =>
        Math.abs(b.depthMm - middle) < Math.abs(a.depthMm - middle) ? b : a,
      )
      return {
        // Apart from each other across as well, so that no line lies on another.
        x: over ? 1 : near.halfWidthMm * across(region.role),
        y: depthMm - middle,
        // The name of a couverture stays as it is written.
        what: ['SHELL', 'SECOND'].includes(region.role) ? region.name : region.name.toLowerCase(),
        measure: region.measure,
        unit: region.unit,
      }
    })
    .sort((a, b) => a.y - b.y)
}

function across(role: Section['regions'][number]['role']): number {
  return {
    FILLING: 0.55,
    SEAL: 0.7,
    SECOND: 0.85,
    CAP: 0.8,
    SOLID: -0.85,
    RELIEF: -0.4,
    ON_TOP: 0.05,
    SHELL: 0.97,
  }[role]
}

/** A closed shape from one half of an outline, mirrored; the rim lies at the bottom, as it stands. */
export function shape(half: Point[], depthMm: number): string {
  const y = (p: Point) => round(depthMm - p.depthMm)
  const right = half.map((p) => `${round(p.halfWidthMm)} ${y(p)}`)
  const left = half.toReversed().map((p) => `${round(-p.halfWidthMm)} ${y(p)}`)
  return `M${[...right, ...left].join('L')}Z`
}

/** Both sides of a half profile as open lines. */
export function sides(half: Point[], depthMm: number): string {
  return [1, -1]
    .map((side) => {
      const points = half.map((p) => `${round(side * p.halfWidthMm)} ${round(depthMm - p.depthMm)}`)
      return `M${points.join('L')}`
    })
    .join('')
}

/** The same outline left open at the rim: what a colour coat covers. */
export function skin(half: Point[], depthMm: number): string {
  return shape(half, depthMm).slice(0, -1)
}

function round(n: number): number {
  return Math.round(n * 100) / 100
}
