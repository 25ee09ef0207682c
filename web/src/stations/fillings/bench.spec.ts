import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { BenchWords, IngredientName } from '@/api/client'
import AmountField from './AmountField.vue'
import { locked } from './locks'
import MouldFills from './MouldFills.vue'
import OperationCard from './OperationCard.vue'
import RecipeBench from './RecipeBench.vue'
import { useRecipe } from './recipe'

const global = { plugins: [createVuetify()], stubs: { SheetStrings: true } }
const WORDS = {
  operations: [
    { kind: 'ADD', words: 'add', lines: 'WANTED', settings: [] },
    {
      kind: 'BOIL',
      words: 'boil',
      lines: 'TAKEN',
      settings: [
        { setting: 'MINUTES', words: 'minutes', unit: 'MINUTE', low: 0, high: 600, usual: 0.2 },
      ],
    },
    {
      kind: 'COOL',
      words: 'cool',
      lines: 'NONE',
      settings: [
        {
          setting: 'TEMPERATURE_C',
          words: 'temperature',
          unit: 'CELSIUS',
          low: -40,
          high: 200,
          usual: 35,
        },
      ],
    },
    {
      kind: 'BOIL_DOWN',
      words: 'boil down',
      lines: 'TAKEN',
      settings: [{ setting: 'MASS_G', words: 'down to', unit: 'GRAM', low: 0.1, high: 1e6 }],
    },
  ],
  styles: [{ style: 'SOFT_SHELL', words: 'soft shell filling', bands: [] }],
  qualities: [],
  wishes: [],
  units: ['g', 'tbsp'],
  types: [],
  stages: [],
  looks: [
    { look: 'COATS_A_SPOON', words: 'coats a spoon', awayPercent: 35 },
    { look: 'SYRUPY', words: 'syrupy', awayPercent: 50 },
  ],
} as unknown as BenchWords
const LARDER = [
  { id: 'cream-35', name: 'Cream 35 %' },
  { id: 'honey', name: 'Honey' },
] as IngredientName[]
const SHEET = {
  figures: [{ quality: 'YIELD', figure: { name: 'yield', value: 400, unit: 'GRAM' } }],
  stages: [
    { kind: 'BOIL', massG: 230.4, waterG: 120, temperatureC: 100.6, lostG: 4.2 },
    { kind: 'COOL', massG: 230.4, waterG: 120, temperatureC: 35, lostG: 0 },
  ],
  pots: [],
  lineGrams: [200, 34.6],
  allergens: [],
  cautions: [],
}
const asked: { path: string; body: string }[] = []
let answers: Record<string, unknown> = {}

beforeEach(() => {
  asked.length = 0
  answers = { '/sheet': SHEET, '/pieces/holding': [], '/pieces/rooms': [] }
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    asked.push({ path, body: await request.text() })
    const found = Object.entries(answers).find(([end]) => path.endsWith(end))
    return new Response(JSON.stringify(found ? found[1] : []), {
      headers: { 'content-type': 'application/json' },
    })
  })
  const { bench, benchWords, larder, sheet, refused, waiting } = useRecipe()
  benchWords.value = WORDS
  larder.value = LARDER
  sheet.value = null
  refused.value = ''
  waiting.value = ''
  locked.value = []
  bench.value = {
    id: 'soft',
    number: 1,
    changed: false,
    recipe: {
      name: 'Soft',
      style: 'SOFT_SHELL',
      version: 0,
      operations: [
        {
          kind: 'BOIL',
          settings: { MINUTES: 3 },
          lines: [
            { ingredient: 'cream-35', amount: 200, unit: 'g' },
            { ingredient: 'honey', amount: 2, unit: 'tbsp' },
          ],
        },
        { kind: 'COOL', settings: {}, lines: [] },
      ],
    },
  }
})
afterEach(() => vi.unstubAllGlobals())

const settled = async (ms = 90) => {
  await new Promise((r) => setTimeout(r, ms))
  await flushPromises()
}
const named = (shown: ReturnType<typeof mount>, label: string) => {
  const found = shown.findAll(`[aria-label="${label}"]`)
  expect(found.length, label).toBeGreaterThan(0)
  return found[0]!
}

