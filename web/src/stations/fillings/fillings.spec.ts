import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Sheet } from '@/api/client'
import AmountField from './AmountField.vue'
import { follow, locked, toggleLock } from './locks'
import MendIt from './MendIt.vue'
import { idOf } from '@/parts/ids'
import { missing, useRecipe, whole } from './recipe'
import SheetStrings from './SheetStrings.vue'

const global = { plugins: [createVuetify()] }
const figure = (name: string, value: number, unit = 'ONE') => ({
  name,
  value,
  unit,
  bandStatus: 'IN_BAND',
  band: { lowLimit: 0, low: 0.6, high: 0.86, highLimit: 0.91 },
  basis: { formula: 'f', inputs: [], sources: [], validity: '', withinValidity: true },
})
const QUALITIES = [
  'WATER_ACTIVITY',
  'WATER',
  'FREE_WATER',
  'FAT',
  'OIL_SHARE',
  'DISSOLVED_SUGAR',
  'CRYSTAL_SUGAR',
  'SOLID_FAT_SERVING',
  'SOLID_FAT_STORAGE',
  'FIRMNESS',
  'FIRMNESS_STORAGE',
  'SWEETNESS',
  'BITTERNESS',
  'ALCOHOL',
  'ACIDITY',
  'ENERGY',
  'COST',
  'YIELD',
]
const sheet = {
  figures: QUALITIES.map((quality) => ({
    quality,
    figure: figure(quality.toLowerCase().replace('_', ' '), 0.8),
  })),
  splitRisk: figure('risk of splitting', 2, 'PERCENT'),
  textures: [{ celsius: 20, texture: 'PIPEABLE', words: 'pipeable', pascal: 300, firmness: 3 }],
  life: {
    keepCold: false,
    verdict: { template: 'May stand outside the cold.', values: [] },
    days: { ...figure('life', 30, 'DAY'), low: 20, high: 45 },
    reason: {
      template: 'Moulds can grow above {limit}.',
      values: [{ name: 'limit', value: 0.8, unit: 'ONE' }],
    },
    longer: [{ template: 'Store it colder.', values: [] }],
  },
  eggHeat: [],
  density: figure('density', 1.2, 'GRAM_PER_ML'),
  weighed: figure('weighed in', 800, 'GRAM'),
  cost: figure('cost of the batch', 7.4, 'MONEY'),
  unpriced: ['Bay leaf'],
  allergens: ['MILK', 'SOYA'],
  labelInTheUnitedStates: ['milk', 'soybeans'],
  cautions: [{ template: 'Cooked sugar burns deep.', values: [] }],
  stages: [],
  lineGrams: [],
  servingC: 20,
  storageC: 16,
} as unknown as Sheet

afterEach(() => {
  vi.unstubAllGlobals()
  locked.value = []
})

describe('the strings of a filling', () => {
  it('say how it stands, how long it keeps and why', () => {
    const shown = mount(SheetStrings, { props: { sheet }, global })
    expect(shown.find('.stands').text()).toContain('pipeable')
    expect(shown.find('.stands').text()).toContain('keeps 20 to 45\u00a0days')
    expect(shown.text()).toContain('Moulds can grow above 0.80.')
    expect(shown.text()).toContain('Store it colder.')
    expect(shown.find('.caution').text()).toContain('burns deep')
    expect(shown.text()).toContain('milk, soya')
    expect(shown.text()).toContain('soybeans')
    expect(shown.text()).toContain('Without a price: Bay leaf')
  })

  it.each([false, true])('promise no days of a text nobody has looked at, brief: %s', (brief) => {
    const { bench } = useRecipe()
    bench.value.unseen = true
    const shown = mount(SheetStrings, { props: { sheet, brief }, global })
    expect(shown.find('.stands').text()).toContain('pipeable')
    expect(shown.text()).not.toContain('days')
    // What can hurt is said all the same.
    if (!brief) expect(shown.find('.caution').text()).toContain('burns deep')
    bench.value.unseen = false
  })

  it('are fewer where two stand side by side', () => {
    const shown = mount(SheetStrings, { props: { sheet, brief: true }, global })
    expect(shown.find('.caution').exists()).toBe(false)
    expect(shown.findAll('button.figure')).toHaveLength(7)
  })
})

