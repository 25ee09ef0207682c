import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Batch, Step } from '@/api/client'
import { useBatches } from '@/parts/batches'
import BatchOver from './BatchOver.vue'
import KeyPad from './KeyPad.vue'
import LotClock from './LotClock.vue'
import OtherTasks from './OtherTasks.vue'
import StepClock from './StepClock.vue'
import StepReading from './StepReading.vue'

const global = { plugins: [createVuetify()] }
const reading: NonNullable<Step['reading']> = {
  what: 'temperature in the middle',
  unit: 'CELSIUS',
  target: 31.5,
  band: { lowLimit: 30, low: 31, high: 32, highLimit: 33 },
}
const low: Step['notes'][number] = {
  id: 'n',
  at: '2026-11-02T09:00:00Z',
  value: 30.4,
  corrected: false,
  bandStatus: 'TIGHT',
  again: false,
  advice: {
    template: '{value}, {out} under. {heat} at {power}, stir, read again.',
    values: [
      { name: 'value', value: 30.4, unit: 'CELSIUS' },
      { name: 'out', value: 0.6, unit: 'KELVIN' },
      { name: 'heat', value: 4, unit: 'SECOND' },
      { name: 'power', value: 600, unit: 'WATT' },
    ],
  },
}

describe('a batch that is over', () => {
  it.each([
    [0, 0, 'No readings.'],
    [1, 0, '1 reading, all in band and in time.'],
    [9, 2, '9 readings, 2 steps outside their band or their time.'],
  ])('with %d readings, %d of them out, says so', (readings, tight, said) => {
    const summary = {
      state: 'FINISHED',
      pieceName: 'Plum & bay',
      pieces: 64,
      lot: 'L1',
      readings,
      tight,
      off: 0,
    }
    const shown = mount(BatchOver, {
      props: { batch: { summary } as unknown as Batch },
      global: { ...global, stubs: { RouterLink: true } },
    })
    expect(shown.text()).toContain(said)
  })
})

describe('the reading of a step', () => {
  const show = (last: typeof low | null, text = '') =>
    mount(StepReading, { props: { reading, last, busy: false, modelValue: text }, global })

  it('shows where to aim before anything is read', () => {
    const step = show(null)
    expect(step.find('.big').text()).toBe('31.5°C')
    expect(step.text()).toContain('aim')
    expect(step.find('.advice').exists()).toBe(false)
  })

  it('shows the last reading, how it stands, and what to do', () => {
    const step = show(low)
    expect(step.find('.big').text()).toBe('30.4°C')
    expect(step.find('.state').text()).toBe('near the limit')
    expect(step.find('.advice').text()).toBe(
      '30.4\u00a0°C, 0.6° under. 4\u00a0s at 600\u00a0W, stir, read again.',
    )
  })

  it.each([
    ['31,4', 31.4, ''],
    ['', null, 'Type what you read, in °C.'],
    ['hot', null, '“hot” is not a number in °C.'],
  ])('reads %j as %s', async (text, value, words) => {
    const step = show(null, text)
    expect((step.vm as unknown as { read: () => number | null }).read()).toBe(value)
    await step.vm.$nextTick()
    expect(step.find('.trouble').exists() ? step.find('.trouble').text() : '').toBe(words)
  })

  it('notes on Enter', async () => {
    const step = show(null, '31')
    await step.find('input').trigger('keydown', { key: 'Enter' })
    expect(step.emitted('note')).toHaveLength(1)
  })
})

describe('the digits', () => {
  it('write into the field, one point at most', async () => {
    const pad = mount(KeyPad, {
      props: {
        modelValue: '',
        busy: false,
        'onUpdate:modelValue': (text: string) => pad.setProps({ modelValue: text }),
      },
      global,
    })
    const press = (label: string) =>
      pad
        .findAll('button')
        .find((b) => b.text() === label)!
        .trigger('click')
    for (const key of ['3', '1', '.', '.', '4', '5', '⌫']) await press(key)
    expect(pad.props('modelValue')).toBe('31.4')
    await press('Note 31.4')
    expect(pad.emitted('note')).toHaveLength(1)
  })

  it('have nothing to note while nothing is typed', () => {
    const pad = mount(KeyPad, { props: { modelValue: '', busy: false }, global })
    expect(pad.find('.note').attributes('disabled')).toBeDefined()
  })
})

