import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Ingredient } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import IngredientForm from './IngredientForm.vue'
import LabelPanel from './LabelPanel.vue'
import LotList from './LotList.vue'

afterEach(() => vi.unstubAllGlobals())
const global = { plugins: [createVuetify()] }
const asked: { method: string; url: string; body: string }[] = []
beforeEach(() => {
  asked.length = 0
  localStorage.clear()
})

function answering(of: (url: string, method: string) => [number, unknown]) {
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push({ method: request.method, url: request.url, body: await request.text() })
    const [status, body] = of(request.url, request.method)
    return new Response(JSON.stringify(body), {
      status,
      headers: { 'content-type': status < 400 ? 'application/json' : 'application/problem+json' },
    })
  })
}
const put = async (shown: ReturnType<typeof mount>, label: string, value: string) => {
  const field = shown.findAllComponents(NumberField).find((f) => f.props('label') === label)
  expect(field, label).toBeDefined()
  await field!.find('input').setValue(value)
  await field!.find('input').trigger('blur')
}
const press = async (shown: ReturnType<typeof mount>, words: string) => {
  await shown
    .findAll('button')
    .find((b) => b.text() === words)!
    .trigger('click')
  await flushPromises()
}
const butter: Ingredient = {
  id: 'butter',
  name: 'Butter',
  densityGPerMl: 0.91,
  gramsPer100: { WATER: 16 },
  fatPercent: 0,
  waterPercent: 16,
  allergens: ['MILK'],
  couverture: null,
  source: { kind: 'WORKSHOP', citation: 'written down by the workshop', fromMemory: false },
  traits: { natures: [], estimated: false },
  labelInTheUnitedStates: [],
  bag: {},
  parts: [],
  archived: false,
  version: 4,
}
const open = async (ingredient: Ingredient | null, copied = false) => {
  const shown = mount(IngredientForm, { global, props: { ingredient, copied } })
  await flushPromises()
  return shown
}
const sent = () => JSON.parse(asked.filter((a) => a.method === 'PUT').at(-1)!.body)

describe('a label', () => {
  it('sends what it says, nothing for what it does not say, and hands the estimate on', async () => {
    answering(() => [200, { gramsPer100: { WATER: 2, LIQUID_OIL: 38 }, basis: 'shares by kind' }])
    const shown = mount(LabelPanel, { global })
    await press(shown, 'Estimate from a label')
    await put(shown, 'Fat', '38')
    await put(shown, 'Carbohydrate', '44')
    await put(shown, 'Protein', '9')
    await press(shown, 'Estimate the rest')
    const sent = JSON.parse(asked[0]!.body)
    expect(sent).toMatchObject({ fatG: 38, carbohydrateG: 44, proteinG: 9, fibreG: null })
    expect(shown.emitted('estimated')![0]).toEqual([{ WATER: 2, LIQUID_OIL: 38 }, 'shares by kind'])
  })

  it('says what on it cannot be', async () => {
    answering(() => [400, { detail: 'of which sugars is 60.0 g; allowed: 0 to 44 g' }])
    const shown = mount(LabelPanel, { global })
    await press(shown, 'Estimate from a label')
    await put(shown, 'of which sugars', '60')
    await press(shown, 'Estimate the rest')
    expect(shown.find('.trouble').text()).toContain('0 to 44 g')
    expect(shown.emitted('estimated')).toBeUndefined()
  })
})

