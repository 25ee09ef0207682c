import { asList } from '@/words/locale'
/** Words above a chart at the moments they belong to, kept off each other. */

/** A chart is about so many pixels wide; only how words are spread depends on it. */
const PLOT_PX = 640
const LETTER = 0.55
const MOST_ROWS = 3

/**
 * The row of each word, 0 next to the drawing: where two would touch, the later one goes higher.
 * Null where even the highest row is taken: there the line alone marks the moment.
 */
export function rowsOf(
  words: { words: string; startS: number }[],
  spanS: number,
  fontPx: number,
): (number | null)[] {
  const free: number[] = Array.from({ length: MOST_ROWS }, () => -Infinity)
  return words.map(({ words: said, startS }) => {
    const wide = ((said.length + 2) * LETTER * fontPx * spanS) / PLOT_PX
    const row = free.findIndex((until) => until <= startS)
    if (row < 0) return null
    free[row] = startS + wide
    return row
  })
}

/** Marks that lie closer together than a line of words is high become one, with how often each. */
export function together(
  marks: { words: string; timeS: number }[],
  spanS: number,
  fontPx: number,
): { words: string; timeS: number }[] {
  const near = (fontPx * 1.3 * spanS) / PLOT_PX
  const groups: { timeS: number; said: string[] }[] = []
  for (const mark of [...marks].sort((a, b) => a.timeS - b.timeS)) {
    const last = groups[groups.length - 1]
    if (last && mark.timeS - last.timeS < near) last.said.push(mark.words)
    else groups.push({ timeS: mark.timeS, said: [mark.words] })
  }
  return groups.map(({ timeS, said }) => ({
    timeS,
    words: asList(
      [...new Set(said)].map((w) => {
        const times = said.filter((other) => other === w).length
        return times > 1 ? `${w} ×${times}` : w
      }),
    ),
  }))
}
