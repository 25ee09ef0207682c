import { useMemoize } from '@vueuse/core'
import { language } from '.'

// Made once for each way of writing: a formatter takes longer to make than a screen to draw.
const numbers = useMemoize((of: string, decimals: number, most: number, grouped: boolean) => {
  return new Intl.NumberFormat(of, {
    minimumFractionDigits: decimals,
    maximumFractionDigits: most,
    // Four digits are kept apart too.
    useGrouping: grouped ? 'always' : false,
    ...(grouped && { signDisplay: 'negative' }),
  })
})
const lists = useMemoize(
  (of: string, type: 'unit' | 'conjunction') =>
    new Intl.ListFormat(of, type === 'unit' ? { type, style: 'short' } : { type }),
)
const moments = useMemoize(
  (of: string, wanted: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(of, wanted),
)

/**
 * Numbers, dates and lists as the language writes them. Thousands are kept apart by a narrow space
 * in every language: 1,250 g is one and a quarter here and a thousand there.
 */
export function written(value: number, decimals: number): string {
  const parts = numbers(language().numbers, decimals, decimals, true).formatToParts(value)
  return parts
    .map(({ type, value: text }) =>
      type === 'group' ? '\u202f' : type === 'minusSign' ? '−' : text,
    )
    .join('')
}

/** As it is written into a field: no thousands kept apart, no digit more than there is. */
export const inField = (value: number, decimals = 3) =>
  numbers(language().numbers, 0, decimals, false).format(value)

/** Several things in one line; nothing of none. */
export const asList = (things: Iterable<string>) => lists(language().numbers, 'unit').format(things)

/** Things that belong together, said in a sentence: one and another. */
export const together = (things: Iterable<string>) =>
  lists(language().numbers, 'conjunction').format(things)

/** A moment or a day, by what of it is wanted. */
export const when = (moment: string | number | Date, wanted: Intl.DateTimeFormatOptions) =>
  moments(language().numbers, wanted).format(new Date(moment))

export const HOURS: Intl.DateTimeFormatOptions = { hour: '2-digit', minute: '2-digit' }
