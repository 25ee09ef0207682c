import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Batch } from '@/api/client'
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