describe('a small number field', () => {
  it('shows the custom where nothing is set, and gives back numbers only', async () => {
    const field = mount(AmountField, {
      props: { modelValue: null, label: 'minutes', unit: 'MINUTE', usual: 2 },
      global,
    })
    expect(field.find('input').attributes('placeholder')).toBe('2')
    await field.find('input').setValue('3,5')
    expect(field.emitted('update:modelValue')!.at(-1)).toEqual([3.5])
    await field.find('input').setValue('much')
    expect(field.emitted('update:modelValue')!.at(-1)).toEqual([null])
    expect(field.find('.v-input--error').exists()).toBe(true)
  })

  it('follows what it is given, whatever stood or was typed before', async () => {
    const field = mount(AmountField, {
      props: {
        modelValue: 94 as number | null,
        label: 'share',
        'onUpdate:modelValue': (v: number | null) => void field.setProps({ modelValue: v }),
      },
      global,
    })
    const shows = () => field.find('input').element.value
    expect(shows()).toBe('94')
    await field.setProps({ modelValue: null })
    expect(shows()).toBe('')
    await field.find('input').setValue('3')
    await field.setProps({ modelValue: 7 })
    expect(shows()).toBe('7')
    await field.setProps({ modelValue: 3 })
    expect(shows()).toBe('3')
  })
})

