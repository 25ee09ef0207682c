import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { createVuetify } from 'vuetify'
import type { Curve } from '@/api/client'
import TemperCalculator from './TemperCalculator.vue'
import BowlActs from './BowlActs.vue'
import CurveSteps from './CurveSteps.vue'
import { METHODS } from './methods'
import PlanCurve from './PlanCurve.vue'

const global = { plugins: [createVuetify()] }
const band = { lowLimit: 30, low: 31, high: 32, highLimit: 33 }
const phase = {
  kind: 'COOL' as const,
  words: 'cool',
  startS: 1200,
  endS: 1920,
  fromC: 47,
  toC: 26.5,
  band,
  say: {
    template: 'Stand the bowl in water of {bath} and stir down to {to}.',
    values: [
      { name: 'bath', value: 14, unit: 'CELSIUS' as const },
      { name: 'to', value: 26.5, unit: 'CELSIUS' as const },
    ],
  },
  read: { template: 'Read every half minute.', values: [] },
  caution: { template: 'No drop of water into the chocolate.', values: [] },
}
const curve = {
  phases: [phase, { ...phase, kind: 'HOLD' as const, words: 'hold', caution: null }],
  risks: [{ template: 'The wall sets first.', values: [] }],
} as unknown as Curve

describe('the steps of a curve', () => {
  it('say what to do, for how long, and where it hurts', () => {
    const steps = mount(CurveSteps, { props: { curve }, global })
    const first = steps.findAll('li')[0]!
    expect(first.text()).toContain('12:00')
    expect(first.text()).toContain('47.0\u00a0°C → 26.5\u00a0°C')
    expect(first.text()).toContain('Stand the bowl in water of 14.0\u00a0°C')
    expect(first.find('.caution').text()).toContain('No drop of water')
    expect(steps.findAll('.caution')).toHaveLength(1)
    expect(steps.text()).toContain('The wall sets first.')
  })
})

describe('what is done at a bowl', () => {
  const acts = (typed: boolean) => mount(BowlActs, { props: { typed, massG: 3000 }, global })
  const press = (bowl: ReturnType<typeof acts>, words: string) =>
    bowl
      .findAll('button')
      .find((b) => b.text() === words)!
      .trigger('click')
  const enter = async (bowl: ReturnType<typeof acts>, text: string) => {
    await bowl.find('input').setValue(text)
    await bowl.find('form').trigger('submit')
  }

  it('asks for the number where there is one, comma or point', async () => {
    const bowl = acts(false)
    await press(bowl, 'Seed stirred in')
    await enter(bowl, '90,5')
    expect(bowl.emitted('act')).toEqual([['SEED', 90.5]])
    expect(bowl.find('form').exists()).toBe(false)
  })

  it('sends seconds on the stone with the share of practice', async () => {
    const bowl = acts(false)
    await press(bowl, 'Tabled, two thirds')
    await enter(bowl, '300')
    expect(bowl.emitted('act')).toEqual([['TABLED', 2 / 3, 300]])
  })

  it('needs no number for what is seen', async () => {
    const bowl = acts(false)
    await press(bowl, 'Streaks')
    expect(bowl.emitted('act')).toEqual([['STREAKS']])
  })

  it('offers typing only where no probe reads', async () => {
    expect(acts(false).text()).not.toContain('Note a temperature')
    const bowl = acts(true)
    await press(bowl, 'Note a temperature')
    await enter(bowl, '31.4')
    expect(bowl.emitted('read')).toEqual([[31.4]])
  })

  it('keeps what was typed and names what is no number', async () => {
    const bowl = acts(true)
    await press(bowl, 'Heated')
    await enter(bowl, 'a bit')
    expect(bowl.find('[role=alert]').text()).toBe('“a bit” is not a number.')
    expect(bowl.find('input').element.value).toBe('a bit')
    expect(bowl.emitted('act')).toBeUndefined()
  })
})

describe('questions asked of a bowl', () => {
  afterEach(() => vi.unstubAllGlobals())
  const asked: { url: string; body: unknown }[] = []
  const answering = (status: number, answer: unknown) =>
    vi.stubGlobal('fetch', async (request: Request) => {
      const body: unknown = request.method === 'POST' ? await request.json() : null
      asked.push({ url: request.url, body })
      return new Response(JSON.stringify(answer), {
        status,
        headers: { 'Content-Type': 'application/json' },
      })
    })
  const figure = {
    name: 'heat in all',
    value: 42,
    unit: 'SECOND',
    bandStatus: 'IN_BAND',
    basis: { formula: 'f', inputs: [], sources: [], validity: '', withinValidity: true },
  }
  const ways = () =>
    mount(TemperCalculator, {
      props: { couverture: 'dark-66', massG: 2400, vessel: 'STEEL_BOWL' },
      global,
    })
  const settled = async () => {
    await new Promise((done) => setTimeout(done, 20))
    await nextTick()
  }

  it('sends the bowl of the plan and shows the figures', async () => {
    answering(200, [figure])
    const view = ways()
    await view.find('form').trigger('submit')
    await settled()
    expect(asked[asked.length - 1]!.body).toMatchObject({
      couverture: 'dark-66',
      massG: 2400,
      question: 'HEAT_FOR_TEMPERATURE',
      fromC: 40,
      value: 47,
    })
    expect(view.find('.answer').text()).toContain('heat in all')
    expect(view.find('.answer').text()).toContain('42')
  })

  it('says in words what cannot be done', async () => {
    answering(400, { detail: 'temperature wanted is 80 °C; allowed: 40 to 55 °C' })
    const view = ways()
    await view.find('form').trigger('submit')
    await settled()
    expect(view.find('.trouble').text()).toContain('allowed: 40 to 55 °C')
    expect(view.find('.answer').text()).toBe('')
  })
})

describe('the plan of a curve in an empty house', () => {
  afterEach(() => vi.restoreAllMocks())
  it('shows the way to the Larder and asks for no curve', async () => {
    const asked: string[] = []
    vi.spyOn(globalThis, 'fetch').mockImplementation(async (input) => {
      asked.push(new URL((input as Request).url).pathname)
      return new Response(JSON.stringify({ items: [], total: 0 }), {
        headers: { 'Content-Type': 'application/json' },
      })
    })
    const plan = mount(PlanCurve, { global })
    await vi.waitFor(() => expect(plan.find('h1').text()).toBe('No couverture yet'))
    expect(plan.find('form').exists()).toBe(false)
    await new Promise((done) => setTimeout(done, 300))
    expect(plan.text()).toContain('To the Larder')
    expect(asked).toContain('/api/ingredients')
    expect(asked).not.toContain('/api/temper/curves')
  })
})

it('names every method there is once', () => {
  expect(new Set(METHODS.map((m) => m.id)).size).toBe(8)
  expect(METHODS.every((m) => m.words.length > 4)).toBe(true)
})