describe('the clock of a step', () => {
  const clock = { shortestS: 60, targetS: 240, longestS: 900 }
  const after = (seconds: number) => {
    const began = new Date(useBatches().now.value - seconds * 1000).toISOString()
    return mount(StepClock, {
      props: { step: { begunAt: began } as Step, stepClock: clock },
      global,
    })
  }

  it.each([
    [10, 'not before', '3:50'],
    [100, 'to go', '2:20'],
    [300, 'time is up', '+1:00'],
    [1000, 'too long', '+12:40'],
  ])('after %d s says %s', (seconds, words, left) => {
    const shown = after(seconds)
    expect(shown.find('.words').text()).toContain(words)
    expect(shown.find('.left').text()).toBe(left)
  })
})

describe('the other tasks', () => {
  const now = useBatches().now.value
  const at = (seconds: number) => new Date(now + seconds * 1000).toISOString()
  const step = (number: number, status: string, more = {}) => ({
    number,
    title: `Task ${number}`,
    part: '',
    status,
    taken: [],
    ...more,
  })
  const show = (...steps: object[]) =>
    mount(OtherTasks, {
      props: { batch: { steps } as unknown as Batch, chosen: 1, busy: false },
      global,
    })

  it('under way and ready are one press away', async () => {
    const list = show(
      step(1, 'UNDER_WAY'),
      step(2, 'UNDER_WAY', {
        begunAt: at(-60),
        clock: { shortestS: 10, targetS: 240, longestS: 600 },
      }),
      step(3, 'READY'),
      step(4, 'WAITING'),
    )
    expect(list.text()).not.toContain('Task 1')
    expect(list.text()).not.toContain('Task 4')
    expect(list.find('.task .num').text()).toBe('3:00')
    await list.findAll('.task')[0]!.trigger('click')
    expect(list.emitted('choose')).toEqual([[2]])
    await list.find('.may .v-btn').trigger('click')
    expect(list.emitted('begin')).toEqual([[3]])
  })

  it('say until when one may wait, and what to do when it is too late', () => {
    const soon = show(step(2, 'READY', { latest: { at: at(125), late: 'test again' } }))
    expect(soon.text()).toContain('within 2:05')
    const late = show(step(2, 'READY', { latest: { at: at(-5), late: 'test again' } }))
    expect(late.find('.late').text()).toBe('test again')
    // Its moment runs already, though something else must be done first.
    const pressed = show(step(2, 'WAITING', { latest: { at: at(60), late: 'x' } }))
    expect(pressed.find('.pressing').text()).toContain('within 1:00')
  })

  it('say when one may not begin yet, and what is taken', () => {
    expect(show(step(2, 'READY', { earliest: at(1200) })).text()).toContain('not before')
    expect(show(step(2, 'READY', { taken: ['the bowl'] })).text()).toContain('the bowl is taken')
  })
})

describe('a lot of what is dipped and rolled', () => {
  const step = {
    number: 10,
    kind: 'DIP',
    say: {
      template: '',
      values: [
        { name: 'pieces', value: 10, unit: 'PIECE' },
        { name: 'lot', value: 4, unit: 'PIECE' },
        { name: 'skin', value: 1.5, unit: 'MINUTE' },
      ],
    },
  } as unknown as Step

  it('counts what is left of the first, and the lots, and keeps both over a reload', async () => {
    vi.useFakeTimers()
    try {
      localStorage.clear()
      const lot = mount(LotClock, { props: { step, batch: 'b' }, global })
      expect(lot.text()).toContain('4\u00a0pieces at a time')
      await lot.find('button').trigger('click')
      await vi.advanceTimersByTimeAsync(30_000)
      expect(lot.text()).toContain('1:00')
      expect(lot.text()).toContain('4 of 10\u00a0pieces')
      const again = mount(LotClock, { props: { step, batch: 'b' }, global })
      expect(again.text()).toContain('4 of 10\u00a0pieces')
      await vi.advanceTimersByTimeAsync(61_000)
      expect(lot.text()).toContain('It has set')
      await lot.find('button').trigger('click')
      await lot.find('button').trigger('click')
      expect(lot.text()).toContain('10 of 10\u00a0pieces')
    } finally {
      vi.useRealTimers()
    }
  })

  it('stays away where nothing has to be done before it sets', () => {
    const plain = { ...step, say: { template: '', values: [] } } as unknown as Step
    expect(mount(LotClock, { props: { step: plain, batch: 'c' }, global }).text()).toBe('')
  })
})
