import { t } from '@/words'
import type { Ingredient, IngredientDraft } from '@/api/client'
import { COMPONENTS } from './components'

type Nature = Ingredient['traits']['natures'][number]

/** An ingredient being written: numbers may still be missing. */
export interface IngredientInForm {
  name: string
  densityGPerMl: number | null
  gramsPer100: Record<string, number | null>
  allergens: Ingredient['allergens']
  ph: number | null
  pieceG: number | null
  pricePerKg: number | null
  gelStrength: number | null
  ediblePercent: number | null
  natures: Nature[]
  estimated: boolean
  source: string
  fromMemory: boolean
}

export const NATURES: { id: Nature; words: string }[] = [
  { id: 'RAW_EGG', words: t('raw egg') },
  { id: 'SPIRIT', words: t('spirit') },
  { id: 'CRISP', words: t('crisp') },
  { id: 'INFUSED', words: t('infused') },
  { id: 'NUT', words: t('nut or seed') },
  { id: 'PECTIN', words: t('pectin') },
  { id: 'LOW_METHOXYL_PECTIN', words: t('pectin, low methoxyl') },
  { id: 'GELATINE', words: t('gelatine') },
  { id: 'AGAR', words: t('agar') },
  { id: 'EXTRACT', words: t('extract, to taste') },
]

const STRENGTHS: Partial<Record<Nature, string>> = {
  GELATINE: t('Bloom, 200 where left empty'),
  PECTIN: t('Grade, 150 where left empty'),
  LOW_METHOXYL_PECTIN: t('Grade, 150 where left empty'),
  AGAR: t('Strength in g/cm², 800 where left empty'),
}

/** What the packet of something that gels is asked for; empty for all that does not. */
export const strengthWords = (form: IngredientInForm) =>
  form.natures.map((nature) => STRENGTHS[nature]).find(Boolean) ?? ''

/** As it stands in the books, or empty. */
export function begun(own: Ingredient | null): IngredientInForm {
  return {
    name: own?.name ?? '',
    densityGPerMl: own ? own.densityGPerMl : 1,
    gramsPer100: Object.fromEntries(
      COMPONENTS.map(([code]) => [code, own?.gramsPer100[code] ?? null]),
    ),
    allergens: [...(own?.allergens ?? [])],
    ph: own?.traits.ph ?? null,
    pieceG: own?.traits.pieceG ?? null,
    pricePerKg: own?.traits.pricePerKg ?? null,
    gelStrength: own?.traits.gelStrength ?? null,
    ediblePercent: own?.traits.ediblePercent ?? null,
    natures: [...(own?.traits.natures ?? [])],
    estimated: own?.traits.estimated ?? false,
    source: own ? own.source.citation : t('written down by the workshop'),
    fromMemory: own?.source.fromMemory ?? false,
  }
}

export const missing = (form: IngredientInForm) =>
  form.densityGPerMl === null ? t('Its density is missing.') : ''

/** For the books. What a couverture's bag says, and what a mixture is made of, stays as it was. */
export function draftOf(
  form: IngredientInForm,
  own: Ingredient | null,
  version: number | null,
): IngredientDraft {
  const parts = Object.entries(form.gramsPer100).filter(
    (part): part is [string, number] => part[1] !== null && part[1] !== 0,
  )
  return {
    name: form.name.trim(),
    densityGPerMl: form.densityGPerMl ?? 1,
    gramsPer100: Object.fromEntries(parts),
    allergens: form.allergens,
    couverture: own?.couverture ?? null,
    source: form.source,
    fromMemory: form.fromMemory,
    traits: {
      ph: form.ph,
      pieceG: form.pieceG,
      pricePerKg: form.pricePerKg,
      gelStrength: strengthWords(form) ? form.gelStrength : null,
      ediblePercent: form.ediblePercent,
      natures: form.natures,
      estimated: form.estimated,
    },
    bag: own?.bag ?? {},
    ...(own?.parts.length && { parts: own.parts.map((part) => ({ ...part })) }),
    version,
  }
}
