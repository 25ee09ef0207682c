import { describe, expect, it } from 'vitest'
import {
  clock,
  fraction,
  fromTaste,
  inTaste,
  number,
  quantity,
  sentence,
  symbol,
  toTaste,
  typed,
} from './units'

const metric = { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' } as const
const other = { temperatureUnit: 'FAHRENHEIT', massUnit: 'OUNCE' } as const

describe('units', () => {
  it.each([
    [31.5, 'CELSIUS', '31.5\u00a0°C', '88.7\u00a0°F'],
    [0.6, 'KELVIN', '0.6°', '1.1°'],
    [2400, 'GRAM', '2\u202f400\u00a0g', '84.7\u00a0oz'],
    [2.13, 'GRAM', '2.1\u00a0g', '0.08\u00a0oz'],
    [0.8349, 'ONE', '0.83', '0.83'],
    [0.26, 'METRE', '0.26\u00a0m', '0.26\u00a0m'],
    [412.4, 'METRE', '412\u00a0m', '412\u00a0m'],
    [1, 'MOULD', '1\u00a0mould', '1\u00a0mould'],
    [4, 'MOULD', '4\u00a0moulds', '4\u00a0moulds'],
    [-2.5, 'CELSIUS', '−2.5\u00a0°C', '27.5\u00a0°F'],
  ] as const)('%d %s reads %s, or %s', (value, unit, here, there) => {
    expect(quantity(value, unit, metric)).toBe(here)
    expect(quantity(value, unit, other)).toBe(there)
  })

  it.each([
    [3.6, 'SECOND', '4\u00a0s'],
    [90, 'SECOND', '1:30\u00a0min'],
    [1.6, 'MINUTE', '1:36\u00a0min'],
    [20, 'MINUTE', '20\u00a0min'],
    [58.7, 'MINUTE', '59\u00a0min'],
    [59.9, 'MINUTE', '1\u00a0h'],
    [190, 'MINUTE', '3:10\u00a0h'],
    [0.2, 'HOUR', '12\u00a0min'],
    [24, 'HOUR', '24\u00a0h'],
    [72.4, 'HOUR', '72\u00a0h'],
  ] as const)('%d %s has one form: %s', (value, unit, shown) => {
    expect(quantity(value, unit, metric)).toBe(shown)
  })

  it('goes there and back', () => {
    for (const unit of ['CELSIUS', 'KELVIN', 'GRAM', 'SECOND'] as const) {
      expect(fromTaste(toTaste(31.7, unit, other), unit, other)).toBeCloseTo(31.7, 9)
    }
    expect(symbol('CELSIUS', other)).toBe('°F')
  })

  it('never shows a negative nothing, nor spaces in decimals', () => {
    expect(number(-0.001, 'CELSIUS', metric)).toBe('0.0')
    expect(number(1234567, 'SECOND', metric)).toBe('1\u202f234\u202f567')
    expect(number(0.12345, 'ONE', metric)).toBe('0.12')
  })

  it('fills a sentence with the maker’s numbers', () => {
    const says = {
      template: '{value}, {out} under. {heat} at {power}, stir.',
      values: [
        { name: 'value', value: 29.6, unit: 'CELSIUS' },
        { name: 'out', value: 0.6, unit: 'KELVIN' },
        { name: 'heat', value: 5, unit: 'SECOND' },
      ],
    } as const
    expect(sentence({ template: says.template, values: [...says.values] }, metric)).toBe(
      '29.6\u00a0°C, 0.6° under. 5\u00a0s at {power}, stir.',
    )
  })

  it.each([
    ['31.5', 31.5],
    [' 31,5 ', 31.5],
    ['−4', -4],
    ['.5', 0.5],
    ['12.', 12],
    ['warm', Number.NaN],
    ['', Number.NaN],
    ['1e3', Number.NaN],
    ['3 1', Number.NaN],
  ])('reads %j as %d', (text, value) => {
    expect(typed(text)).toBe(value)
  })

  it('turns the numbers of a refusal, and nothing else', () => {
    const said = 'cabinet is 300 °C; allowed: -5 to 25 °C, 99 to 101 g per 100 g, 0.05 to 3 g/ml'
    expect(inTaste(said, metric)).toBe(said)
    expect(inTaste(said, other)).toBe(
      'cabinet is 572 °F; allowed: 23 to 77 °F, 3.49 to 3.56 oz per 3.53 oz, 0.05 to 3 g/ml',
    )
  })

  it('tells the time', () => {
    expect(clock(75)).toBe('1:15')
    expect(clock(-5)).toBe('0:05')
    expect(clock(3725)).toBe('1:02:05')
  })

  it('shows money with the sign of the house, and none where nobody has said', () => {
    const plain = { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' } as const
    expect(quantity(12.5, 'MONEY', plain)).toBe('12.50')
    expect(quantity(12.5, 'MONEY', { ...plain, currency: 'kr' })).toBe('12.50\u00a0kr')
  })
})

it('writes parts of spoons as cookery books do', () => {
  expect([2, 0.25, 2.75, 0.125, 0.3].map(fraction)).toEqual(['2', '¼', '2¾', '⅛', '0.3'])
})
