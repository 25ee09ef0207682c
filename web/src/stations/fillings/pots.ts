import { computed } from 'vue'
import { api, ask, type OperationDraft, type RecipeDraft } from '@/api/client'
import { t } from '@/words'
import { written } from '@/words/locale'
import { request, useRecipe } from './recipe'

// The pots of the recipe on the bench. Pot 0 is the one the filling comes out of; the others stand
// before it, each a column. Operations are one list in the order they are done.

const potOf = (op: Pick<OperationDraft, 'pot'>) => op.pot ?? 0

/** How many pots there are: those with a name and those something is done to. */
export function potCount(recipe: Pick<RecipeDraft, 'pots' | 'operations'>): number {
  return Math.max(
    1,
    recipe.pots?.length ?? 0,
    ...recipe.operations.map((op) => Math.max(potOf(op), op.fromPot ?? 0) + 1),
  )
}

/** What a pot is called where it has no name. */
export function potName(recipe: Pick<RecipeDraft, 'pots'>, pot: number): string {
  const name = recipe.pots?.[pot]?.trim()
  if (name) return name
  return pot === 0 ? t('the filling') : t('Pot {number}', { number: pot + 1 })
}

/** In which pot, and what comes out of another; nothing where there is one pot. */
export function inPot(
  recipe: Pick<RecipeDraft, 'pots' | 'operations'>,
  op: Pick<OperationDraft, 'pot' | 'fromPot' | 'takenG' | 'takenPercent'>,
  grams: (g: number) => string,
): string {
  if (potCount(recipe) < 2) return ''
  const where = t('in {pot}', { pot: potName(recipe, potOf(op)) })
  if (op.fromPot == null) return where
  return t('{where}, with {taken} out of {pot}', {
    where,
    taken: takenOf(op, grams),
    pot: potName(recipe, op.fromPot),
  })
}

/** How much comes out: grams, a share, or all. */
function takenOf(
  op: Pick<OperationDraft, 'takenG' | 'takenPercent'>,
  grams: (g: number) => string,
): string {
  if (op.takenG != null) return grams(op.takenG)
  return op.takenPercent != null
    ? t('{percent} %', { percent: written(op.takenPercent, 0) })
    : t('all')
}

/** Where the next operation of a pot goes: after its last, so before what is taken out of it. */
export function nextPlace(recipe: RecipeDraft, pot: number): number {
  if (pot === 0) return recipe.operations.length
  const last = recipe.operations.map(potOf).lastIndexOf(pot)
  return last + 1
}

/** Where an operation goes when it moves one up or down within its pot; null where it cannot. */
export function neighbour(recipe: RecipeDraft, at: number, by: 1 | -1): number | null {
  const pot = potOf(recipe.operations[at]!)
  for (let i = at + by; i >= 0 && i < recipe.operations.length; i += by)
    if (potOf(recipe.operations[i]!) === pot) return i
  return null
}

/** Without one of its pots, in which nothing is done; the numbers after it move up. */
export function withoutPot(recipe: RecipeDraft, pot: number): RecipeDraft {
  const less = (n: number | null | undefined) => (n != null && n > pot ? n - 1 : n)
  const pots = recipe.pots?.filter((_, i) => i !== pot) ?? null
  return {
    ...recipe,
    pots: pots && pots.length > 1 ? pots : null,
    operations: recipe.operations.map((op) => ({
      ...op,
      pot: less(op.pot),
      ...(op.fromPot === pot
        ? { fromPot: null, takenG: null, takenPercent: null }
        : { fromPot: less(op.fromPot) }),
    })),
  }
}

export function usePots() {
  const { bench, sheet, benchWords, touched, takeOver, own } = useRecipe()
  const count = computed(() => potCount(bench.value.recipe))
  const several = computed(() => count.value > 1)
  /** In the order they stand: the pot the filling comes out of is last, as it is filled last. */
  const standing = computed(() => [...Array.from({ length: count.value - 1 }, (_, i) => i + 1), 0])
  const mayAdd = computed(() => count.value < (benchWords.value?.mostPots ?? 1))
  const nameOf = (pot: number) => potName(bench.value.recipe, pot)
  const came = (pot: number) => sheet.value?.pots.find((p) => p.pot === pot) ?? null

  function add() {
    const recipe = bench.value.recipe
    recipe.pots = Array.from({ length: count.value + 1 }, (_, i) => recipe.pots?.[i] ?? '')
    touched()
  }
  function rename(pot: number, name: string) {
    const recipe = bench.value.recipe
    recipe.pots = Array.from({ length: count.value }, (_, i) =>
      i === pot ? name : (recipe.pots?.[i] ?? ''),
    )
    touched()
  }
  function drop(pot: number) {
    takeOver(withoutPot(bench.value.recipe, pot))
  }
  const body = () => request(bench.value)
  /** Each pot only as big as what is taken out of it. */
  async function onlyUsed() {
    takeOver(await ask(api.POST('/api/fillings/pots/only-used', { body: body() })))
  }
  /** What is left in a pot as a filling of its own, not in the books yet. */
  async function ownFilling(pot: number) {
    own(await ask(api.POST('/api/fillings/pots/own', { body: { on: body(), pot } })))
  }
  return {
    count,
    several,
    standing,
    mayAdd,
    nameOf,
    came,
    add,
    rename,
    drop,
    onlyUsed,
    ownFilling,
    potOf,
  }
}
