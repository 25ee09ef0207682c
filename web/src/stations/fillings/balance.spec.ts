import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { routeLocationKey } from 'vue-router'
import { createVuetify } from 'vuetify'
import BalanceBench from './BalanceBench.vue'
import { letGo, locked } from './locks'
import { useRecipe } from './recipe'
import SizeIt from './SizeIt.vue'

const route = { query: {} as Record<string, string> }
const global = {
  plugins: [createVuetify()],
  stubs: { SheetStrings: true },
  provide: { [routeLocationKey as symbol]: route },
}
const move = {
  line: 0,
  ingredient: 'Cream 35 %',
  fromG: 200,
  toG: 180,
  why: {
    template: 'lowers water activity by about {effect}; {from} becomes {to}',
    values: [
      { name: 'effect', value: 0.03, unit: 'ONE' },
      { name: 'from', value: 0.9, unit: 'ONE' },
      { name: 'to', value: 0.86, unit: 'ONE' },
    ],
  },
}
const recipe = {
  name: 'Balanced',
  style: 'SOFT_SHELL',
  version: 3,
  operations: [{ kind: 'BOIL', lines: [{ ingredient: 'cream-35', amount: 180, unit: 'g' }] }],
}
const asked: { url: string; body: string }[] = []

const to = (path: string) => asked.find((a) => a.url.endsWith(path))!

function answering(of: (url: string) => unknown, status = 200) {
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push({ url: request.url, body: await request.text() })
    // The bench looks at its recipe by itself; that is not what is asked about here.
    if (request.url.endsWith('/sheet')) {
      return new Response(
        JSON.stringify({
          figures: [],
          allergens: [],
          staying: [
            { line: 0, words: 'most of the filling', main: true },
            { line: 1, words: 'there for its taste', main: false },
          ],
          cautions: [],
          life: { keepCold: true, verdict: { template: 'Keep at 4 °C.', values: [] } },
        }),
        {
          headers: { 'content-type': 'application/json' },
        },
      )
    }
    return new Response(JSON.stringify(of(request.url)), {
      status,
      headers: { 'content-type': status < 400 ? 'application/json' : 'application/problem+json' },
    })
  })
}

beforeEach(() => {
  asked.length = 0
  const { bench } = useRecipe()
  bench.value = {
    id: '',
    number: 0,
    changed: false,
    recipe: {
      name: 'Soft',
      style: 'SOFT_SHELL',
      version: 0,
      operations: [
        {
          kind: 'BOIL',
          lines: [
            { ingredient: 'cream-35', amount: 200, unit: 'g' },
            { ingredient: 'invert', amount: 40, unit: 'g' },
          ],
        },
      ],
    },
  }
})
afterEach(() => {
  vi.unstubAllGlobals()
  letGo()
  route.query = {}
  useRecipe().benchWords.value = null
})

