import { HOURS, inField, when, written } from '@/words/locale'
import { asSaid, counted, t } from '@/words'
import type { HouseDraft, Sentence, Unit } from '@/api/client'

/** How a maker wants to read numbers. */
export type Taste = Pick<HouseDraft, 'temperatureUnit' | 'massUnit' | 'currency'>

const GRAMS_PER_OUNCE = 28.349523125

const SYMBOLS: Record<Unit, string> = {
  ONE: '',
  PERCENT: '%',
  GRAM: 'g',
  GRAM_PER_ML: 'g/ml',
  MILLILITRE: 'ml',
  MILLIMETRE: 'mm',
  CELSIUS: '°C',
  KELVIN: '°',
  SECOND: 's',
  MINUTE: 'min',
  HOUR: 'h',
  DAY: counted('day | days', 2),
  PH: '',
  FIRMNESS: '',
  KILOJOULE_PER_100G: 'kJ/100 g',
  LOG10: t('log'),
  MONEY: '',
  METRE: 'm',
  DEGREE: '°',
  HECTOPASCAL: 'hPa',
  WATT: 'W',
  PASCAL: 'Pa',
  PASCAL_SECOND: 'Pa·s',
  PIECE: counted('piece | pieces', 2),
  MOULD: counted('mould | moulds', 2),
  SHEET: counted('sheet | sheets', 2),
}

/** What is counted changes its word with how many there are. */
const COUNTED: Partial<Record<Unit, (many: number) => string>> = {
  DAY: (many) => counted('day | days', many),
  PIECE: (many) => counted('piece | pieces', many),
  MOULD: (many) => counted('mould | moulds', many),
  SHEET: (many) => counted('sheet | sheets', many),
}

/** The unit symbol a maker reads. */
export function symbol(unit: Unit, taste: Taste): string {
  if (unit === 'CELSIUS' && taste.temperatureUnit === 'FAHRENHEIT') {
    return '°F'
  }
  if (unit === 'GRAM' && taste.massUnit === 'OUNCE') {
    return 'oz'
  }
  return unit === 'MONEY' ? (taste.currency ?? '') : SYMBOLS[unit]
}

/** From the unit the server speaks to the one the maker reads. */
export function toTaste(value: number, unit: Unit, taste: Taste): number {
  if (taste.temperatureUnit === 'FAHRENHEIT') {
    if (unit === 'CELSIUS') return value * 1.8 + 32
    if (unit === 'KELVIN') return value * 1.8
  }
  return unit === 'GRAM' && taste.massUnit === 'OUNCE' ? value / GRAMS_PER_OUNCE : value
}

/** From what the maker typed to the unit the server speaks. */
export function fromTaste(value: number, unit: Unit, taste: Taste): number {
  if (taste.temperatureUnit === 'FAHRENHEIT') {
    if (unit === 'CELSIUS') return (value - 32) / 1.8
    if (unit === 'KELVIN') return value / 1.8
  }
  return unit === 'GRAM' && taste.massUnit === 'OUNCE' ? value * GRAMS_PER_OUNCE : value
}

/** Decimals worth showing: no scale or probe at a bench is finer. */
function decimals(value: number, unit: Unit, taste: Taste): number {
  switch (unit) {
    case 'CELSIUS':
    case 'KELVIN':
    case 'MILLIMETRE':
    case 'MILLILITRE':
    case 'DEGREE':
      return 1
    case 'GRAM':
      if (taste.massUnit === 'OUNCE') return Math.abs(value) < 10 ? 2 : 1
      return Math.abs(value) < 20 ? 1 : 0
    case 'PERCENT':
      return Math.abs(value) < 10 ? 1 : 0
    case 'MINUTE':
      return Math.abs(value) < 10 && value % 1 !== 0 ? 1 : 0
    case 'ONE':
      return Number.isInteger(value) ? 0 : 2
    case 'METRE':
      // Metres of a line out of a gram, or how high the house lies.
      return Math.abs(value) < 10 && value % 1 !== 0 ? 2 : 0
    case 'GRAM_PER_ML':
    case 'MONEY':
      return 2
    case 'PH':
    case 'FIRMNESS':
    case 'LOG10':
      return 1
    case 'HOUR':
      return value % 1 === 0 ? 0 : 1
    case 'DAY':
      return Math.abs(value) < 3 && value % 1 !== 0 ? 1 : 0
    default:
      return 0
  }
}

