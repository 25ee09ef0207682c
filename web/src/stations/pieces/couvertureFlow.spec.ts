import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Needs, Piece } from '@/api/client'
import CouvertureFlow from './CouvertureFlow.vue'

it('says how much of which couverture the bowl of the caps wants', () => {
  const grams = (value: number) => ({
    name: 'x',
    value,
    unit: 'GRAM',
    basis: { inputs: [], sources: [] },
  })
  const needs = {
    toMelt: grams(951),
    comesBack: grams(597),
    kept: [],
    cap: { caps: true, couverture: 'Evening mixture', toMelt: grams(308) },
  } as unknown as Needs
  const piece = { whole: grams(12.2), parts: [], couvertureKind: 'DARK' } as unknown as Piece
  const flow = mount(CouvertureFlow, {
    props: { needs, piece } as never,
    global: { plugins: [createVuetify()], stubs: { BasisButton: true } },
  })
  expect(flow.text()).toMatch(/For the caps: 308\s+g of\s+Evening mixture, in a bowl of its own\./)
})
