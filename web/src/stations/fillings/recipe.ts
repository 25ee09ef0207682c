import { together } from '@/words/locale'
import { t } from '@/words'
import { useStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  api,
  ask,
  isRefused,
  words as wordsOf,
  type BenchWords,
  type FillingSummary,
  type IngredientName,
  type OperationKind,
  type ReadRecipe,
  type RecipeDraft,
  type Sheet,
} from '@/api/client'
import { everyPage } from '@/parts/everyPage'
import { idOf } from '@/parts/ids'
import { useTurn } from '@/parts/turn'
import { follow, freed, letGo, locked } from './locks'
import { useSteps } from './undo'

/** What lies on the bench: a recipe that may not be in the books yet. */
export interface OnBench {
  id: string
  number: number
  recipe: RecipeDraft
  changed: boolean
  /** Read from a text, and nobody has looked yet whether its pots and steps are what is meant. */
  unseen?: boolean
}

const EMPTY: OnBench = {
  id: '',
  number: 0,
  recipe: { name: '', style: 'SOFT_SHELL', operations: [], version: null },
  changed: false,
}

/** Kept in the browser, so that nothing typed is lost on a reload. */
const bench = useStorage<OnBench>('palintone.fillings.bench', structuredClone(EMPTY))
const place = useStorage('palintone.fillings.place', {
  servingC: null as number | null,
  storageC: null as number | null,
  altitudeM: null as number | null,
})
const steps = useSteps(bench)
const benchWords = shallowRef<BenchWords | null>(null)
const fillings = shallowRef<FillingSummary[]>([])
const larder = shallowRef<IngredientName[]>([])
const names = computed(() => new Map(larder.value.map((i) => [i.id, i.name])))
const sheet = shallowRef<Sheet | null>(null)
/** False while the first recipe or its sheet is still on its way: nothing is said to be missing. */
const settled = ref(false)
const ready = computed(() => settled.value && !bench.value.recipe.operations.length)
const refused = ref('')
/** What is still to be chosen or typed before anything can be said. */
const waiting = ref('')
const trouble = ref('')
const looking = useTurn()

/** All of the books, however many. */
const everyFilling = () =>
  everyPage((query) => ask(api.GET('/api/fillings', { params: { query } })))

async function loadAll() {
  try {
    const [w, f] = await Promise.all([
      ask(api.GET('/api/fillings/words')),
      everyFilling(),
      loadLarder(),
    ])
    benchWords.value = w
    fillings.value = f
    trouble.value = ''
  } catch (problem) {
    trouble.value = wordsOf(problem)
  }
}

/** Names of everything in the larder: a recipe may want any of it. */
async function loadLarder() {
  larder.value = await ask(api.GET('/api/larder/names'))
}

const opening = useTurn()
async function open(id: string) {
  const current = opening()
  try {
    const view = await ask(api.GET('/api/fillings/{id}', { params: { path: { id } } }))
    if (!current()) return
    if (view.id !== bench.value.id) sheet.value = null
    bench.value = { id: view.id, number: view.number, recipe: view.recipe, changed: false }
    steps.forget()
    trouble.value = ''
  } catch (problem) {
    trouble.value = wordsOf(problem)
  }
}

/** The request every tool begins with. */
export function request(of: OnBench) {
  return {
    recipe: of.recipe,
    filling: of.number > 0 ? of.id : null,
    servingC: place.value.servingC,
    storageC: place.value.storageC,
    altitudeM: place.value.altitudeM,
  }
}

/** Lines without an amount are still being typed: they wait. */
export function whole(recipe: RecipeDraft): boolean {
  const lines = recipe.operations.flatMap((op) => op.lines ?? [])
  return lines.length > 0 && lines.every((l) => l.ingredient && Number.isFinite(l.amount))
}

/** Names the first line that is not whole yet. */
export function missing(recipe: RecipeDraft): string {
  let place = 0
  for (const [i, op] of recipe.operations.entries()) {
    for (const line of op.lines ?? []) {
      place++
      const wants = [
        ...(line.ingredient ? [] : [t('an ingredient')]),
        ...(Number.isFinite(line.amount) ? [] : [t('an amount')]),
      ]
      if (wants.length)
        return t('Operation {place}, line {place2}: wants {wants}.', {
          place: i + 1,
          place2: place,
          wants: together(wants),
        })
    }
  }
  return ''
}

async function look() {
  const current = looking()
  waiting.value = missing(bench.value.recipe)
  if (!whole(bench.value.recipe)) return
  try {
    const answer = await ask(api.POST('/api/fillings/sheet', { body: request(named(bench.value)) }))
    if (!current()) return
    sheet.value = answer
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = wordsOf(problem)
  }
}
/**
 * One question at a time, and the last change is always asked about: while an amount is dragged the
 * strings follow as fast as the house answers, and no faster.
 */