describe('a recipe on the bench', () => {
  it('gets a short id that is not taken', () => {
    expect(idOf('Crème & plum', [], 'filling')).toBe('creme-plum')
    expect(idOf('Plum', ['plum', 'plum-2'], 'filling')).toBe('plum-3')
    expect(idOf('…', [], 'filling')).toBe('filling')
  })

  it('is not asked about while an amount is being typed', () => {
    const op = (amount: number) => ({
      name: 'x',
      version: 0,
      operations: [{ kind: 'ADD' as const, lines: [{ ingredient: 'sugar', amount, unit: 'g' }] }],
    })
    expect(whole(op(10))).toBe(true)
    expect(whole(op(Number.NaN))).toBe(false)
    expect(whole({ name: 'x', version: 0, operations: [] })).toBe(false)
  })

  it('starts from what was read, without what nobody knew', () => {
    const { bench, start, lines } = useRecipe()
    start(
      {
        name: '',
        format: 'text',
        unused: [],
        unmatched: 1,
        text: '',
        spans: [],
        pots: [],
        operations: [
          {
            kind: 'BOIL',
            settings: { MINUTES: 2 },
            lines: [
              {
                raw: '',
                amount: 200,
                unit: 'g',
                words: 'cream',
                ingredient: 'cream-35',
                sureness: 'SURE',
                candidates: [],
              },
              {
                raw: '',
                amount: 5,
                unit: 'g',
                words: 'moonlight',
                sureness: 'UNKNOWN',
                ingredient: null,
                candidates: [],
              },
            ],
          },
        ],
      } as never,
      'Pasted',
      'SOFT_SHELL',
      true,
    )
    expect(bench.value.changed).toBe(true)
    // No days before somebody has looked at what was read.
    expect(bench.value.unseen).toBe(true)
    expect(lines.value.map((l) => l.line.ingredient)).toEqual(['cream-35'])
  })

  it('keeps its version when another recipe is taken over', () => {
    const { bench, takeOver } = useRecipe()
    bench.value.recipe.version = 7
    takeOver({ name: 'Other', version: 1, operations: [] })
    expect(bench.value.recipe.version).toBe(7)
    expect(bench.value.recipe.name).toBe('Other')
  })

  it('names the line that is not whole yet', () => {
    const of = (...lines: { ingredient: string; amount: number; unit: string }[]) => ({
      name: 'x',
      version: 0,
      operations: [
        { kind: 'ADD' as const, lines: [{ ingredient: 'sugar', amount: 5, unit: 'g' }] },
        { kind: 'BOIL' as const, lines },
      ],
    })
    expect(missing(of())).toBe('')
    expect(missing(of({ ingredient: '', amount: Number.NaN, unit: 'g' }))).toBe(
      'Operation 2, line 2: wants an ingredient and an amount.',
    )
    expect(missing(of({ ingredient: 'water', amount: Number.NaN, unit: 'g' }))).toBe(
      'Operation 2, line 2: wants an amount.',
    )
  })

  it('goes back and forth through what was changed, but not past the books', async () => {
    const { bench, touched, takeOver, steps } = useRecipe()
    const named = (name: string) => ({ name, version: 0, operations: [] })
    bench.value = { id: 'a', number: 1, changed: false, recipe: named('kept') }
    steps.forget()
    expect(steps.canUndo.value).toBe(false)
    bench.value.recipe.name = 'typed'
    touched()
    takeOver(named('taken over'))
    expect(bench.value.recipe.name).toBe('taken over')
    steps.undo()
    expect(bench.value.recipe.name).toBe('typed')
    steps.undo()
    expect(bench.value.recipe.name).toBe('kept')
    expect(bench.value.changed).toBe(false)
    expect(steps.canUndo.value).toBe(false)
    steps.redo()
    steps.redo()
    expect(bench.value.recipe.name).toBe('taken over')
    expect(steps.canRedo.value).toBe(false)
  })

  it('keeps a lock with its line, wherever the line goes', () => {
    const before = ['cream', 'butter', 'dark', 'butter']
    expect(follow([3], before, ['butter', 'cream', 'dark', 'butter'])).toEqual([3])
    expect(follow([1, 2], before, ['dark', 'cream', 'butter', 'butter'])).toEqual([0, 2])
    expect(follow([2], before, ['cream', 'butter'])).toEqual([])
    expect(follow([0], before, ['salt', 'cream', 'butter', 'dark', 'butter'])).toEqual([1])
  })

  it('locks a line and lets it go', () => {
    toggleLock(2)
    toggleLock(4)
    toggleLock(2)
    expect(locked.value).toEqual([4])
  })
})

describe('mending', () => {
  it('asks the server and shows causes by their weight', async () => {
    const asked: string[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push(await request.text())
      return new Response(
        JSON.stringify({
          fault: 'TOO_SOFT',
          words: 'too soft',
          causes: [
            {
              words: {
                template: 'Much water: {w}.',
                values: [{ name: 'w', value: 24, unit: 'PERCENT' }],
              },
              likely: 0.8,
            },
          ],
          remedies: [
            {
              words: {
                template: 'Melt {grams} more.',
                values: [{ name: 'grams', value: 60, unit: 'GRAM' }],
              },
              grams: 60,
              ingredient: 'House dark 66',
              after: sheet,
            },
          ],
        }),
        { status: 200, headers: { 'content-type': 'application/json' } },
      )
    })
    const { bench } = useRecipe()
    bench.value.recipe = {
      name: 'Soft',
      version: 0,
      operations: [{ kind: 'ADD', lines: [{ ingredient: 'cream-35', amount: 100, unit: 'g' }] }],
    }
    const mend = mount(MendIt, { global })
    await mend.findAll('.faults button')[2]!.trigger('click')
    await flushPromises()
    expect(asked[0]).toContain('TOO_SOFT')
    expect(mend.find('.cause').text()).toContain('Much water: 24\u00a0%.')
    expect(mend.find('.cause').text()).toContain('speaks strongly')
    expect(mend.find('.remedy').text()).toContain('Melt 60\u00a0g more.')
  })
})