describe('an ingredient', () => {
  it('of one’s own begins empty, without lots, and asks for its allergens once estimated', async () => {
    answering(() => [200, { gramsPer100: { WATER: 2, LIQUID_OIL: 98 }, basis: 'by kind' }])
    const shown = await open(null)
    expect(shown.find('h1').text()).toBe('New ingredient')
    expect(shown.text()).toContain('0.0 g so far')
    expect(shown.findComponent(LotList).exists()).toBe(false)
    expect(shown.find('.caution').exists()).toBe(false)
    await press(shown, 'Estimate from a label')
    await press(shown, 'Estimate the rest')
    expect(shown.text()).toContain('(estimated from a label)')
    expect(shown.text()).toContain('100.0 g so far')
    expect(shown.find('.caution').text()).toContain('No allergens are named')
  })

  it('is sent whole, and what was typed stays when it is refused', async () => {
    answering((_, method) =>
      method === 'PUT'
        ? [400, { detail: 'composition is 83.0 g in 100 g; allowed: 99 to 101' }]
        : [200, []],
    )
    const shown = await open(butter)
    await put(shown, 'milk fat', '67')
    await put(shown, 'Price of a kilogram', '8.5')
    await shown.find('form').trigger('submit')
    await flushPromises()
    expect(sent()).toMatchObject({
      gramsPer100: { WATER: 16, MILK_FAT: 67 },
      traits: { pricePerKg: 8.5 },
      version: 4,
    })
    expect(shown.find('.trouble').text()).toContain('83 g in 100 g')
    expect(shown.text()).toContain('83.0 g so far')
    expect(shown.emitted('saved')).toBeUndefined()
  })

  it('keeps what was typed until it is saved', async () => {
    answering(() => [200, []])
    const first = await open(butter)
    await put(first, 'pH', '6.6')
    first.unmount()
    const again = await open(butter)
    expect(again.text()).toContain('What you typed last time stands here again.')
    await again.find('form').trigger('submit')
    await flushPromises()
    expect(sent().traits.ph).toBe(6.6)
    expect(again.emitted('saved')).toEqual([['butter']])
    expect(localStorage.length).toBe(0)
  })

  it('somebody else changed stands beside what was typed, and is picked field by field', async () => {
    let first = true
    answering((url, method) => {
      if (method === 'PUT') {
        const answer: [number, unknown] = first
          ? [409, { detail: 'saved meanwhile', type: '/problems/stale' }]
          : [200, {}]
        first = false
        return answer
      }
      return url.includes('/lots')
        ? [200, { items: [] }]
        : [200, { ...butter, allergens: ['MILK', 'NUTS'], version: 5 }]
    })
    const shown = await open(butter)
    await put(shown, 'Density', '0.92')
    await shown.find('form').trigger('submit')
    await flushPromises()
    expect(shown.text()).toContain('Theirs: milk, nuts')
    await press(shown, 'Theirs: milk, nuts')
    await press(shown, 'Save these')
    expect(sent()).toMatchObject({ densityGPerMl: 0.92, allergens: ['MILK', 'NUTS'], version: 5 })
    expect(shown.emitted('saved')).toHaveLength(1)
  })

  it('copied is a new one, without lots and under an id of its own', async () => {
    answering(() => [200, []])
    const shown = await open(butter, true)
    expect(shown.findComponent(LotList).exists()).toBe(false)
    await shown.find('form').trigger('submit')
    await flushPromises()
    const put = asked.find((a) => a.method === 'PUT')!
    expect(put.url).toMatch(/\/api\/ingredients\/butter-2$/)
    expect(sent()).toMatchObject({ name: 'Butter 2', gramsPer100: { WATER: 16 }, version: null })
  })
})

describe('lots', () => {
  it('are shown with their dates and added to', async () => {
    const lots = [{ code: 'A-17', bestBefore: '2027-02-01', grams: 2500, note: '' }]
    answering((_, method) => [
      200,
      {
        items:
          method === 'POST'
            ? [...lots, { code: 'B-2', bestBefore: null, grams: null, note: '' }]
            : lots,
      },
    ])
    const shown = mount(LotList, { global, props: { ingredient: 'butter' } })
    await flushPromises()
    expect(shown.text()).toContain('best before 2027-02-01')
    expect(shown.text()).toContain('2\u202f500\u00a0g')
    await shown.find('input').setValue('B-2')
    await press(shown, 'Add the lot')
    expect(JSON.parse(asked[asked.length - 1]!.body)).toMatchObject({ code: 'B-2' })
    expect(shown.text()).toContain('no date')
  })
})