let asking = false
let changedSince = false
async function soon() {
  changedSince = true
  if (asking) return
  asking = true
  try {
    while (changedSince) {
      changedSince = false
      await look()
    }
  } finally {
    asking = false
  }
}
watch([() => bench.value.recipe, place], () => void soon(), { deep: true })
watch(
  () => bench.value.recipe.operations.flatMap((op) => (op.lines ?? []).map((l) => l.ingredient)),
  (after, before) => {
    for (const lines of [locked, freed]) {
      if (lines.value.length) lines.value = follow(lines.value, before, after)
    }
  },
)
watch(() => bench.value.id, letGo)

/** A recipe is looked at before it has a name. */
function named(of: OnBench): OnBench {
  return of.recipe.name.trim() ? of : { ...of, recipe: { ...of.recipe, name: t('Unnamed') } }
}

/** A name taken meanwhile by another screen is tried again under the next id: both are kept. */
const MOST_TRIES = 5

async function save(note: string) {
  const of = bench.value
  const body = { ...of.recipe, note, version: of.id ? of.recipe.version : null }
  for (let tries = 1; ; tries++) {
    const id =
      of.id ||
      idOf(
        of.recipe.name,
        fillings.value.map((f) => f.id),
        'filling',
      )
    try {
      const view = await ask(api.PUT('/api/fillings/{id}', { params: { path: { id } }, body }))
      bench.value = { id: view.id, number: view.number, recipe: view.recipe, changed: false }
      break
    } catch (problem) {
      const taken = !of.id && isRefused(problem, 'taken', 'at-once')
      if (!taken || tries === MOST_TRIES) throw problem
      await loadFillings()
    }
  }
  steps.forget()
  await loadFillings()
  void soon()
}

async function loadFillings() {
  fillings.value = await everyFilling()
}

/** Starts a new one from what was read; every line has its ingredient by now. */
function start(read: ReadRecipe, name: string, style: RecipeDraft['style'], fromText: boolean) {
  steps.commit()
  void steps.mark()
  bench.value = {
    id: '',
    number: 0,
    changed: true,
    unseen: fromText,
    recipe: {
      name,
      style,
      version: null,
      pots: read.pots.length ? read.pots : null,
      operations: read.operations
        .map((op) => ({
          kind: op.kind,
          settings: op.settings,
          pot: op.pot || null,
          fromPot: op.fromPot ?? null,
          takenG: op.takenG ?? null,
          takenPercent: op.takenPercent ?? null,
          lines: op.lines
            .filter((l) => l.ingredient)
            .map((l) => ({ ingredient: l.ingredient!, amount: l.amount, unit: l.unit })),
        }))
        // What makes no sense without what was left out goes with it.
        .filter(
          (op) => op.lines.length > 0 || op.fromPot !== null || kindOf(op.kind)?.lines !== 'WANTED',
        ),
    },
  }
  sheet.value = null
}

/** Takes over another recipe as a change of the one on the bench. */
function takeOver(recipe: RecipeDraft) {
  steps.commit()
  void steps.mark()
  bench.value = {
    ...bench.value,
    changed: true,
    recipe: { ...recipe, version: bench.value.recipe.version },
  }
}

/** Begins a new filling with a recipe; what lay on the bench can be had back by undoing. */
function own(recipe: RecipeDraft) {
  steps.commit()
  void steps.mark()
  bench.value = {
    id: '',
    number: 0,
    changed: true,
    // What came of a text nobody has looked at has not been looked at either.
    unseen: bench.value.unseen,
    recipe: { ...recipe, version: null },
  }
  sheet.value = null
}

function touched() {
  bench.value.changed = true
  void steps.mark()
}

const kindOf = (kind: OperationKind) => benchWords.value?.operations.find((o) => o.kind === kind)
const nameOf = (id: string) => names.value.get(id) ?? id
/** Every line in the order of the recipe, with the place of its operation. */
const lines = computed(() =>
  bench.value.recipe.operations.flatMap((op, step) =>
    (op.lines ?? []).map((line) => ({ step, line, name: nameOf(line.ingredient) })),
  ),
)

/** The recipe on the bench and everything around it, shared by all tools. */
export function useRecipe() {
  return {
    bench,
    place,
    benchWords,
    fillings,
    larder,
    sheet,
    refused,
    waiting,
    trouble,
    ready,
    settled,
    lines,
    steps,
    loadAll,
    open,
    look: soon,
    save,
    start,
    takeOver,
    own,
    touched,
    kindOf,
    nameOf,
  }
}