describe('the balance', () => {
  const balance = async () => {
    const shown = mount(BalanceBench, { global })
    await shown
      .findAll('button')
      .find((b) => b.text() === 'Balance it')!
      .trigger('click')
    await flushPromises()
    return shown
  }

  it('sends what must stay, shows every gram with its reason, and is taken over', async () => {
    answering(() => ({
      outcome: 'MET',
      moves: [move],
      operationMoves: [],
      says: [],
      missed: [],
      worthFreeing: [],
      wishes: [],
      recipe,
      before: {},
      after: {},
    }))
    locked.value = [1]
    const shown = await balance()
    expect(JSON.parse(to('/balance').body).locked).toEqual([1])
    expect(shown.find('h1').text()).toBe('The smallest change')
    const row = shown.find('table.moves tbody tr').text()
    expect(row).toContain('200\u00a0g')
    expect(row).toContain('180\u00a0g')
    expect(row).toContain('−20\u00a0g')
    expect(row).toContain('lowers water activity by about 0.03; 0.90 becomes 0.86')
    await shown
      .findAll('button')
      .find((b) => b.text() === 'Use it')!
      .trigger('click')
    const { bench } = useRecipe()
    expect(bench.value.changed).toBe(true)
    expect(bench.value.recipe.operations[0]!.lines![0]!.amount).toBe(180)
    expect(locked.value).toEqual([])
  })

  it('takes over what the whole piece wants of its filling', async () => {
    answering(() => ({
      outcome: 'MET',
      moves: [],
      operationMoves: [],
      says: [],
      missed: [],
      worthFreeing: [],
      wishes: [],
      recipe,
      before: {},
      after: {},
    }))
    route.query = { wish: 'SWEETNESS:21.5:27.4' }
    const { benchWords } = useRecipe()
    benchWords.value = {
      styles: [],
      qualities: [{ quality: 'SWEETNESS', words: 'sweetness', unit: 'PERCENT' }],
      wishes: [],
      keeps: [],
    } as never
    await balance()
    expect(JSON.parse(to('/balance').body).wishes).toContainEqual({
      quality: 'SWEETNESS',
      low: 21.5,
      high: 27.4,
    })
  })

  it('names the wishes that clash and how near they come', async () => {
    answering(() => ({
      outcome: 'CLASH',
      moves: [move],
      operationMoves: [],
      says: [],
      worthFreeing: [],
      missed: [
        {
          quality: 'SWEETNESS',
          words: 'sweetness',
          low: 0,
          high: 10,
          curesAll: true,
          reached: { name: 'sweetness', value: 22, unit: 'PERCENT' },
        },
      ],
      wishes: [],
      recipe,
      before: {},
      after: {},
    }))
    const shown = await balance()
    expect(shown.find('h1').text()).toBe('These wishes pull against each other')
    expect(shown.find('.missed').text()).toContain('nearest')
    expect(shown.find('.missed').text()).toContain('22\u00a0%')
    expect(shown.find('.missed').text()).toContain('all others are met')
  })

  it('says what cannot be asked and keeps what was typed', async () => {
    answering(
      () => ({ detail: 'locked is all 2 lines; allowed: at least one line left free to change' }),
      400,
    )
    const shown = await balance()
    expect(shown.find('.trouble').text()).toContain('locked is all 2 lines')
    expect(useRecipe().bench.value.recipe.name).toBe('Soft')
  })

  it('leaves a main ingredient alone until it is freed, and seasoning always', async () => {
    answering((url) =>
      url.endsWith('/balance')
        ? {
            outcome: 'NEAREST',
            moves: [move],
            operationMoves: [],
            says: [],
            missed: [],
            worthFreeing: [0],
            wishes: [],
            recipe,
            before: {},
            after: {},
          }
        : {},
    )
    useRecipe().bench.value.recipe.name = 'Looked at'
    await vi.waitFor(() => expect(useRecipe().sheet.value?.staying).toHaveLength(2), {
      timeout: 60_000,
    })
    const shown = await balance()
    const lines = () => shown.findAll('.locks button').filter((b) => /\d g/.test(b.text()))
    expect(lines()[0]!.text()).toContain('most of the filling')
    expect(lines()[0]!.text()).toContain('stays')
    expect(lines()[1]!.attributes('disabled')).toBeDefined()
    expect(shown.find('h1').text()).toBe('The nearest there is')
    asked.length = 0
    await shown
      .findAll('button')
      .find((b) => b.text().startsWith('Free '))!
      .trigger('click')
    await flushPromises()
    expect(JSON.parse(to('/balance').body).freed).toEqual([0])
    expect(lines()[0]!.text()).toContain('may move')
    await lines()[0]!.trigger('click')
    expect(lines()[0]!.text()).toContain('stays')
  })

  it('locks a line by a press', async () => {
    answering(() => ({}))
    useRecipe().sheet.value = null
    const shown = mount(BalanceBench, { global })
    const line = shown.findAll('.locks button')[1]!
    expect(line.text()).toContain('may move')
    await line.trigger('click')
    expect(line.text()).toContain('stays')
    expect(line.attributes('aria-pressed')).toBe('true')
  })
})

describe('another size', () => {
  it('asks for a weight and shows the recipe with its jar', async () => {
    answering(() => ({
      factor: 0.5,
      yieldG: 500,
      rounds: 2,
      says: [{ template: 'Too much for the vessel at once.', values: [] }],
      recipe,
      measured: [[{ grams: 180, spoons: [] }]],
      leftover: {
        name: 'Soft',
        grams: 60,
        made: '2026-11-24',
        useBy: '2026-11-30',
        keepCold: true,
        allergens: ['MILK'],
        ideas: [{ template: 'A sauce.', values: [] }],
      },
    }))
    const shown = mount(SizeIt, { global })
    await new Promise((r) => setTimeout(r, 150))
    await flushPromises()
    expect(JSON.parse(to('/scale').body).yieldG).toBe(500)
    expect(shown.find('h1').text()).toContain('0.50')
    expect(shown.find('h1').text()).toContain('in 2 rounds')
    expect(shown.find('.says').text()).toContain('Too much')
    expect(shown.find('.jar').text()).toContain('use by 2026-11-30')
    expect(shown.find('.jar').text()).toContain('Keep at 4.0\u00a0°C or colder')
    expect(shown.find('.jar').text()).toContain('milk')
  })
})
