import { counted, t } from '@/words'
import { ref } from 'vue'
import { api, ask, words, type SampleOffer } from '@/api/client'

/** One step from an empty house to the first batch. */
export interface Card {
  id: string
  title: string
  /** What it will be used for. */
  why: string
  act: string
  to: string
  have: (count: number) => string
  /** What of the sample workshop can be taken over here; all of it at once where it has words. */
  sample?: SampleOffer['kind']
  all?: (count: number) => string
}

export const CARDS: Card[] = [
  {
    id: 'room',
    title: t('The workshop and its air'),
    why: t('Name, units, room, stone: what every curve and waiting time rests on.'),
    act: t('House rules'),
    to: '/house',
    have: () => t('The room has been read.'),
  },
  {
    id: 'tools',
    title: t('Scales, thermometers, melters, cabinets'),
    why: t(
      'They set limits: too small a bowl, too coarse a scale, too few shelves are said beforehand.',
    ),
    act: t('Name them'),
    to: '/house#tools',
    have: (n) => counted('One tool named. | {n} tools named.', n),
  },
  {
    id: 'larder',
    title: t('The larder'),
    why: t('Cream, fruit, nuts, sugars: what recipes are made of, with water, fat and allergens.'),
    act: t('New ingredient'),
    to: '/larder/ingredients/new',
    have: (n) => counted('One ingredient in the larder. | {n} ingredients in the larder.', n),
    sample: 'INGREDIENT',
    all: (n) => t('Take over {it} common ones', { it: n }),
  },
  {
    id: 'couverture',
    title: t('A couverture'),
    why: t('Three numbers of its bag give composition, window and curve.'),
    act: t('New couverture'),
    to: '/larder/couvertures/new',
    have: (n) => counted('You have one couverture. | You have {n} couvertures.', n),
    sample: 'COUVERTURE',
  },
  {
    id: 'mould',
    title: t('A mould'),
    why: t('Its cavity decides shell, filling, cap and how much to melt.'),
    act: t('New mould'),
    to: '/larder/moulds/new',
    have: (n) => counted('You have one mould. | You have {n} moulds.', n),
    sample: 'MOULD',
  },
  {
    id: 'filling',
    title: t('A filling'),
    why: t('From a type that works or from your own words: texture, life and amounts follow.'),
    act: t('Start a filling'),
    to: '/fillings/recipe?start',
    have: (n) => counted('You have one filling. | You have {n} fillings.', n),
  },
  {
    id: 'piece',
    title: t('A piece'),
    why: t('Mould, couverture and filling put together: drawn, weighed, and ready to be made.'),
    act: t('New piece'),
    to: '/pieces?new',
    have: (n) => counted('You have one piece. | You have {n} pieces.', n),
  },
  {
    id: 'batch',
    title: t('The first batch'),
    why: t('How many; then the Bench says what to do, step by step.'),
    act: t('Begin a batch'),
    to: '/pieces',
    have: (n) => counted('One batch begun. | {n} batches begun.', n),
  },
]

const SKIPPED = 'palintone skipped cards'

/** How far the house is described. */
export function useFirstSteps() {
  const counts = ref<Record<string, number>>({})
  const trouble = ref('')
  const skipped = ref<string[]>(read())

  async function load() {
    const one = { params: { query: { size: 1 } } }
    try {
      const [house, all, couvertures, moulds, fillings, pieces, batches] = await Promise.all([
        ask(api.GET('/api/house')),
        ask(api.GET('/api/ingredients', one)),
        ask(api.GET('/api/ingredients', { params: { query: { size: 1, couvertures: true } } })),
        ask(api.GET('/api/moulds', one)),
        ask(api.GET('/api/fillings', one)),
        ask(api.GET('/api/pieces', one)),
        ask(api.GET('/api/batches', one)),
      ])
      counts.value = {
        room: house.roomReadAt ? 1 : 0,
        tools:
          (house.rules.scales?.length ?? 0) +
          (house.rules.thermometers?.length ?? 0) +
          (house.rules.melters?.length ?? 0),
        larder: all.total - couvertures.total,
        couverture: couvertures.total,
        mould: moulds.total,
        filling: fillings.total,
        piece: pieces.total,
        batch: batches.total,
      }
      trouble.value = ''
    } catch (problem) {
      trouble.value = words(problem)
    }
  }

  function skip(id: string) {
    skipped.value = [...skipped.value, id]
    try {
      localStorage.setItem(SKIPPED, JSON.stringify(skipped.value))
    } catch {
      // Then it is skipped until the next look.
    }
  }

  return { counts, skipped, skip, load, trouble }
}

function read(): string[] {
  try {
    return JSON.parse(localStorage.getItem(SKIPPED) ?? '[]') as string[]
  } catch {
    return []
  }
}
