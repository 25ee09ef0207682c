import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Ingredient } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import IngredientSheet from './IngredientSheet.vue'
import LabelPanel from './LabelPanel.vue'
import LotList from './LotList.vue'

enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())
const VDialog = { template: '<div><slot /></div>' }
const global = { plugins: [createVuetify()], stubs: { VDialog } }
const asked: { method: string; url: string; body: string }[] = []
beforeEach(() => (asked.length = 0))

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
const fresh: Ingredient = {
  id: 'own-1',
  name: '',
  densityGPerMl: 1,
  gramsPer100: {},
  fatPercent: 0,
  waterPercent: 0,
  allergens: [],
  couverture: null,
  source: { kind: 'WORKSHOP', citation: 'written down by the workshop', fromMemory: false },
  traits: { natures: [], estimated: false },
  labelInTheUnitedStates: [],
  bag: {},
  parts: [],
  archived: false,
  version: -1,
}
const open = async (ingredient: Ingredient) => {
  const shown = mount(IngredientSheet, {
    global,
    props: { modelValue: null as Ingredient | null },
  })
  await shown.setProps({ modelValue: ingredient })
  await flushPromises()
  return shown
}

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
    const shown = await open(fresh)
    expect(shown.find('h2').text()).toBe('New ingredient')
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
    const shown = await open({ ...fresh, name: 'Butter', gramsPer100: { WATER: 16 }, version: 4 })
    await put(shown, 'milk fat', '67')
    await put(shown, 'Price of a kilogram', '8.5')
    await press(shown, 'Save')
    const sent = JSON.parse(asked.find((a) => a.method === 'PUT')!.body)
    expect(sent.gramsPer100).toEqual({ WATER: 16, MILK_FAT: 67 })
    expect(sent.traits.pricePerKg).toBe(8.5)
    expect(sent.version).toBe(4)
    expect(shown.find('.trouble').text()).toContain('83.0 g in 100 g')
    expect(shown.text()).toContain('83.0 g so far')
    expect(shown.emitted('saved')).toBeUndefined()
  })

  it('somebody else changed can be saved over, knowingly', async () => {
    let version = 4
    answering((url, method) => {
      if (method === 'PUT') {
        return version === 5 ? [200, {}] : [409, { detail: 'somebody saved meanwhile' }]
      }
      return url.endsWith('/lots') ? [200, []] : [200, { ...fresh, version: 5 }]
    })
    const shown = await open({ ...fresh, name: 'Butter', gramsPer100: { WATER: 100 }, version })
    await press(shown, 'Save')
    expect(shown.find('.trouble').text()).toContain('somebody saved meanwhile')
    await press(shown, 'Save over the new state')
    version = 5
    await press(shown, 'Save')
    expect(JSON.parse(asked[asked.length - 1]!.body).version).toBe(5)
    expect(shown.emitted('saved')).toHaveLength(1)
  })
})

describe('lots', () => {
  it('are shown with their dates and added to', async () => {
    const lots = [{ code: 'A-17', bestBefore: '2027-02-01', grams: 2500, note: '' }]
    answering((_, method) => [
      200,
      method === 'POST'
        ? [...lots, { code: 'B-2', bestBefore: null, grams: null, note: '' }]
        : lots,
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
