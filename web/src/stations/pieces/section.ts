import type { Piece } from '@/api/client'

type Point = Piece['cutaway']['outer'][number]

/** Half width of an outline at a depth, between the points the server gave. */
export function widthAt(outline: Point[], depthMm: number): number {
  for (let i = 1; i < outline.length; i++) {
    const a = outline[i - 1]!
    const b = outline[i]!
    if (depthMm <= b.depthMm) {
      const span = b.depthMm - a.depthMm
      const part = span > 0 ? (depthMm - a.depthMm) / span : 1
      return a.halfWidthMm + (b.halfWidthMm - a.halfWidthMm) * part
    }
  }
  return outline.at(-1)?.halfWidthMm ?? 0
}

/** The part of an outline between two depths. */
export function between(outline: Point[], fromMm: number, toMm: number): Point[] {
  const inside = outline.filter((p) => p.depthMm > fromMm && p.depthMm < toMm)
  return [
    { depthMm: fromMm, halfWidthMm: widthAt(outline, fromMm) },
    ...inside,
    { depthMm: toMm, halfWidthMm: widthAt(outline, toMm) },
  ]
}

/** A closed shape from one half of an outline, mirrored; the rim lies at the bottom, as it stands. */
export function shape(half: Point[], depthMm: number): string {
  const y = (p: Point) => round(depthMm - p.depthMm)
  const right = half.map((p) => `${round(p.halfWidthMm)} ${y(p)}`)
  const left = half.toReversed().map((p) => `${round(-p.halfWidthMm)} ${y(p)}`)
  return `M${[...right, ...left].join('L')}Z`
}

/** The same outline left open at the rim: what a colour coat covers. */
export function skin(half: Point[], depthMm: number): string {
  return shape(half, depthMm).slice(0, -1)
}

function round(n: number): number {
  return Math.round(n * 100) / 100
}
