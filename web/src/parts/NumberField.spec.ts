import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import NumberField from './NumberField.vue'

const field = (value: number | null, factor?: number) =>
  mount(NumberField, {
    props: { label: 'Room', unit: 'CELSIUS', modelValue: value, factor },
    global: { plugins: [createVuetify()] },
  })

describe('NumberField', () => {
  it('shows what it is given, shares as per cent', () => {
    expect((field(20.5).find('input').element as HTMLInputElement).value).toBe('20.5')
    expect((field(0.08, 100).find('input').element as HTMLInputElement).value).toBe('8')
  })

  it('gives out numbers, with point or comma', async () => {
    const room = field(20)
    await room.find('input').setValue('21,5')
    expect(room.emitted('update:modelValue')?.at(-1)).toEqual([21.5])
    const share = field(0.08, 100)
    await share.find('input').setValue('12')
    expect(share.emitted('update:modelValue')?.at(-1)).toEqual([0.12])
  })

  it('keeps what is no number, says so, and gives out nothing', async () => {
    const room = field(20)
    await room.find('input').setValue('cosy')
    expect(room.emitted('update:modelValue')?.at(-1)).toEqual([null])
    await room.setProps({ modelValue: null })
    expect((room.find('input').element as HTMLInputElement).value).toBe('cosy')
    expect(room.text()).toContain('“cosy” is not a number')
  })
})
