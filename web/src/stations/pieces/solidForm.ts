import { t } from '@/words'
import type { ColourStock, SolidPiece, SolidPieceDraft } from '@/api/client'
import { missingWorn, wornDraft, wornOf, type WornInForm } from './worn'

type Placing = SolidPieceDraft['inclusions'][number]['placing']

/** A piece cast full, being written: numbers may still be missing. */
export interface SolidInForm {
  name: string
  story: string
  mould: string
  couverture: string
  inclusions: { ingredient: string; eachG: number | null; placing: Placing }[]
  pressed: boolean
  reliefMm: number | null
  reliefPercent: number | null
  worn: WornInForm
  labelG: number | null
}

export const PLACINGS: { id: Placing; words: string }[] = [
  { id: 'STIRRED_IN', words: t('stirred in') },
  { id: 'ON_THE_BACK', words: t('laid on the back') },
]

export function begun(piece: SolidPiece | null): SolidInForm {
  return {
    name: piece?.name ?? '',
    story: piece?.story ?? '',
    mould: piece?.mouldId ?? '',
    couverture: piece?.couvertureId ?? '',
    inclusions:
      piece?.inclusions.map(({ ingredient, eachG, placing }) => ({ ingredient, eachG, placing })) ??
      [],
    pressed: Boolean(piece?.relief),
    reliefMm: piece?.relief?.depthMm ?? 1,
    reliefPercent: piece?.relief?.sharePercent ?? 30,
    worn: wornOf(piece),
    labelG: piece?.labelG ?? null,
  }
}

/** What still has to be said before it can be drawn; empty when it can. */
export function missing(form: SolidInForm): string {
  if (!form.mould) return t('Choose a mould.')
  if (!form.couverture) return t('Choose a couverture.')
  if (form.inclusions.some((i) => !i.ingredient || i.eachG === null))
    return t('Every line wants an ingredient and grams.')
  if (form.pressed && (form.reliefMm === null || form.reliefPercent === null))
    return t('The relief wants a depth and a share of the back.')
  return missingWorn(form.worn)
}

export function draftOf(
  form: SolidInForm,
  version: number | null,
  colours: ColourStock[] = [],
): SolidPieceDraft {
  return {
    kind: 'SOLID',
    name: form.name.trim(),
    story: form.story.trim() || t('Cast full.'),
    mould: form.mould,
    couverture: form.couverture,
    inclusions: form.inclusions.map((i) => ({ ...i, eachG: i.eachG ?? 0 })),
    ...(form.pressed && {
      relief: { depthMm: form.reliefMm ?? 0, sharePercent: form.reliefPercent ?? 0 },
    }),
    ...wornDraft(form.worn, colours),
    labelG: form.labelG,
    version,
  }
}
