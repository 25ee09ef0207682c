import { afterEach, describe, expect, it } from 'vitest'
import { counted, speak, t } from '.'
import english from './en.json'
import { heard } from './heard'
import { asList, inField, when, written } from './locale'
import { pseudo } from './pseudo'
import { Said } from './said'
import server from './server.en.json'
import { quantity, sentence } from '@/parts/units'

const metric = { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' } as const
const bracketed = (texts: string[]) => new Said(Object.fromEntries(texts.map((x) => [x, `[${x}]`])))

describe('what the server says', () => {
  it('is looked up whole, with a name in it, or sentence by sentence', () => {
    const said = bracketed([
      'Go on.',
      '{value}, in the band.',
      'Pipe {1}, {each} into each, {all} in all. Stop {room} below the rim.',
      'very firm',
      'It is {1} at last.',
    ])
    expect(said.say('Go on.')).toBe('[Go on.]')
    expect(said.say('{value}, in the band. Go on.')).toBe('[{value}, in the band.] [Go on.]')
    expect(said.say('Pipe plum, {each} into each, {all} in all. Stop {room} below the rim.')).toBe(
      '[Pipe plum, {each} into each, {all} in all. Stop {room} below the rim.]',
    )
    expect(said.say('It is very firm at last.')).toBe('[It is [very firm] at last.]')
    expect(said.say('Nobody wrote this down. Go on.')).toBe('Nobody wrote this down. [Go on.]')
    expect(said.say('constructor')).toBe('constructor')
  })

  it('does not take a form of hardly any letters for everything', () => {
    expect(bracketed(['{1} at {2}']).say('Stir at once')).toBe('Stir at once')
  })

  it('puts names in other places where the language wants them there', () => {
    const said = new Said({ '{1} stands ready for {2}': 'für {2} bereit: {1}' })
    expect(said.say('plum stands ready for Sesame')).toBe('für Sesame bereit: plum')
  })
})

describe('a language', () => {
  afterEach(() => speak('en'))

  it('is English where nothing else was chosen, with places filled', () => {
    expect(t('Begin a bowl')).toBe('Begin a bowl')
    expect(t('{low} to {high}', { low: 3, high: 4 })).toBe('3 to 4')
    expect(counted('day | days', 1)).toBe('day')
    expect(counted('day | days', 21)).toBe('days')
  })

  it('has its own texts, numbers, dates and lists once it is chosen', async () => {
    await speak('en-XA')
    expect(document.documentElement.lang).toBe('en-XA')
    expect(t('Begin a bowl')).toMatch(/^\[Begin a bowl ~+\]$/)
    expect(quantity(31.5, 'CELSIUS', metric)).toBe('31,5\u00a0°C')
    expect(quantity(1, 'MOULD', metric)).toMatch(/^1\u00a0\[mould ~+\]$/)
    expect(quantity(3, 'MOULD', metric)).toMatch(/^3\u00a0\[moulds ~+\]$/)
    expect(written(12345.6, 1)).toBe('12\u202f345,6')
    expect(inField(1250.25)).toBe('1250,25')
    expect(asList(['milk', 'nuts', 'soya'])).toBe('milk, nuts und soya')
    expect(when('2026-11-05T12:00:00', { month: 'long', day: 'numeric' })).toBe('5. November')
    const says = {
      template: 'Polish {moulds} with a soft dry cloth. Touch no inside.',
      values: [{ name: 'moulds', value: 4, unit: 'MOULD' as const }],
    }
    expect(sentence(says, metric)).toMatch(/^\[Polish 4\u00a0\[moulds ~+\] with a soft.*~\]$/)
  })

  it('changes what the server says, and nothing a maker wrote', async () => {
    await speak('en-XA')
    const step = {
      title: 'Melt',
      note: 'Melt',
      figure: { name: 'life', unit: 'DAY', value: 3, basis: { formula: 'heat balance' } },
      piece: { id: 'x', name: 'Melt', source: { kind: 'WORKSHOP', citation: 'Melt' } },
      say: { template: 'Go on.', values: [{ name: 'life', value: 1, unit: 'DAY' }] },
    }
    heard(step)
    expect(step.title).toMatch(/^\[Melt ~+\]$/)
    expect(step.figure.name).toMatch(/^\[life ~+\]$/)
    expect([step.note, step.piece.name, step.say.template]).toEqual(['Melt', 'Melt', 'Go on.'])
    // It goes into a form, and from there back into the books.
    expect(step.piece.source.citation).toBe('Melt')
    expect(step.say.values[0]!.name).toBe('life')
  })

  it('stays English where a bundle is asked for that is not there', async () => {
    await speak('tlh')
    expect(t('Begin a bowl')).toBe('Begin a bowl')
    expect(document.documentElement.lang).toBe('en')
  })
})

describe('the catalogues', () => {
  it('hold every text once, and places with a name', () => {
    for (const texts of [english, server]) {
      expect(new Set(texts).size).toBe(texts.length)
      expect(texts.length).toBeGreaterThan(500)
      for (const text of texts) expect(text).not.toMatch(/\{\s*\}|\$\{/)
    }
  })

  it('make a pseudo-language a third longer, its places as they were', () => {
    for (const text of english.filter((each) => !each.includes('|'))) {
      const long = pseudo(text)
      expect(long.length).toBeGreaterThanOrEqual(text.length + 2)
      expect(long.match(/\{\w+\}/g)).toEqual(text.match(/\{\w+\}/g))
    }
  })
})
