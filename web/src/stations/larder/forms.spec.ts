import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import type { BagLabel, Ingredient, MouldShape } from '@/api/client'
import TwoStates from '@/parts/TwoStates.vue'
import * as couverture from './couvertureForm'
import * as mould from './mouldForm'
import OutlineBoard from './OutlineBoard.vue'

const global = { plugins: [createVuetify()] }
const asks = (...list: [string, string, number][]): MouldShape['asks'] =>
  list.map(([ask, words, usual]) => ({
    ask: ask as MouldShape['asks'][number]['ask'],
    words,
    unit: 'MILLIMETRE',
    usual,
  }))
const CONE: MouldShape = {
  shape: 'FRUSTUM',
  words: 'Cone, cut off',
  asks: asks(['LENGTH', 'Diameter', 30], ['FLOOR', 'Floor', 22], ['DEPTH', 'Depth', 16]),
}
const TURNED: MouldShape = {
  shape: 'TURNED',
  words: 'Round, own profile',
  asks: asks(['OUTLINE', 'Profile', 0]),
}

describe('a mould in the form', () => {
  it('asks for what another shape needs, and keeps what was measured', () => {
    const next = mould.ofShape(mould.begun(null), CONE)
    expect(next).toMatchObject({ shape: 'FRUSTUM', lengthMm: 28, floorMm: 22, depthMm: 16 })
    expect(mould.missing(next, CONE)).toBe('')
    expect(mould.missing({ ...next, floorMm: null }, CONE)).toBe('Floor is missing.')
    expect(mould.missing({ ...next, cavities: null }, CONE)).toContain('cavities')
  })

  it('begins a drawn shape with a line to pull at, and keeps one already drawn', () => {
    const drawn = mould.ofShape(mould.begun(null), TURNED)
    expect(drawn.outline[0]).toEqual({ acrossMm: 15, downMm: 0 })
    const own = [
      { acrossMm: 9, downMm: 0 },
      { acrossMm: 0, downMm: 9 },
    ]
    expect(mould.ofShape({ ...drawn, outline: own }, TURNED).outline).toEqual(own)
  })
})

describe('the board an outline is drawn on', () => {
  const board = (kind: 'profile' | 'opening') =>
    mount(OutlineBoard, {
      global,
      props: {
        kind,
        modelValue: [
          { acrossMm: 10, downMm: 0 },
          { acrossMm: 8, downMm: 6 },
          { acrossMm: 0, downMm: 9 },
        ],
      },
    })
  const last = (shown: ReturnType<typeof board>) =>
    shown.emitted('update:modelValue')!.at(-1)![0] as { acrossMm: number; downMm: number }[]

  it('moves a point by half a millimetre a key; the rim stays at the rim', async () => {
    const shown = board('profile')
    const points = shown.findAll('[role=slider]')
    await points[1]!.trigger('keydown', { key: 'ArrowDown' })
    expect(last(shown)[1]).toEqual({ acrossMm: 8, downMm: 6.5 })
    await points[0]!.trigger('keydown', { key: 'ArrowDown' })
    expect(last(shown)[0]).toEqual({ acrossMm: 10, downMm: 0 })
    await points[2]!.trigger('keydown', { key: 'ArrowLeft' })
    expect(last(shown)[2]!.acrossMm).toBe(0)
  })

  it('adds a point in the middle of the chosen stretch, and takes one away', async () => {
    const shown = board('opening')
    await shown.findAll('[role=slider]')[0]!.trigger('focus')
    const button = (words: string) => shown.findAll('button').find((b) => b.text() === words)!
    await button('Add a point').trigger('click')
    expect(last(shown)).toHaveLength(4)
    expect(last(shown)[1]).toEqual({ acrossMm: 9, downMm: 3 })
    await button('Remove point 2').trigger('click')
    expect(last(shown)).toHaveLength(3)
    expect(button('Remove point 1').attributes('disabled')).toBeDefined()
  })
})

