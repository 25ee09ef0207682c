import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import { api, type Batch } from '@/api/client'
import StepNow from './StepNow.vue'

const note = (bandStatus: string, again: boolean) => ({
  id: 'n',
  at: '2026-11-02T09:00:00Z',
  value: 150,
  corrected: false,
  bandStatus,
  again,
  advice: { template: '', values: [] },
})
const task = (number: number, kind: string, title: string, more = {}) => ({
  number,
  kind,
  title,
  part: '',
  status: 'WAITING',
  say: { template: '', values: [] },
  reading: null,
  clock: null,
  atTheBowl: true,
  after: number > 1 ? [number - 1] : [],
  notes: [],
  remarks: [],
  ...more,
})
const seconds = {
  what: 'seconds to set',
  unit: 'SECOND',
  target: 60,
  band: { lowLimit: 0, low: 20, high: 120, highLimit: 180 },
}

const stubs = {
  BowlBeside: true,
  OtherTasks: true,
  PastNotes: true,
  RemarkSheet: true,
  StepClock: true,
  KeyPad: true,
  StepReading: true,
}

function bench(status: string, kind: string, notes: object[] = []) {
  const batch = {
    summary: { id: 'b', lot: 'L', pieceName: 'Plum & bay', pieces: 64 },
    step: 2,
    steps: [
      task(1, 'MELT', 'Melt', { status: 'DONE', doneBy: 'd' }),
      task(2, kind, 'This', { status, notes, reading: seconds }),
      task(3, 'CAST', 'Cast'),
    ],
  } as unknown as Batch
  return mount(StepNow, { props: { batch }, global: { plugins: [createVuetify()], stubs } })
}
const mainOf = (shown: ReturnType<typeof bench>) => shown.find('.main').text()
const against = (shown: ReturnType<typeof bench>) => shown.find('.anyway').exists()

describe('the main act is what the advice comes to', () => {
  it.each([
    ['READY', 'HOLD', [], 'Begin', false],
    ['UNDER_WAY', 'HOLD', [], 'Donenext: Cast', false],
    ['UNDER_WAY', 'HOLD', [note('TIGHT', false)], 'Donenext: Cast', false],
    ['UNDER_WAY', 'HOLD', [note('OFF', true)], 'Read againwhen it is mended', true],
    ['UNDER_WAY', 'HOLD', [note('OFF', true), note('IN_BAND', false)], 'Donenext: Cast', false],
    ['UNDER_WAY', 'TEST', [note('OFF', true)], 'Temper againfrom Melt', true],
    ['UNDER_WAY', 'WEIGH', [note('OFF', false)], 'Donenext: Cast', false],
  ])('%s %s after %j: %s', (status, kind, notes, words, small) => {
    const shown = bench(status, kind, notes)
    expect(mainOf(shown)).toBe(words)
    expect(against(shown)).toBe(small)
  })

  it('what is typed is written down before anything else', async () => {
    const shown = bench('UNDER_WAY', 'TEST', [note('OFF', true)])
    shown.getComponent({ name: 'StepReading' }).vm.$emit('update:modelValue', '95')
    await shown.vm.$nextTick()
    expect(mainOf(shown)).toBe('Note 95 s')
  })
})

describe('taking back', () => {
  afterEach(() => vi.restoreAllMocks())

  const key = (name: string) => window.dispatchEvent(new KeyboardEvent('keydown', { key: name }))
  /** A server that answers when it is told to. */
  function slowServer() {
    const answers: ((ok: boolean) => void)[] = []
    const post = vi.spyOn(api, 'POST').mockImplementation(
      (() =>
        new Promise((answer) =>
          answers.push((ok) =>
            answer({
              data: { summary: { id: 'other' }, entries: 1, serverNow: '2026-11-02T09:00:00Z' },
              response: new Response(null, { status: ok ? 200 : 503 }),
            }),
          ),
        )) as unknown as typeof api.POST,
    )
    const kinds = () =>
      post.mock.calls.map((call) => (call[1] as unknown as { body: { kind: string } }).body.kind)
    return { answers, kinds }
  }

  it.each([
    ['what is still being written, once it is on the record', true, ['DONE', 'UNDO']],
    ['nothing older when the writing failed', false, ['DONE']],
  ])('takes back %s', async (_, ok, kinds) => {
    const server = slowServer()
    const shown = bench('UNDER_WAY', 'HOLD')
    key(' ')
    await flushPromises()
    key('u')
    await flushPromises()
    expect(server.kinds()).toEqual(['DONE'])
    const batch = shown.props('batch')
    await shown.setProps({ batch: { ...batch, undo: { step: 2, id: 'e', what: 'done' } } as Batch })
    server.answers[0]!(ok)
    await flushPromises()
    expect(server.kinds()).toEqual(kinds)
  })
})

describe('an act of several entries', () => {
  afterEach(() => vi.restoreAllMocks())

  it('goes out as one request, with the same ids when it is sent again', async () => {
    const sent: { path: string; entries: { id: string; kind: string }[] }[] = []
    vi.spyOn(api, 'POST').mockImplementation(((path: string, with_: { body: never }) => {
      sent.push({ path, ...(with_.body as { entries: never }) })
      return Promise.reject(new TypeError('no line'))
    }) as unknown as typeof api.POST)
    const shown = bench('UNDER_WAY', 'TEST', [note('OFF', true)])
    const batch = shown.props('batch')
    const [melt, test, cast] = batch.steps
    const cooled = { ...melt!, kind: 'COOL', number: 2, doneBy: 'c' } as typeof melt
    const steps = [melt!, cooled!, { ...test!, number: 3 }, { ...cast!, number: 4 }]
    await shown.setProps({ batch: { ...batch, step: 3, steps } as Batch })
    for (let press = 0; press < 2; press++) {
      await shown.find('.main').trigger('click')
      await flushPromises()
    }
    expect(sent.map((one) => one.path)).toEqual(Array(2).fill('/api/batches/{id}/acts'))
    expect(sent[0]!.entries.map((entry) => entry.kind)).toEqual(['UNDO', 'UNDO'])
    expect(sent[1]).toEqual(sent[0])
  })
})
