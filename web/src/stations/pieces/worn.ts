import { t } from '@/words'
import { wordsOf } from '@/parts/kinds'
import type { ColourStock, MouldedPieceDraft, Piece } from '@/api/client'
import type { Allergen } from '@/parts/kinds'

type Coat = NonNullable<MouldedPieceDraft['colours']>[number]
export type FinishingDraft = NonNullable<MouldedPieceDraft['finishes']>[number]

/** A coat of colour being written. */
export interface CoatInForm {
  name: string
  filmMm: number | null
  how: NonNullable<Coat['how']>
  /** Of a colour that is none of the house; null where nobody has read its packet. */
  allergens: Allergen[] | null
}

/** What a piece wears, being written. */
export interface WornInForm {
  coats: CoatInForm[]
  finishes: { kind: FinishingDraft['kind']; words: string; allergens: Allergen[] | null }[]
}

export const HOWS: { id: CoatInForm['how']; words: string }[] = [
  { id: 'SPRAYED', words: t('sprayed') },
  { id: 'BRUSHED', words: t('brushed') },
  { id: 'FINGER', words: t('dabbed with a finger') },
  { id: 'SPLASHED', words: t('splashed') },
  { id: 'LINED', words: t('drawn in lines') },
  { id: 'DETAIL', words: t('detail from a cone') },
  { id: 'CONED', words: t('detail from a cone, in couverture') },
  { id: 'LUSTRE', words: t('lustre dust, dry') },
  { id: 'FILM', words: t('transfer sheet, laid in') },
]
export const FINISHES: { id: FinishingDraft['kind']; words: string; what: string }[] = [
  { id: 'TRANSFER', words: t('transfer sheet'), what: t('Which sheet') },
  { id: 'LINE', words: t('piped line'), what: t('Of what') },
  { id: 'DUST', words: t('dust'), what: t('With what') },
  { id: 'MARK', words: t('mark of the fork'), what: t('Which mark') },
  { id: 'TRIM', words: t('feet trimmed'), what: t('How') },
  { id: 'BRUSH', words: t('brushed or scratched'), what: t('What it looks like') },
  { id: 'PACK', words: t('packed'), what: t('How') },
  { id: 'STICKER', words: t('sticker for allergens'), what: t('Which label') },
]

/** Whether something stays on the piece that may hold an allergen. */
export const brings = (kind: FinishingDraft['kind']) =>
  kind === 'TRANSFER' || kind === 'LINE' || kind === 'DUST'

/** A finishing and what it is of. */
export const finishingWords = (finish: { kind: FinishingDraft['kind']; words?: string | null }) =>
  `${wordsOf(FINISHES, finish.kind)} ${finish.words ?? ''}`.trim()

export const newCoat = (): CoatInForm => ({
  name: '',
  filmMm: 0.05,
  how: 'SPRAYED',
  allergens: null,
})

function finishesOf(piece: Piece | null): FinishingDraft[] {
  if (!piece) return []
  return 'asked' in piece ? (piece.asked.finishes ?? []) : piece.finishes
}

export function wornOf(piece: Piece | null): WornInForm {
  return {
    coats:
      piece?.coats.map((c) => ({
        name: c.name,
        filmMm: c.asked.filmMm,
        how: c.asked.how ?? 'SPRAYED',
        allergens: c.asked.allergens ?? null,
      })) ?? [],
    finishes: finishesOf(piece).map((f) => ({
      kind: f.kind,
      words: f.words ?? '',
      allergens: f.allergens ?? null,
    })),
  }
}

export function missingWorn(form: WornInForm): string {
  return form.coats.some((c) => !c.name?.trim() || c.filmMm === null)
    ? t('Every colour wants a name and a film.')
    : ''
}

/** A colour of the house goes by its id, any other by its name. */
export function wornDraft(form: WornInForm, colours: ColourStock[]) {
  return {
    colours: form.coats.map((coat): Coat => {
      const name = coat.name.trim()
      const own = colours.find((c) => c.colour.name.toLowerCase() === name.toLowerCase())
      return {
        ...(own ? { colour: own.id } : { name, allergens: coat.allergens }),
        filmMm: coat.filmMm ?? 0,
        how: coat.how,
      }
    }),
    finishes: form.finishes.map((f): FinishingDraft => ({
      kind: f.kind,
      words: f.words.trim(),
      allergens: brings(f.kind) ? f.allergens : null,
    })),
  }
}
