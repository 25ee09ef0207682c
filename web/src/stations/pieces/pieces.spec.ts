import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Needs, Piece } from '@/api/client'
import HowMany from './HowMany.vue'
import PieceSection from './PieceSection.vue'

const needs = { pieces: 128, moulds: 4, mouldsOwned: 6, steps: 19 } as Needs

describe('how many', () => {
  const show = (more = {}) =>
    mount(HowMany, { props: { count: 4, by: 'moulds', needs, refused: '', ...more } })

  it('steps up and down, never below one', async () => {
    const many = show()
    const [less, more] = [many.findAll('.row button')[0]!, many.findAll('.row button')[1]!]
    await more.trigger('click')
    expect(many.emitted('update:count')?.at(-1)).toEqual([5])
    await many.setProps({ count: 1 })
    await less.trigger('click')
    expect(many.emitted('update:count')?.at(-1)).toEqual([1])
  })

  it('changes from moulds to the pieces they hold', async () => {
    const many = show()
    await many.findAll('.choice button')[1]!.trigger('click')
    expect(many.emitted('update:by')?.at(-1)).toEqual(['pieces'])
    expect(many.emitted('update:count')?.at(-1)).toEqual([128])
  })

  it('gives out whole numbers only, and keeps what was typed', async () => {
    const many = show()
    await many.find('input').setValue('2.5')
    expect(many.emitted('update:count')?.at(-1)).toEqual([null])
    expect((many.find('input').element as HTMLInputElement).value).toBe('2.5')
  })

  it('says so when there are not enough moulds', () => {
    expect(show().text()).not.toContain('cast in turns')
    expect(show({ needs: { ...needs, moulds: 9 } }).text()).toContain('You have 6: cast in turns.')
  })
})

describe('the cutaway', () => {
  const half = (r: number, from = 0) =>
    [0, 0.5, 1].map((part) => ({
      depthMm: from + (r - from) * part,
      halfWidthMm: Math.sqrt(r * r - (from + (r - from) * part) ** 2),
    }))
  const piece = {
    kind: 'MOULDED',
    name: 'Plum & bay',
    couvertureKind: 'DARK',
    colour: 'plum',
    section: {
      outer: half(14),
      regions: [
        { role: 'SHELL', name: 'shell', measure: 1.6, unit: 'MILLIMETRE', outline: half(14) },
        {
          role: 'FILLING',
          name: 'Plum ganache',
          measure: 3.6,
          unit: 'GRAM',
          outline: half(12.4, 1.8),
        },
        {
          role: 'CAP',
          name: 'cap, head room',
          measure: 1.8,
          unit: 'MILLIMETRE',
          outline: half(12.4).slice(0, 2),
        },
      ],
      flecks: [],
    },
  } as unknown as Piece
  const tablet = {
    kind: 'SOLID',
    name: 'Tablet',
    couvertureKind: 'DARK',
    section: {
      outer: [
        { depthMm: 0, halfWidthMm: 75 },
        { depthMm: 9, halfWidthMm: 73 },
      ],
      regions: [
        {
          role: 'SOLID',
          name: 'couverture',
          measure: 110,
          unit: 'GRAM',
          outline: [
            { depthMm: 0, halfWidthMm: 75 },
            { depthMm: 9, halfWidthMm: 73 },
          ],
        },
      ],
      flecks: [{ depthMm: 4, acrossMm: -20, radiusMm: 2 }],
    },
  } as unknown as Piece

  it('draws a piece cast full with what lies in it, its words below', () => {
    const drawing = mount(PieceSection, { props: { piece: tablet } })
    expect(drawing.findAll('.fleck')).toHaveLength(1)
    expect(drawing.find('.labels text').text().replace(/\s+/g, ' ')).toBe('110 g couverture')
    const y = Number(drawing.find('.labels text').attributes('y'))
    expect(y).toBeGreaterThan(9)
  })

  it('names every part with its measure', () => {
    const drawing = mount(PieceSection, { props: { piece } })
    const words = drawing.findAll('.labels text').map((t) => t.text().replace(/\s+/g, ' '))
    expect(words).toEqual(['1.6 mm shell', '3.6 g plum ganache', '1.8 mm cap, head room'])
    expect(drawing.find('.scale text').text().replace(/\s+/g, ' ')).toBe(
      '28.0 mm wide, 14.0 mm tall',
    )
    expect(drawing.attributes('aria-label')).toBe('Plum & bay, cut through, to scale')
  })

  it('draws the same scale across as along', () => {
    const [x, , width] = mount(PieceSection, { props: { piece, bare: true } })
      .attributes('viewBox')!
      .split(' ')
      .map(Number)
    expect(x).toBe(-16)
    expect(width).toBe(32)
  })

  it('colours only what is sprayed', () => {
    expect(mount(PieceSection, { props: { piece } }).find('.colour').exists()).toBe(true)
    const plain = { ...piece, colour: undefined }
    expect(
      mount(PieceSection, { props: { piece: plain } })
        .find('.colour')
        .exists(),
    ).toBe(false)
  })
})
