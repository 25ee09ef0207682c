import { describe, expect, it } from 'vitest'
import type { ColourStock, MouldedPiece } from '@/api/client'
import { begun, draftOf, fromTried, missing, newLayer, type MouldedInForm } from './mouldedForm'
import { newCoat } from './worn'

const whole = (): MouldedInForm => ({
  ...begun(null),
  name: ' Own ',
  mould: 'cups',
  couverture: 'dark',
  layers: [{ ...newLayer('REST'), filling: 'ganache' }],
})

describe('a filled piece in the form', () => {
  it('says what is missing, one thing at a time, until it can be drawn', () => {
    expect(missing(begun(null))).toBe('Choose a mould.')
    expect(missing({ ...whole(), layers: [] })).toContain('at least one')
    expect(missing({ ...whole(), layers: [newLayer('REST')] })).toContain('filling of every layer')
    expect(
      missing({ ...whole(), layers: [{ ...newLayer('GRAMS'), filling: 'ganache' }] }),
    ).toContain('its amount')
    expect(missing({ ...whole(), worn: { coats: [newCoat()], finishes: [] } })).toContain('colour')
    expect(missing({ ...whole(), shellMm: null })).toContain('shell')
    const heart = { ...newLayer('REST'), filling: 'ganache', inside: 'jam' }
    expect(missing({ ...whole(), layers: [heart] })).toContain('inside wants its grams')
    const plain = { ...newLayer('REST'), filling: 'ganache' }
    expect(
      missing({
        ...whole(),
        layers: [{ ...plain, flavours: [{ ingredient: 'coffee', per100G: null }] }],
      }),
    ).toContain('stirred in wants')
    expect(missing(whole())).toBe('')
  })

  it('sends each layer by one measure only, shares as fractions', () => {
    const draft = draftOf(
      {
        ...whole(),
        layers: [
          {
            filling: 'a',
            by: 'SHARE',
            amount: 40,
            inserts: [{ ingredient: 'nut', eachG: 1.2 }],
            sealMm: 0.8,
            inside: 'jam',
            insideG: 1.5,
            flavours: [{ ingredient: 'coffee', per100G: 3 }],
          },
          { ...newLayer('GRAMS'), filling: 'b', amount: 2.5 },
          { ...newLayer('HEIGHT'), filling: 'c', amount: 3, insideG: 2 },
          // Moved to the end after a seal was asked for over it.
          { ...newLayer('REST'), filling: 'd', amount: 9, sealMm: 1 },
        ],
      },
      4,
    )
    const bare = { inserts: [], sealMm: null, inside: null, insideG: null, flavours: [] }
    expect(draft.layers).toEqual([
      {
        filling: 'a',
        share: 0.4,
        grams: null,
        heightMm: null,
        inserts: [{ ingredient: 'nut', eachG: 1.2 }],
        sealMm: 0.8,
        inside: 'jam',
        insideG: 1.5,
        flavours: [{ ingredient: 'coffee', per100G: 3 }],
      },
      { filling: 'b', share: null, grams: 2.5, heightMm: null, ...bare },
      { filling: 'c', share: null, grams: null, heightMm: 3, ...bare },
      { filling: 'd', share: null, grams: null, heightMm: null, ...bare },
    ])
    expect(draft.name).toBe('Own')
    expect(draft.version).toBe(4)
    expect(draft.colours).toEqual([])
  })

  it('comes back from the books as it was sent', () => {
    const piece = {
      name: 'Own',
      story: 'Ours.',
      mouldId: 'cups',
      couvertureId: 'dark',
      shellMm: 1.6,
      headRoomMm: 2,
      layers: [
        {
          filling: 'a',
          name: 'A',
          share: 0.4,
          grams: null,
          heightMm: null,
          inserts: [],
          sealMm: 0.6,
        },
        { filling: 'b', name: 'B', inserts: [{ ingredient: 'nut', eachG: 1 }] },
      ],
      coats: [
        { name: 'Plum', tint: '#111111', asked: { colour: 'p', filmMm: 0.05, how: 'SPLASHED' } },
        { name: 'grey', asked: { name: 'grey', filmMm: 0.02 } },
      ],
      finishes: [{ kind: 'DUST', words: 'lustre' }],
      capCouvertureId: 'milk',
      joined: 'CHOCOLATE',
      labelG: 11,
    } as unknown as MouldedPiece
    const house = [{ id: 'p', colour: { name: 'plum' } }] as ColourStock[]
    const draft = draftOf(begun(piece), 2, house)
    expect(draft.layers[0]!.share).toBeCloseTo(0.4)
    expect(draft.layers[0]!.sealMm).toBe(0.6)
    expect(draft.layers[1]).toMatchObject({ share: null, grams: null, heightMm: null })
    expect(draft.colours).toEqual([
      { colour: 'p', filmMm: 0.05, how: 'SPLASHED' },
      { name: 'grey', filmMm: 0.02, how: 'SPRAYED', allergens: null },
    ])
    expect(draft.finishes).toEqual([{ kind: 'DUST', words: 'lustre', allergens: null }])
    expect(draft.capCouverture).toBe('milk')
    expect(draft.joined).toBe('CHOCOLATE')
    expect(draft.uncapped).toBe(false)
    const open = { ...begun(piece), uncapped: true }
    expect(draftOf(open, 2)).toMatchObject({ uncapped: true, capCouverture: null })
    expect(draftOf({ ...open, joined: null }, 2)).toMatchObject({
      uncapped: false,
      capCouverture: 'milk',
    })
    expect(draft.labelG).toBe(11)
  })

  it('begins with layers that were tried, and with nothing where they make no sense', () => {
    const tried = JSON.stringify({ mould: 'cups', layers: [{ filling: 'a', percent: 60 }] })
    expect(fromTried(tried)).toMatchObject({
      mould: 'cups',
      layers: [{ filling: 'a', by: 'SHARE', amount: 60 }],
    })
    expect(fromTried('{')).toEqual({})
    expect(fromTried('{}')).toEqual({})
  })
})