describe('a couverture in the form', () => {
  const worked = {
    gramsPer100: { COCOA_BUTTER: 42, SUCROSE: 28 },
    densityGPerMl: 1.21,
    basis: 'mass balance',
  } as unknown as BagLabel
  const own = {
    name: 'House dark',
    couverture: 'DARK',
    densityGPerMl: 1.24,
    gramsPer100: { COCOA_BUTTER: 40, COCOA_SOLIDS: 26, SUCROSE: 32.8 },
    fatPercent: 40.4,
    asOnABag: {
      cocoaPercent: 66,
      cocoaButterPercent: 40,
      fatPercent: 40.4,
      sugarsPercent: 32.8,
      sugarPercent: 32.8,
      milkSolidsPercent: 0,
      milkFatPercent: 0,
    },
    allergens: ['SOYA'],
    traits: { natures: [], estimated: false, ph: 5.6 },
    source: { citation: 'recipe of the house', fromMemory: false },
    bag: { fluidity: 'THIN', workC: 31 },
  } as unknown as Ingredient

  it('reads the label back from the books', () => {
    expect(couverture.begun(own)).toMatchObject({
      cocoaPercent: 66,
      fatPercent: 40.4,
      sugarsPercent: 32.8,
      milkFatPercent: null,
      fluidity: 'THIN',
      workC: 31,
    })
  })

  it('keeps a written composition while the label stays, and takes the new one when it changes', () => {
    const form = { ...couverture.begun(own), pricePerKg: 15 }
    const kept = couverture.draftOf(form, 3, own, worked)
    expect(kept.gramsPer100).toEqual(own.gramsPer100)
    expect(kept.traits).toMatchObject({ ph: 5.6, pricePerKg: 15, estimated: false })
    const changed = couverture.draftOf({ ...form, fatPercent: 42 }, 3, own, worked)
    expect(changed.gramsPer100).toEqual(worked.gramsPer100)
    expect(changed.traits?.estimated).toBe(true)
  })

  it('wants the three numbers of the bag', () => {
    const form = couverture.begun(null)
    expect(couverture.missing(form)).toContain('cocoa')
    expect(couverture.missing({ ...form, cocoaPercent: 70, fatPercent: 42 })).toContain('sugars')
  })

  it('asks a white bag for what white bags print', () => {
    const form = { ...couverture.begun(null), kind: 'WHITE' as const }
    expect(couverture.missing(form)).toContain('cocoa butter')
    const white = { ...form, cocoaButterPercent: 29, milkSolidsPercent: 22 }
    expect(couverture.missing(white)).toContain('sugar')
    const label = couverture.labelOf({ ...white, sugarPercent: 45, cocoaPercent: 66 })
    expect(label).toMatchObject({ cocoaButterPercent: 29, milkSolidsPercent: 22, sugarPercent: 45 })
    expect(label).not.toHaveProperty('cocoaPercent')
  })
})

describe('two states of one thing', () => {
  it('shows only what differs, mine unless theirs is picked', async () => {
    const shown = mount(TwoStates<{ name: string; wide: number; same: number }>, {
      global,
      props: {
        mine: { name: 'mine', wide: 3, same: 1 },
        theirs: { name: 'theirs', wide: 4, same: 1 },
        fields: [
          { key: 'name', words: 'Name' },
          { key: 'wide', words: 'Width', say: (v: number) => `${v} mm` },
          { key: 'same', words: 'Same' },
        ] as never,
      },
    })
    expect(shown.text()).toContain('Yours: 3 mm')
    expect(shown.text()).not.toContain('Same')
    const button = (words: string) => shown.findAll('button').find((b) => b.text() === words)!
    await button('Theirs: 4 mm').trigger('click')
    await button('Save these').trigger('click')
    expect(shown.emitted('settled')![0]).toEqual([{ name: 'mine', wide: 4, same: 1 }])
  })
})
