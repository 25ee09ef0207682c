import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import InAndOut from './InAndOut.vue'

const json = (status: number, body: object) => new Response(JSON.stringify(body), { status })
const label = { house: 'Corner house', books: '28', madeAt: '2026-11-02T09:00:00Z' }

/** The page, and a house archive chosen on it. */
async function chosen(...answers: Response[]) {
  const asked = vi.fn()
  answers.forEach((answer) => asked.mockResolvedValueOnce(answer))
  vi.stubGlobal('fetch', asked)
  const page = mount(InAndOut, {
    global: { plugins: [createVuetify()], stubs: { ListInOut: true } },
  })
  const input = page.get('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['zip'], 'house.zip')] })
  await input.trigger('change')
  await flushPromises()
  const paths = () => asked.mock.calls.map((call) => call[0] as string)
  return { page, paths }
}

afterEach(() => vi.unstubAllGlobals())

describe('a whole house read in', () => {
  it('asks before rules, cabinets and tools go, and then does it', async () => {
    const { page, paths } = await chosen(
      json(409, { detail: 'This house has House rules of its own.', type: '/problems/in-the-way' }),
      json(200, label),
    )
    expect(page.text()).toContain('This house has House rules of its own.')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Let them go and read it in')!
      .trigger('click')
    await flushPromises()
    expect(paths()).toEqual(['/api/exchange/house?over=false', '/api/exchange/house?over=true'])
    expect(page.text()).toContain('Corner house is here')
    expect(page.text()).not.toContain('Let them go')
  })

  it('offers nothing where the house is not empty', async () => {
    const { page } = await chosen(
      json(400, { detail: 'this house is not empty: it has 24 moulds; allowed: an empty house' }),
    )
    expect(page.text()).toContain('24 moulds')
    expect(page.text()).not.toContain('Let them go')
  })

  it('says how far it is, and gives up when asked to', async () => {
    vi.useFakeTimers()
    let answer: (response: Response) => void = () => undefined
    const asked = vi.fn((input: RequestInfo) => {
      const path = typeof input === 'string' ? input : (input as Request).url
      if (path.includes('/house?')) return new Promise<Response>((done) => (answer = done))
      if (path.includes('/progress'))
        return Promise.resolve(json(200, { file: 'Corner house', done: 210, total: 840 }))
      return Promise.resolve(new Response(null, { status: 204 }))
    })
    vi.stubGlobal('fetch', asked)
    const page = mount(InAndOut, {
      global: { plugins: [createVuetify()], stubs: { ListInOut: true } },
    })
    const input = page.get('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File(['zip'], 'house.zip')] })
    await input.trigger('change')
    await vi.advanceTimersByTimeAsync(500)
    expect(page.text()).toContain('25 % is read')
    const cancel = page.findAll('button').find((b) => b.text() === 'Cancel')!
    await cancel.trigger('click')
    answer(
      json(409, {
        detail: 'The import was cancelled. Nothing was changed.',
        type: '/problems/cancelled',
      }),
    )
    await vi.advanceTimersByTimeAsync(100)
    const sent = asked.mock.calls.map(([i]) => (typeof i === 'string' ? i : (i as Request).url))
    expect(sent.some((path) => path.endsWith('/api/exchange/cancel'))).toBe(true)
    expect(page.text()).toContain('The import was cancelled. Nothing was changed.')
    expect(page.text()).not.toContain('is read')
    vi.useRealTimers()
  })
})
