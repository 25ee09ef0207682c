import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { routerKey } from 'vue-router'
import { createVuetify } from 'vuetify'
import type { Piece } from '@/api/client'
import DrawnPiece from './DrawnPiece.vue'
import HowMany from './HowMany.vue'
import PieceSheet from './PieceSheet.vue'

const push = vi.fn()
const global = {
  plugins: [createVuetify()],
  provide: { [routerKey as symbol]: { push } },
  stubs: {
    CouvertureFlow: true,
    FillingNeed: true,
    PieceSection: true,
    PieceTaste: true,
    TemperNeed: true,
    BesidePiece: true,
  },
}
const piece = {
  kind: 'MOULDED',
  id: 'plum-bay',
  name: 'Plum & bay',
  story: 'Dark, sprayed.',
  mould: 'Half spheres',
  cavitiesPerMould: 32,
  couvertureId: 'dark-66',
  archived: false,
  version: 1,
} as unknown as Piece
const needs = (moulds: number) => ({
  pieces: 32 * moulds,
  moulds,
  mouldsOwned: 6,
  turns: 1,
  steps: 19,
  remarks: [],
  fillings: [{ name: 'Plum ganache' }],
  inclusions: [],
  fetch: [{ ingredient: 'Cream 35 %', grams: 45 * moulds }],
  colours: [],
  allergens: ['MILK'],
  temper: { method: 'SEED' },
})

let asked: { url: URL; method: string; body: string }[] = []
let answer: (url: URL) => Promise<Response> | Response
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: {
      'content-type': status < 400 ? 'application/json' : 'application/problem+json',
    },
  })
beforeEach(() => {
  asked = []
  push.mockClear()
  answer = (url) => {
    if (url.pathname.endsWith('/needs')) return json(needs(Number(url.searchParams.get('moulds'))))
    if (url.pathname.endsWith('/bowls')) {
      return json({ items: [{ id: 'b1', name: 'Monday', couverture: 'dark-66' }], total: 1 })
    }
    return json({
      summary: { id: 'batch-1', state: 'RUNNING' },
      tasks: [],
      entries: 0,
      serverNow: '2026-11-27T10:00:00Z',
    })
  }
  vi.stubGlobal('fetch', async (request: Request) => {
    const url = new URL(request.url)
    asked.push({
      url,
      method: request.method,
      body: request.method === 'GET' ? '' : await request.text(),
    })
    return answer(url)
  })
})
afterEach(() => vi.unstubAllGlobals())

async function show() {
  const shown = mount(PieceSheet, { props: { piece }, global })
  await flushPromises()
  return shown
}
type Shown = Awaited<ReturnType<typeof show>>
const begin = (shown: Shown) => shown.findAll('button').find((b) => b.text().startsWith('Begin'))!
const needsAsked = () => asked.filter((a) => a.url.pathname.endsWith('/needs'))
const set = async (shown: Shown, count: number | null) => {
  shown.findComponent(HowMany).vm.$emit('update:count', count)
  await flushPromises()
}

describe('what a batch of a piece needs', () => {
  it('is asked for some moulds at once: what to fetch, and what it contains', async () => {
    const shown = await show()
    expect(needsAsked()[0]!.url.searchParams.get('moulds')).toBe('4')
    expect(shown.text()).toContain('Half spheres, 32 a mould.')
    expect(shown.find('.fetch').text()).toContain('Cream 35 %')
    expect(shown.find('.fetch').text()).toContain('180\u00a0g')
    expect(shown.find('.fetch .caution').text()).toContain('Contains milk.')
    expect(begin(shown).text()).toContain('128\u00a0pieces in 4\u00a0moulds')
  })

  it('follows the last number that was typed, however late another answer comes', async () => {
    const shown = await show()
    let late: (response: Response) => void = () => {}
    const usual = answer
    answer = (url) =>
      url.searchParams.get('moulds') === '5'
        ? new Promise((resolve) => (late = resolve))
        : usual(url)
    await set(shown, 5)
    await set(shown, 6)
    late(json(needs(5)))
    await flushPromises()
    expect(begin(shown).text()).toContain('6\u00a0moulds')
  })

  it('says why it cannot be, and does not begin then', async () => {
    const shown = await show()
    await set(shown, null)
    expect(shown.findComponent(HowMany).props('refused')).toContain('Type a whole number')
    expect(begin(shown).attributes('disabled')).toBeDefined()
    answer = () => json({ title: 'Not possible', status: 400, detail: 'moulds is 9000' }, 400)
    await set(shown, 9000)
    expect(shown.findComponent(HowMany).props('refused')).toBe('moulds is 9000')
    expect(begin(shown).attributes('disabled')).toBeDefined()
  })

  it('takes a filling that stands ready and a bowl in temper, and begins with them', async () => {
    const shown = await show()
    await shown
      .findAll('.made button')
      .find((b) => b.text() === 'It stands ready')!
      .trigger('click')
    shown.findComponent({ name: 'VSelect' }).vm.$emit('update:modelValue', 'b1')
    await flushPromises()
    const last = needsAsked().at(-1)!.url.searchParams
    expect(last.get('fillings')).toBe('READY')
    expect(last.get('bowl')).toBe('IN_TEMPER')
    expect(shown.text()).toContain('That bowl is tested on paper before it is cast')
    await begin(shown).trigger('click')
    await flushPromises()
    const post = asked.find((a) => a.method !== 'GET')!
    expect(JSON.parse(post.body)).toMatchObject({
      piece: 'plum-bay',
      moulds: 4,
      fillings: 'READY',
      bowl: 'b1',
    })
    expect(push).toHaveBeenCalledWith('/bench/batch-1')
  })
})

describe('a piece while it is written', () => {
  it('shows what one weighs, and that what is drawn is from before', () => {
    const drawn = {
      ...piece,
      whole: { name: 'whole', value: 6.66, unit: 'GRAM' },
      parts: [
        { name: 'Shell', value: 2.1, unit: 'GRAM' },
        { name: 'Plum ganache', value: 3.6, unit: 'GRAM' },
      ],
    } as unknown as Piece
    const shown = mount(DrawnPiece, {
      props: { piece: drawn, old: true, own: 'plum-bay' },
      slots: { default: '<i>between</i>' },
      global,
    })
    expect(shown.find('.weight').text()).toBe('6.7\u00a0g')
    expect(shown.text()).toContain('one piece: shell 2.1\u00a0g, plum ganache 3.6\u00a0g')
    expect(shown.find('piece-section-stub').classes()).toContain('old')
    expect(shown.html().indexOf('between')).toBeLessThan(shown.html().indexOf('beside-piece-stub'))
    expect(shown.find('beside-piece-stub').attributes('own')).toBe('plum-bay')
  })
})
