import { t } from '@/words'
import type { BagLabel, BagLabelDraft, Ingredient, IngredientDraft } from '@/api/client'

type Kind = NonNullable<Ingredient['couverture']>

/** A couverture being written from the label of its bag: numbers may still be missing. */
export interface CouvertureInForm {
  name: string
  kind: Kind
  cocoaPercent: number | null
  fatPercent: number | null
  sugarsPercent: number | null
  /** Of a white bag. */
  cocoaButterPercent: number | null
  milkSolidsPercent: number | null
  sugarPercent: number | null
  milkFatPercent: number | null
  allergens: Ingredient['allergens']
  pricePerKg: number | null
  fluidity: Ingredient['bag']['fluidity']
  meltC: number | null
  coolC: number | null
  workC: number | null
  packKg: number | null
}

export const KINDS: { id: Kind; words: string }[] = [
  { id: 'DARK', words: t('Dark') },
  { id: 'MILK', words: t('Milk') },
  { id: 'WHITE', words: t('White') },
]

const tenth = (n?: number | null) => (n == null ? null : Math.round(n * 10) / 10)

export function begun(own: Ingredient | null): CouvertureInForm {
  const read = own?.asOnABag
  return {
    name: own?.name ?? '',
    kind: own?.couverture ?? 'DARK',
    cocoaPercent: tenth(read?.cocoaPercent),
    fatPercent: tenth(read?.fatPercent),
    sugarsPercent: tenth(read?.sugarsPercent),
    cocoaButterPercent: tenth(read?.cocoaButterPercent),
    milkSolidsPercent: tenth(read?.milkSolidsPercent),
    sugarPercent: tenth(read?.sugarPercent),
    milkFatPercent: tenth(read?.milkFatPercent) || null,
    allergens: own?.allergens ?? [],
    pricePerKg: own?.traits.pricePerKg ?? null,
    fluidity: own?.bag.fluidity ?? null,
    meltC: own?.bag.meltC ?? null,
    coolC: own?.bag.coolC ?? null,
    workC: own?.bag.workC ?? null,
    packKg: own?.bag.packKg ?? null,
  }
}

export function missing(form: CouvertureInForm): string {
  if (form.kind === 'WHITE') {
    if (form.cocoaButterPercent === null) return t('The cocoa butter of the bag is missing.')
    if (form.milkSolidsPercent === null) return t('The milk solids of the bag are missing.')
    if (form.sugarPercent === null) return t('The sugar of the bag is missing.')
    return ''
  }
  if (form.cocoaPercent === null) return t('The cocoa of the bag is missing.')
  if (form.fatPercent === null) return t('The fat of the bag is missing.')
  if (form.sugarsPercent === null) return t('The sugars of the bag are missing.')
  return ''
}

function bagOf(form: CouvertureInForm): Ingredient['bag'] {
  const { fluidity, meltC, coolC, workC, packKg } = form
  return { fluidity, meltC, coolC, workC, packKg }
}

/** The numbers its kind of bag prints. */
function printed(form: CouvertureInForm) {
  const { cocoaPercent, fatPercent, sugarsPercent, milkFatPercent } = form
  const { cocoaButterPercent, milkSolidsPercent, sugarPercent } = form
  return form.kind === 'WHITE'
    ? { cocoaButterPercent, milkSolidsPercent, sugarPercent, milkFatPercent }
    : {
        cocoaPercent,
        fatPercent,
        sugarsPercent,
        milkFatPercent: form.kind === 'DARK' ? null : milkFatPercent,
      }
}

export function labelOf(form: CouvertureInForm): BagLabelDraft {
  return { kind: form.kind, ...printed(form), bag: bagOf(form) }
}

/** What the label says of the composition, to tell whether it has to be worked out anew. */
export function numbersOf(form: CouvertureInForm): string {
  return JSON.stringify([form.kind, printed(form)])
}

/** The ingredient it becomes; a composition that was written down stays where the label did. */
export function draftOf(
  form: CouvertureInForm,
  version: number | null,
  own: Ingredient | null,
  worked: BagLabel | null,
): IngredientDraft {
  const kept = own !== null && numbersOf(form) === numbersOf(begun(own))
  return {
    name: form.name.trim(),
    couverture: form.kind,
    densityGPerMl: kept ? own.densityGPerMl : (worked?.densityGPerMl ?? 1.25),
    gramsPer100: kept ? own.gramsPer100 : (worked?.gramsPer100 ?? {}),
    allergens: form.allergens,
    source: kept
      ? own.source.citation
      : t("the bag's label; {basis}", { basis: worked?.basis ?? '' }),
    fromMemory: kept ? own.source.fromMemory : false,
    traits: {
      ...(own?.traits ?? { natures: [], estimated: true }),
      pricePerKg: form.pricePerKg,
      estimated: kept ? own.traits.estimated : true,
    },
    bag: bagOf(form),
    version,
  }
}
