import type { Ingredient } from '@/api/client'

/** The fourteen of the regulation, in its order. */
export const ALLERGENS = (
  [
    'GLUTEN',
    'CRUSTACEANS',
    'EGG',
    'FISH',
    'PEANUT',
    'SOYA',
    'MILK',
    'NUTS',
    'CELERY',
    'MUSTARD',
    'SESAME',
    'SULPHITES',
    'LUPIN',
    'MOLLUSCS',
  ] satisfies Ingredient['allergens']
).map((id) => ({ id, words: id.toLowerCase() }))
