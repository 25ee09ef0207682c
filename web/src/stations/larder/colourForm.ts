import { t } from '@/words'
import type { ColourDraft, ColourStock } from '@/api/client'
import type { Allergen } from '@/parts/kinds'

/** A coloured cocoa butter being written: numbers may still be missing. */
export interface ColourInForm {
  name: string
  base: ColourDraft['base']
  sharePercent: number | null
  dissolves: ColourDraft['dissolves']
  strained: boolean
  useC: number | null
  leftG: number | null
  tint: string
  allergens: Allergen[] | null
}

export const BASES: { id: ColourDraft['base']; words: string }[] = [
  { id: 'COCOA_BUTTER', words: t('cocoa butter') },
  { id: 'WHITE_COCOA_BUTTER', words: t('white cocoa butter') },
  { id: 'COUVERTURE', words: t('white couverture and cocoa butter') },
]
export const DISSOLVES: { id: ColourDraft['dissolves']; words: string }[] = [
  { id: 'FAT', words: t('Fat-soluble') },
  { id: 'WATER', words: t('Water-soluble') },
]

export function begun(own: ColourStock | null): ColourInForm {
  const it = own?.colour
  return {
    name: it?.name ?? '',
    base: it?.base ?? 'COCOA_BUTTER',
    sharePercent: it?.sharePercent ?? 10,
    dissolves: it?.dissolves ?? 'FAT',
    strained: it?.strained ?? false,
    useC: it?.useC ?? 29,
    leftG: it?.leftG ?? 0,
    tint: it?.tint ?? '#8e3b6b',
    allergens: it?.allergens ?? null,
  }
}

export function missing(form: ColourInForm): string {
  if (form.sharePercent === null) return t('How much colour is in it is missing.')
  if (form.useC === null) return t('Where it is used is missing.')
  return form.leftG === null ? t('What is left of it is missing.') : ''
}

export function draftOf(form: ColourInForm, version: number | null): ColourDraft {
  return {
    ...form,
    name: form.name.trim(),
    sharePercent: form.sharePercent ?? 0,
    useC: form.useC ?? 0,
    leftG: form.leftG ?? 0,
    version,
  }
}