describe('the recipe on the bench', () => {
  it('shows what the pot holds after an operation, and grams beside spoons', async () => {
    const shown = mount(RecipeBench, { global })
    await useRecipe().look()
    await settled()
    const first = shown.findAllComponents(OperationCard)[0]!
    expect(first.find('.after').text()).toBe('230\u00a0g at 100.6\u00a0°C, 4.2\u00a0g lost')
    expect(first.findAll('.grams').map((g) => g.text())).toEqual(['', '35\u00a0g'])
    // Nothing goes in while it cools.
    expect(shown.findAllComponents(OperationCard)[1]!.text()).not.toContain('ingredient')
  })

  it('asks anew when an amount is dragged, and not below a tenth', async () => {
    const { bench } = useRecipe()
    const shown = mount(RecipeBench, { global })
    await settled()
    asked.length = 0
    const drag = named(shown, 'Drag amount 1')
    await drag.setValue('260')
    await settled()
    expect(bench.value.recipe.operations[0]!.lines![0]!.amount).toBe(260)
    expect(bench.value.changed).toBe(true)
    const sheets = asked.filter((a) => a.path.endsWith('/sheet'))
    expect(JSON.parse(sheets.at(-1)!.body).recipe.operations[0].lines[0].amount).toBe(260)
    await drag.setValue('0')
    expect(bench.value.recipe.operations[0]!.lines![0]!.amount).toBe(0.1)
  })

  it('waits for a new line to be whole, and says which', async () => {
    const { bench, waiting } = useRecipe()
    const shown = mount(RecipeBench, { global })
    await settled()
    asked.length = 0
    await named(shown, 'Ingredient into operation 1').trigger('click')
    await settled()
    expect(shown.find('.waiting').text()).toBe(
      'Operation 1, line 3: wants an ingredient and an amount.',
    )
    expect(asked.filter((a) => a.path.endsWith('/sheet'))).toHaveLength(0)
    const line = bench.value.recipe.operations[0]!.lines![2]!
    line.ingredient = 'honey'
    await settled()
    expect(waiting.value).toContain('wants an amount')
    line.amount = 12
    await settled()
    expect(waiting.value).toBe('')
    expect(asked.filter((a) => a.path.endsWith('/sheet')).length).toBeGreaterThan(0)
  })

  it('moves operations with the locks of their lines, and lets go what is taken out', async () => {
    const { bench } = useRecipe()
    bench.value.recipe.operations.push({
      kind: 'ADD',
      lines: [{ ingredient: 'honey', amount: 9, unit: 'g' }],
    })
    const shown = mount(RecipeBench, { global })
    await settled()
    await named(shown, 'Lock amount 1').trigger('click')
    expect(locked.value).toEqual([0])
    expect(named(shown, 'Drag amount 1').attributes('disabled')).toBeDefined()
    await named(shown, 'Operation 3 up').trigger('click')
    await named(shown, 'Operation 2 up').trigger('click')
    await settled()
    expect(bench.value.recipe.operations.map((op) => op.kind)).toEqual(['ADD', 'BOIL', 'COOL'])
    expect(locked.value).toEqual([1])
    await named(shown, 'Line 2 out').trigger('click')
    await settled()
    expect(locked.value).toEqual([])
    await named(shown, 'Operation 2 out').trigger('click')
    expect(bench.value.recipe.operations.map((op) => op.kind)).toEqual(['ADD', 'COOL'])
    expect(named(shown, 'Operation 1 up').attributes('disabled')).toBeDefined()
    expect(named(shown, 'Operation 2 down').attributes('disabled')).toBeDefined()
  })

  it('begins a new operation with what it needs', async () => {
    const { bench } = useRecipe()
    const shown = mount(RecipeBench, { global })
    await useRecipe().look()
    await settled()
    const then = shown.findAllComponents({ name: 'VSelect' }).at(-1)!
    then.vm.$emit('update:modelValue', 'BOIL_DOWN')
    then.vm.$emit('update:modelValue', 'ADD')
    await settled()
    const [down, add] = bench.value.recipe.operations.slice(-2)
    // Nine tenths of what comes out now: something to start from that can be done.
    expect(down!.settings).toEqual({ MASS_G: 360 })
    expect(add!.lines).toHaveLength(1)
    expect(add!.lines![0]!.ingredient).toBe('')
  })

  it('forgets settings an operation does not have when its kind changes', async () => {
    const { bench } = useRecipe()
    const shown = mount(RecipeBench, { global })
    await settled()
    const card = shown.findAllComponents(OperationCard)[0]!
    expect(card.findComponent(AmountField).props('modelValue')).toBe(3)
    card.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 'COOL')
    await settled()
    expect(bench.value.recipe.operations[0]).toEqual({ kind: 'COOL', settings: {}, lines: [] })
  })
})

describe('an operation that boils down', () => {
  it('goes to grams, or to a look by its custom, one of the two', async () => {
    const { bench } = useRecipe()
    bench.value.recipe.operations = [
      {
        kind: 'BOIL_DOWN',
        settings: { MASS_G: 120 },
        lines: [{ ingredient: 'honey', amount: 200, unit: 'g' }],
      },
    ]
    const shown = mount(RecipeBench, { global })
    await settled()
    const look = () =>
      shown
        .findAllComponents({ name: 'VSelect' })
        .find((each) => each.props('label') === 'or to a look')!
    expect(look().props('modelValue')).toBeNull()
    look().vm.$emit('update:modelValue', 50)
    await settled()
    expect(bench.value.recipe.operations[0]!.settings).toEqual({ PERCENT: 50 })
    expect(look().props('modelValue')).toBe(50)
  })
})

describe('what a recipe fills', () => {
  it('names the pieces that hold it', async () => {
    answers['/pieces/holding'] = [{ name: 'Plum & bay', pieces: 96 }]
    const shown = mount(MouldFills, { props: { yieldG: 400 }, global })
    await settled(320)
    expect(shown.text()).toBe('400\u00a0g fill 96\u00a0pieces of Plum & bay.')
    expect(asked.some((a) => a.path.endsWith('/pieces/rooms'))).toBe(false)
  })

  it('names every mould where no piece holds it yet', async () => {
    useRecipe().bench.value.number = 0
    answers['/pieces/rooms'] = [{ name: 'Half spheres', pieces: 101, cavities: 32 }]
    const shown = mount(MouldFills, { props: { yieldG: 400 }, global })
    await settled(320)
    expect(shown.text()).toContain('101 in Half spheres (32 a mould)')
    expect(asked.some((a) => a.path.endsWith('/pieces/holding'))).toBe(false)
    // The shell that is spoken of is the one that was asked for.
    const room = asked.find((a) => a.path.endsWith('/pieces/rooms'))!
    expect(JSON.parse(room.body).shellMm).toBe(1.6)
    expect(shown.text()).toContain('a shell of 1.6\u00a0mm')
  })
})
