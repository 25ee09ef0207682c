// What the server names by kind, in words.
import { t } from '@/words'
import { asList } from '@/words/locale'
import type { Ingredient } from '@/api/client'

export type Allergen = Ingredient['allergens'][number]

/** The fourteen of the regulation, in its order; cereals and nuts by their kind as well. */
export const ALLERGENS: { id: Allergen; words: string }[] = [
  { id: 'GLUTEN', words: t('gluten') },
  { id: 'WHEAT', words: t('wheat') },
  { id: 'RYE', words: t('rye') },
  { id: 'BARLEY', words: t('barley') },
  { id: 'OATS', words: t('oats') },
  { id: 'CRUSTACEANS', words: t('crustaceans') },
  { id: 'EGG', words: t('egg') },
  { id: 'FISH', words: t('fish') },
  { id: 'PEANUT', words: t('peanut') },
  { id: 'SOYA', words: t('soya') },
  { id: 'MILK', words: t('milk') },
  { id: 'NUTS', words: t('nuts') },
  { id: 'ALMONDS', words: t('almonds') },
  { id: 'HAZELNUTS', words: t('hazelnuts') },
  { id: 'WALNUTS', words: t('walnuts') },
  { id: 'CASHEWS', words: t('cashews') },
  { id: 'PECANS', words: t('pecan nuts') },
  { id: 'BRAZIL_NUTS', words: t('Brazil nuts') },
  { id: 'PISTACHIOS', words: t('pistachio nuts') },
  { id: 'MACADAMIAS', words: t('macadamia nuts') },
  { id: 'CELERY', words: t('celery') },
  { id: 'MUSTARD', words: t('mustard') },
  { id: 'SESAME', words: t('sesame') },
  { id: 'SULPHITES', words: t('sulphites') },
  { id: 'LUPIN', words: t('lupin') },
  { id: 'MOLLUSCS', words: t('molluscs') },
]

/** The words of one kind in such a list. */
export const wordsOf = <Id extends string>(
  kinds: readonly { id: Id; words: string }[],
  id?: Id | null,
) => kinds.find((kind) => kind.id === id)?.words ?? ''

/** Allergens in words; nothing of none. */
export const allergenList = (ids: readonly Allergen[] = []) =>
  asList(ids.map((id) => wordsOf(ALLERGENS, id)))

/** What a couverture is, as it stands inside a sentence. */
export const couvertureWords = (kind?: Ingredient['couverture']) =>
  kind ? { DARK: t('dark'), MILK: t('milk'), WHITE: t('white') }[kind] : ''
