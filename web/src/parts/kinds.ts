// What the server names by kind, in words.
import { t } from '@/words'
import { asList } from '@/words/locale'
import type { Ingredient } from '@/api/client'

export type Allergen = Ingredient['allergens'][number]

/** The fourteen of the regulation, in its order. */
export const ALLERGENS: { id: Allergen; words: string }[] = [
  { id: 'GLUTEN', words: t('gluten') },
  { id: 'CRUSTACEANS', words: t('crustaceans') },
  { id: 'EGG', words: t('egg') },
  { id: 'FISH', words: t('fish') },
  { id: 'PEANUT', words: t('peanut') },
  { id: 'SOYA', words: t('soya') },
  { id: 'MILK', words: t('milk') },
  { id: 'NUTS', words: t('nuts') },
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
