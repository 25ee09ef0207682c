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

const LACTOSE_OF_MILK_SOLIDS = 0.55
const tenth = (n: number) => Math.round(n * 10) / 10

export function begun(own: Ingredient | null): CouvertureInForm {
  const part = (code: string) => own?.gramsPer100[code] ?? 0
  const milk = part('MILK_SOLIDS')
  return {
    name: own?.name ?? '',
    kind: own?.couverture ?? 'DARK',
    cocoaPercent: own ? tenth(part('COCOA_BUTTER') + part('COCOA_SOLIDS')) : null,
    fatPercent: own ? tenth(own.fatPercent) : null,
    sugarsPercent: own
      ? tenth(part('SUCROSE') + part('LACTOSE') + milk * LACTOSE_OF_MILK_SOLIDS)
      : null,
    milkFatPercent: own && part('MILK_FAT') ? tenth(part('MILK_FAT')) : null,
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
  if (form.cocoaPercent === null) return t('The cocoa of the bag is missing.')
  if (form.fatPercent === null) return t('The fat of the bag is missing.')
  if (form.sugarsPercent === null) return t('The sugars of the bag are missing.')
  return ''
}

function bagOf(form: CouvertureInForm): Ingredient['bag'] {
  const { fluidity, meltC, coolC, workC, packKg } = form
  return { fluidity, meltC, coolC, workC, packKg }
}

export function labelOf(form: CouvertureInForm): BagLabelDraft {
  return {
    kind: form.kind,
    cocoaPercent: form.cocoaPercent ?? 0,
    fatPercent: form.fatPercent ?? 0,
    sugarsPercent: form.sugarsPercent ?? 0,
    milkFatPercent: form.milkFatPercent,
    bag: bagOf(form),
  }
}

/** What the label says of the composition, to tell whether it has to be worked out anew. */
export function numbersOf(form: CouvertureInForm): string {
  const { kind, cocoaPercent, fatPercent, sugarsPercent, milkFatPercent } = form
  return JSON.stringify([kind, cocoaPercent, fatPercent, sugarsPercent, milkFatPercent])
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
