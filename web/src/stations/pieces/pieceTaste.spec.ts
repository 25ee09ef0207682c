import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import PieceTaste from './PieceTaste.vue'

const taste = (more = {}) => ({
  kind: 'DARK',
  filled: true,
  ofOthers: 3,
  tastings: [],
  tastes: [
    {
      what: 'SWEETNESS',
      quality: 'SWEETNESS',
      says: {
        template: 'Sweeter than it is liked here: {low} to {high}.',
        values: [
          { name: 'low', value: 27, unit: 'PERCENT' },
          { name: 'high', value: 33, unit: 'PERCENT' },
        ],
      },
      figure: {
        name: 'sweetness of the whole piece',
        value: 37,
        unit: 'PERCENT',
        band: { lowLimit: 24, low: 27, high: 33, highLimit: 36 },
        bandStatus: 'OFF',
        basis: { formula: 'f', inputs: [], sources: [], validity: '', withinValidity: true },
      },
      fillings: [{ id: 'plum-ganache', name: 'Plum ganache', now: 35, low: 21.04, high: 29.98 }],
    },
  ],
  ...more,
})

let sent: { url: string; method: string; body: string }[] = []
function answering(answer: () => unknown) {
  sent = []
  vi.stubGlobal('fetch', async (request: Request) => {
    sent.push({
      url: request.url,
      method: request.method,
      body: request.method === 'GET' ? '' : await request.text(),
    })
    return new Response(JSON.stringify(answer()), {
      headers: { 'Content-Type': 'application/json' },
    })
  })
}
afterEach(() => vi.unstubAllGlobals())

async function show() {
  const shown = mount(PieceTaste, {
    props: { id: 'plum-bay' },
    global: { plugins: [createVuetify()], stubs: { FigureString: true } },
  })
  await flushPromises()
  return shown
}
const press = (shown: Awaited<ReturnType<typeof show>>, words: string, nth = 0) =>
  shown
    .findAll('button')
    .filter((b) => b.text() === words)
    [nth]!.trigger('click')

describe('how a piece tastes', () => {
  it('says what the filling would have to be, and leads to its balance', async () => {
    answering(() => taste())
    const shown = await show()
    expect(shown.text()).toContain('Sweeter than it is liked here: 27\u00a0% to 33\u00a0%.')
    expect(shown.text()).toContain('Plum ganache would have to lie between 21\u00a0% and 30\u00a0%')
    // Rounded inwards: what is balanced to it is within.
    expect(shown.findComponent({ name: 'VBtn' }).props('to')).toBe(
      '/fillings/balance/plum-ganache?wish=SWEETNESS:21.1:29.9',
    )
    expect(shown.text()).toContain('all filled pieces in dark couverture count: 3 of other pieces')
  })

  it('notes what was pressed, once something was', async () => {
    answering(() => taste())
    const shown = await show()
    const note = () => shown.findAll('button').find((b) => b.text() === 'Note the tasting')!
    expect(note().attributes('disabled')).toBeDefined()
    await press(shown, 'too much', 0)
    await press(shown, 'just right', 1)
    expect(note().attributes('disabled')).toBeUndefined()
    await shown.find('form').trigger('submit')
    await flushPromises()
    const post = sent.find((s) => s.method === 'POST')!
    expect(post.url).toContain('/api/pieces/plum-bay/tastings')
    expect(JSON.parse(post.body)).toEqual({
      id: expect.any(String),
      sweet: 'TOO_MUCH',
      bitter: 'RIGHT',
      score: null,
      words: '',
    })
    // Pressed anew for the next piece.
    expect(note().attributes('disabled')).toBeDefined()
  })

  it('lets a tasting no longer count', async () => {
    answering(() =>
      taste({
        tastings: [
          {
            id: 't1',
            notedAt: '2026-11-20T10:00:00Z',
            sweet: 'TOO_MUCH',
            score: 6,
            words: 'after lunch',
            counts: true,
          },
        ],
      }),
    )
    const shown = await show()
    expect(shown.find('table').text()).toContain('sweet: too much, 6 of 10, after lunch')
    await press(shown, 'counts')
    await flushPromises()
    const put = sent.find((s) => s.method === 'PUT')!
    expect(put.url).toContain('/tastings/t1')
    expect(JSON.parse(put.body)).toEqual({ counts: false })
  })
})
