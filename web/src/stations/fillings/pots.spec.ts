import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { routerKey } from 'vue-router'
import { createVuetify } from 'vuetify'
import type { BenchWords, IngredientName, RecipeDraft } from '@/api/client'
import PotHead from './PotHead.vue'
import RecipeBench from './RecipeBench.vue'
import FromPotLine from './FromPotLine.vue'
import { inPot, neighbour, nextPlace, potCount, potName, withoutPot } from './pots'
import { useRecipe } from './recipe'

const push = vi.fn()
const global = {
  plugins: [createVuetify()],
  stubs: { SheetStrings: true, MouldFills: true },
  provide: { [routerKey as symbol]: { push } },
}
const WORDS = {
  operations: [
    { kind: 'ADD', words: 'add', lines: 'WANTED', takesFromPot: true, settings: [] },
    { kind: 'BLEND', words: 'blend', lines: 'TAKEN', takesFromPot: true, settings: [] },
    { kind: 'COOL', words: 'cool', lines: 'NONE', takesFromPot: false, settings: [] },
  ],
  styles: [],
  qualities: [],
  wishes: [],
  keeps: [],
  mostPots: 3,
  units: ['g'],
  types: [],
  stages: [],
  looks: [
    { look: 'COATS_A_SPOON', words: 'coats a spoon', awayPercent: 35 },
    { look: 'SYRUPY', words: 'syrupy', awayPercent: 50 },
  ],
} as unknown as BenchWords

const line = (ingredient: string, amount: number) => ({ ingredient, amount, unit: 'g' })
const quince = (): RecipeDraft => ({
  name: 'Quince',
  style: 'SOFT_SHELL',
  version: null,
  pots: ['Custard', 'Purée'],
  operations: [
    { kind: 'ADD', settings: {}, lines: [line('quince', 200)], pot: 1 },
    { kind: 'ADD', settings: {}, lines: [line('cream', 100)] },
    { kind: 'COOL', settings: {}, lines: [], pot: 1 },
    { kind: 'BLEND', settings: {}, lines: [], fromPot: 1, takenG: 110 },
  ],
})

describe('the pots of a recipe', () => {
  it('are as many as are named or worked on', () => {
    expect(potCount(quince())).toBe(2)
    expect(potCount({ ...quince(), pots: null })).toBe(2)
    expect(potCount({ ...quince(), pots: ['', '', ''] })).toBe(3)
    expect(potCount({ ...quince(), pots: null, operations: [] })).toBe(1)
    expect(potName(quince(), 1)).toBe('Purée')
    expect(potName({ ...quince(), pots: ['', ' '] }, 1)).toContain('2')
  })

  it('say how much comes out of another: all, a share or grams', () => {
    const grams = (g: number) => `${g} g`
    const blend = (more: object) => inPot(quince(), { fromPot: 1, ...more }, grams)
    expect(blend({ takenG: 110 })).toBe('in Custard, with 110 g out of Purée')
    expect(blend({ takenPercent: 50 })).toBe('in Custard, with 50 % out of Purée')
    expect(blend({})).toBe('in Custard, with all out of Purée')
  })

  it('take a new operation before they are taken from', () => {
    expect(nextPlace(quince(), 1)).toBe(3)
    expect(nextPlace(quince(), 0)).toBe(4)
    expect(nextPlace(quince(), 2)).toBe(0)
  })

  it('move an operation among its own', () => {
    expect(neighbour(quince(), 2, -1)).toBe(0)
    expect(neighbour(quince(), 1, 1)).toBe(3)
    expect(neighbour(quince(), 0, -1)).toBeNull()
    expect(neighbour(quince(), 2, 1)).toBeNull()
  })

  it('go, and those after them move up', () => {
    const three: RecipeDraft = {
      ...quince(),
      pots: ['Custard', 'Empty', 'Purée'],
      operations: quince().operations.map((op) => ({
        ...op,
        pot: op.pot ? 2 : op.pot,
        fromPot: op.fromPot ? 2 : op.fromPot,
      })),
    }
    const two = withoutPot(three, 1)
    expect(two.pots).toEqual(['Custard', 'Purée'])
    expect(two.operations.map((op) => op.pot ?? 0)).toEqual([1, 0, 1, 0])
    expect(two.operations[3]!.fromPot).toBe(1)
    const one = withoutPot({ ...quince(), operations: quince().operations.slice(1, 2) }, 1)
    expect(one.pots).toBeNull()
  })
})

