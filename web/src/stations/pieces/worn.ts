import type { ColourStock, Piece, PieceDraft } from '@/api/client'

type Coat = NonNullable<PieceDraft['colours']>[number]
type Finishing = NonNullable<PieceDraft['finishes']>[number]

/** A coat of colour being written. */
export interface CoatInForm {
  name: string
  filmMm: number | null
  how: NonNullable<Coat['how']>
}

/** What a piece wears, being written. */
export interface WornInForm {
  coats: CoatInForm[]
  finishes: { kind: Finishing['kind']; words: string }[]
}

export const HOWS: { id: CoatInForm['how']; words: string }[] = [
  { id: 'SPRAYED', words: 'sprayed' },
  { id: 'BRUSHED', words: 'brushed' },
  { id: 'FINGER', words: 'dabbed with a finger' },
  { id: 'SPLASHED', words: 'splashed' },
  { id: 'LINED', words: 'drawn in lines' },
]
export const FINISHES: { id: Finishing['kind']; words: string; what: string }[] = [
  { id: 'TRANSFER', words: 'transfer sheet', what: 'Which sheet' },
  { id: 'LINE', words: 'piped line', what: 'Of what' },
  { id: 'DUST', words: 'dust', what: 'With what' },
  { id: 'STICKER', words: 'sticker for allergens', what: 'Which label' },
]

export const newCoat = (): CoatInForm => ({ name: '', filmMm: 0.05, how: 'SPRAYED' })

export function wornOf(piece: Piece | null): WornInForm {
  return {
    coats:
      piece?.coats.map((c) => ({
        name: c.name,
        filmMm: c.asked.filmMm,
        how: c.asked.how ?? 'SPRAYED',
      })) ?? [],
    finishes: piece?.finishes.map((f) => ({ kind: f.kind, words: f.words ?? '' })) ?? [],
  }
}

export function missingWorn(form: WornInForm): string {
  return form.coats.some((c) => !c.name?.trim() || c.filmMm === null)
    ? 'Every colour wants a name and a film.'
    : ''
}

/** A colour of the house goes by its id, any other by its name. */
export function wornDraft(form: WornInForm, colours: ColourStock[]) {
  return {
    colours: form.coats.map((coat): Coat => {
      const name = coat.name.trim()
      const own = colours.find((c) => c.colour.name.toLowerCase() === name.toLowerCase())
      return {
        ...(own ? { colour: own.id } : { name }),
        filmMm: coat.filmMm ?? 0,
        how: coat.how,
      }
    }),
    finishes: form.finishes.map((f): Finishing => ({ kind: f.kind, words: f.words.trim() })),
  }
}