/** The bare number as it is shown. */
export function number(value: number, unit: Unit, taste: Taste): string {
  const shown = toTaste(value, unit, taste)
  return written(shown, decimals(shown, unit, taste))
}

/** Seconds in what the server counts time by; days stay days. */
const SECONDS: Partial<Record<Unit, number>> = { SECOND: 1, MINUTE: 60, HOUR: 3600 }

/** Whether a number of this unit is a time, which has one form wherever it is shown. */
export const isTime = (unit: Unit) => unit in SECONDS

/** The one form of a time: seconds, minutes and seconds, hours and minutes. */
export function duration(seconds: number): string {
  const sign = seconds < -0.5 ? '\u2212' : ''
  const whole = Math.round(Math.abs(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  if (whole < 60) return `${sign}${whole}\u00a0s`
  if (whole < 3600) {
    // From ten minutes on nobody counts seconds.
    const rounded = whole < 600 ? whole : Math.round(whole / 60) * 60
    const m = Math.floor(rounded / 60)
    const s = rounded % 60
    if (m < 60) return `${sign}${m}${s ? `:${two(s)}` : ''}\u00a0min`
  }
  const minutes = Math.round(whole / 60)
  const h = Math.floor(minutes / 60)
  const m = h < 48 ? minutes % 60 : 0
  return `${sign}${written(h, 0)}${m ? `:${two(m)}` : ''}\u00a0h`
}

/** Number and unit. */
export function quantity(value: number, unit: Unit, taste: Taste): string {
  const each = SECONDS[unit]
  if (each) return duration(value * each)
  const many = Math.round(value)
  const sign = COUNTED[unit]?.(many) ?? symbol(unit, taste)
  const tight = sign === '°' || sign === ''
  return `${number(value, unit, taste)}${tight ? '' : '\u00a0'}${sign}`
}

/** A sentence of the server in the maker's language, its numbers in the maker's units. */
export function sentence(says: Sentence, taste: Taste): string {
  return asSaid(says.template).replace(/\{(\w+)\}/g, (place, name: string) => {
    const found = says.values.find((v) => v.name === name)
    return found ? quantity(found.value, found.unit, taste) : place
  })
}

/** Words of the server, which speaks °C and g, with their numbers in the maker's units. */
export function inTaste(text: string, taste: Taste): string {
  const plain = (n: string, unit: Unit) => inField(toTaste(Number(n), unit, taste), 2)
  return text.replace(
    /(-?\d+(?:\.\d+)?)(?: to (-?\d+(?:\.\d+)?))? (°C|g)(?![\w/])/g,
    (_, first: string, second: string | undefined, sign: string) => {
      const unit = sign === 'g' ? 'GRAM' : 'CELSIUS'
      const low = plain(first, unit)
      const said =
        second === undefined ? low : t('{low} to {high}', { low, high: plain(second, unit) })
      return `${said} ${symbol(unit, taste)}`
    },
  )
}

/** What was typed, with point or comma; NaN where it is not a number. */
export function typed(text: string): number {
  const tidy = text.trim().replace(',', '.').replace('−', '-')
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(tidy) ? Number(tidy) : Number.NaN
}

/** A moment of today as hours and minutes; another day with its name. */
export function timeOfDay(moment: string): string {
  const today = new Date().toDateString() === new Date(moment).toDateString()
  return when(moment, today ? HOURS : { weekday: 'long', ...HOURS })
}

/** Minutes and seconds, hours where there are any. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(Math.abs(seconds)))
  const h = Math.floor(whole / 3600)
  const m = Math.floor((whole % 3600) / 60)
  const s = String(whole % 60).padStart(2, '0')
  return h > 0 ? `${h}:${String(m).padStart(2, '0')}:${s}` : `${m}:${s}`
}

const FRACTIONS: Record<string, string> = {
  '0.125': '⅛',
  '0.25': '¼',
  '0.375': '⅜',
  '0.5': '½',
  '0.625': '⅝',
  '0.75': '¾',
  '0.875': '⅞',
}
/** An amount as it stands in a cookery book: 2¼, ½. */
export function fraction(amount: number): string {
  const whole = Math.floor(amount)
  const rest = amount - whole
  if (rest === 0) return inField(amount)
  const part = FRACTIONS[String(rest)]
  return part ? `${whole || ''}${part}` : inField(amount)
}
