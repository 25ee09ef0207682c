import { language } from '.'

/**
 * Numbers, dates and lists as the language writes them. Thousands are kept apart by a narrow space
 * in every language: 1,250 g is one and a quarter here and a thousand there.
 */
export function written(value: number, decimals: number): string {
  const parts = new Intl.NumberFormat(language().numbers, {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
    // Four digits are kept apart too.
    useGrouping: 'always',
    signDisplay: 'negative',
  }).formatToParts(value)
  return parts
    .map(({ type, value: text }) =>
      type === 'group' ? '\u202f' : type === 'minusSign' ? '−' : text,
    )
    .join('')
}

/** As it is written into a field: no thousands kept apart, no digit more than there is. */
export const inField = (value: number, decimals = 3) =>
  new Intl.NumberFormat(language().numbers, {
    maximumFractionDigits: decimals,
    useGrouping: false,
  }).format(value)

/** Several things in one line; nothing of none. */
export const asList = (things: Iterable<string>) =>
  new Intl.ListFormat(language().numbers, { type: 'unit', style: 'short' }).format(things)

/** Things that belong together, said in a sentence: one and another. */
export const together = (things: Iterable<string>) =>
  new Intl.ListFormat(language().numbers, { type: 'conjunction' }).format(things)

/** A moment or a day, by what of it is wanted. */
export const when = (moment: string | number | Date, wanted: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(language().numbers, wanted).format(new Date(moment))

export const HOURS: Intl.DateTimeFormatOptions = { hour: '2-digit', minute: '2-digit' }
