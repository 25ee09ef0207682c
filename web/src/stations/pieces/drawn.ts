import type { Piece, PieceRow } from '@/api/client'

/** What a drawing needs to know of a piece. */
export interface Drawn {
  name: string
  section: Piece['section']
  couvertureKind?: Piece['couvertureKind']
  /** Of another couverture than the rest, where it has one. */
  capKind?: PieceRow['capKind']
  coats: readonly { tint?: string | null }[]
}

/** A row of the list as it is drawn: its outlines are numbers one after the other. */
export function drawn(row: PieceRow): Drawn {
  const { cut } = row
  return {
    name: row.name,
    couvertureKind: row.couvertureKind,
    capKind: row.capKind,
    coats: row.tints.map((tint) => ({ tint })),
    section: {
      outer: points(cut.outer),
      regions: cut.regions.map((region) => ({ ...region, outline: points(region.outline) })),
      flecks: every(cut.flecks, 3).map(([depthMm, acrossMm, radiusMm]) => ({
        depthMm: depthMm!,
        acrossMm: acrossMm!,
        radiusMm: radiusMm!,
      })),
      front: every(cut.front, 2).map(([acrossMm, downMm]) => ({
        acrossMm: acrossMm!,
        downMm: downMm!,
      })),
      twice: cut.twice,
    },
  }
}

const points = (line: number[]) =>
  every(line, 2).map(([depthMm, halfWidthMm]) => ({
    depthMm: depthMm!,
    halfWidthMm: halfWidthMm!,
  }))

function every(numbers: number[], step: number): number[][] {
  return Array.from({ length: numbers.length / step }, (_, i) =>
    numbers.slice(i * step, (i + 1) * step),
  )
}
