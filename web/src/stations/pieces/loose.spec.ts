import { describe, expect, it } from 'vitest'
import type { LoosePiece } from '@/api/client'
import { begun, draftOf, missing, type LooseInForm, type LooseKind } from './loose'

const form = (kind: LooseKind, more: Partial<LooseInForm> = {}): LooseInForm => ({
  ...begun(kind, null),
  name: ' Own ',
  couverture: 'dark-66',
  mould: 'heron',
  ...more,
})
const centre = { ...begun('DIPPED', null).centre, filling: 'caraway-truffle' }

describe('a piece without a mould, being written', () => {
  it.each(['DIPPED', 'ROLLED', 'HOLLOW', 'SHEET'] as const)('%s says what is missing', (kind) => {
    expect(missing(begun(kind, null))).not.toBe('')
  })

  it('is complete once everything it asks for is said', () => {
    expect(missing(form('DIPPED', { centre }))).toBe('')
    expect(missing(form('DIPPED', { centre, coatMm: null }))).toContain('number')
    expect(missing(form('ROLLED', { centre }))).toContain('rolled in')
    const on = [{ ingredient: 'cocoa-powder', eachG: 0.2, placing: 'ROLLED_IN' as const }]
    expect(missing(form('ROLLED', { centre, on }))).toBe('')
    expect(missing(form('ROLLED', { centre, on: [{ ...on[0]!, eachG: null }] }))).toContain('grams')
    expect(missing(form('HOLLOW'))).toBe('')
    expect(missing(form('HOLLOW', { based: true, baseThickMm: null }))).toContain('number')
    expect(missing(form('SHEET', { round: true, roundMm: null }))).toContain('number')
    expect(missing(form('SHEET', { round: false, roundMm: null }))).toBe('')
  })

  it('sends of a ball its weight and of a block its sides, never both', () => {
    const ball = draftOf(form('DIPPED', { centre }), 3)
    expect(ball).toMatchObject({
      kind: 'DIPPED',
      name: 'Own',
      version: 3,
      centre: { shape: 'BALL', massG: 10, lengthMm: null, bottomMm: 0 },
    })
    const log = { ...centre, shape: 'LOG' as const, forming: 'ROPED' as const }
    expect(draftOf(form('DIPPED', { centre: log }), 3)).toMatchObject({
      centre: { shape: 'LOG', massG: null, lengthMm: 25, widthMm: 25, heightMm: null, bottomMm: 0 },
    })
    expect(missing(form('DIPPED', { centre: { ...log, widthMm: null } }))).toContain('number')
    const block = draftOf(form('DIPPED', { centre: { ...centre, shape: 'BLOCK' } }), null)
    expect(block).toMatchObject({ centre: { massG: null, lengthMm: 25, heightMm: 11 } })
  })

  it('sends a base only where there is one, and one way of cutting', () => {
    expect(draftOf(form('HOLLOW', { based: false }), null)).toMatchObject({ baseAcrossMm: null })
    expect(draftOf(form('HOLLOW', { based: true }), null)).toMatchObject({ baseAcrossMm: 70 })
    expect(draftOf(form('SHEET', { round: true }), null)).toMatchObject({
      roundMm: 40,
      plateLengthMm: null,
    })
  })

  it('begins as the piece was written down, and writes the same again', () => {
    const asked = draftOf(
      form('DIPPED', { centre, coatMm: 1.7, twice: true, dippedPercent: 50 }),
      2,
    )
    const piece = { kind: 'DIPPED', coats: [], asked, version: 2 } as unknown as LoosePiece
    expect(draftOf(begun('DIPPED', piece), 2)).toEqual(asked)
  })

  it('sends a second dip with its end, and nothing of it where there is none', () => {
    const two = form('DIPPED', { centre, secondCouverture: 'milk-41', secondEnd: 'TOP' })
    expect(draftOf(two, null)).toMatchObject({
      secondCouverture: 'milk-41',
      secondPercent: 50,
      secondMm: 1,
      secondEnd: 'TOP',
    })
    expect(missing({ ...two, secondMm: null })).toContain('number')
    expect(draftOf(form('DIPPED', { centre }), null)).toMatchObject({
      secondCouverture: null,
      secondMm: null,
      secondPercent: null,
      secondEnd: null,
    })
  })

  it('sends an outer coat and a base of another couverture, and nothing of them where there are none', () => {
    const two = form('HOLLOW', {
      mould: 'heron',
      based: true,
      secondCouverture: 'milk-41',
      baseOfSecond: true,
    })
    expect(draftOf(two, null)).toMatchObject({
      secondCouverture: 'milk-41',
      outerMm: 1.5,
      outerBrushed: true,
      baseOfSecond: true,
      baseStanding: 'GLUED',
    })
    expect(missing({ ...two, outerMm: null })).toContain('number')
    expect(draftOf({ ...two, outer: false }, null)).toMatchObject({ outerMm: null })
    expect(draftOf({ ...two, based: false }, null)).toMatchObject({
      baseOfSecond: false,
      baseStanding: null,
    })
    expect(draftOf({ ...two, secondCouverture: null }, null)).toMatchObject({
      secondCouverture: null,
      outerMm: null,
      baseOfSecond: false,
    })
  })

  it('sends strips beside rounds, and none beside plates', () => {
    const both = form('SHEET', { round: true, beside: true })
    expect(draftOf(both, null)).toMatchObject({ besideRounds: 24, stripMm: 60, stripAcrossMm: 10 })
    expect(missing({ ...both, stripMm: null })).toContain('number')
    expect(draftOf({ ...both, round: false }, null)).toMatchObject({
      besideRounds: null,
      stripMm: null,
      stripAcrossMm: null,
    })
  })

  it('sends a second colour with its share and pattern, and nothing of it where there is none', () => {
    const two = form('SHEET', { secondCouverture: 'milk-41', secondPattern: 'MARBLED' })
    expect(draftOf(two, null)).toMatchObject({
      secondCouverture: 'milk-41',
      secondPercent: 20,
      secondPattern: 'MARBLED',
    })
    expect(missing({ ...two, secondPercent: null })).toContain('number')
    expect(draftOf(form('SHEET'), null)).toMatchObject({
      secondCouverture: null,
      secondPercent: null,
      secondPattern: null,
    })
  })
})