describe('a recipe of two pots on the bench', () => {
  const asked: { path: string; body: string }[] = []
  beforeEach(() => {
    asked.length = 0
    vi.stubGlobal('fetch', async (request: Request) => {
      const path = new URL(request.url).pathname
      asked.push({ path, body: await request.text() })
      const pot = { pot: 1, name: 'Purée', weighedG: 200, takenG: 110, leftG: 28 }
      const answer = path.endsWith('/sheet')
        ? { figures: [], stages: [], lineGrams: [], pots: [pot], allergens: [], cautions: [] }
        : path.endsWith('/own')
          ? { ...quince(), name: 'Purée', pots: null }
          : quince()
      return new Response(JSON.stringify(answer), {
        headers: { 'content-type': 'application/json' },
      })
    })
    const { bench, benchWords, larder, sheet } = useRecipe()
    benchWords.value = WORDS
    larder.value = [
      { id: 'quince', name: 'Quince' },
      { id: 'cream', name: 'Cream' },
    ] as IngredientName[]
    sheet.value = null
    bench.value = { id: 'quince', number: 2, changed: false, recipe: quince() }
  })
  afterEach(() => vi.unstubAllGlobals())

  it('has a column for each, the one it comes out of last', async () => {
    const bench = mount(RecipeBench, { global })
    await flushPromises()
    const columns = bench.findAll('.pots > section')
    expect(columns.map((c) => c.attributes('aria-label'))).toEqual(['Purée', 'Custard'])
    expect(columns[0]!.findAll('.no').map((n) => n.text())).toEqual(['1', '3'])
    expect(columns[1]!.findAll('.no').map((n) => n.text())).toEqual(['2', '4'])
    expect(columns[1]!.findAll('.from')).toHaveLength(1)
    // Nothing of another pot is offered to what takes nothing.
    expect(columns[0]!.findAll('article')[1]!.text()).not.toContain('out of a pot')
    const another = bench.find('.another')
    await another.trigger('click')
    expect(bench.findAll('.pots > section')).toHaveLength(3)
    // No more than the stove has room for.
    expect(bench.find('.another').exists()).toBe(false)
  })

  it('says what is left over, and makes only what is used or a filling of it', async () => {
    const { bench, sheet } = useRecipe()
    const pot = { pot: 1, name: 'Purée', weighedG: 200, takenG: 110, leftG: 28 }
    sheet.value = { figures: [], stages: [], lineGrams: [], pots: [pot] } as never
    const head = mount(PotHead, { global, props: { pot: 1, empty: false } })
    expect(head.find('.came').text()).toContain('138')
    expect(head.find('.came').text()).toContain('69')
    expect(head.find('.left').text()).toContain('28')
    const [only, own] = head.findAll('.ways button')
    await only!.trigger('click')
    await flushPromises()
    expect(asked.map((a) => a.path)).toContain('/api/fillings/pots/only-used')
    expect(bench.value.changed).toBe(true)
    expect(bench.value.id).toBe('quince')
    await own!.trigger('click')
    await flushPromises()
    expect(JSON.parse(asked.find((a) => a.path.endsWith('/own'))!.body).pot).toBe(1)
    expect(bench.value.id).toBe('')
    expect(bench.value.recipe.name).toBe('Purée')
    expect(push).toHaveBeenCalledWith('/fillings/recipe')
  })
})

describe('what an operation takes out of another pot', () => {
  const select = (shown: ReturnType<typeof mount>, label: string) =>
    shown.findAllComponents({ name: 'VSelect' }).find((s) => s.props('label') === label)!

  it('is all of it, a share or grams, one at a time', async () => {
    const { bench } = useRecipe()
    bench.value = { id: '', number: 0, changed: false, recipe: quince() }
    const operation = bench.value.recipe.operations[3]!
    const shown = mount(FromPotLine, { props: { operation, place: 3 }, global })
    expect(select(shown, 'how much').props('modelValue')).toBe('GRAMS')
    select(shown, 'how much').vm.$emit('update:modelValue', 'SHARE')
    await flushPromises()
    expect(operation).toMatchObject({ takenG: null, takenPercent: 50 })
    expect(shown.find('input[aria-label="taken"]').element).toHaveProperty('value', '50')
    select(shown, 'how much').vm.$emit('update:modelValue', 'ALL')
    await flushPromises()
    expect(operation).toMatchObject({ takenG: null, takenPercent: null })
    expect(shown.find('input[aria-label="taken"]').exists()).toBe(false)
    expect(bench.value.changed).toBe(true)
  })
})
