import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import CutDrawing from './CutDrawing.vue'

describe('what is cut, from above', () => {
  it('is drawn to scale, rectangles and rounds', () => {
    const drawing = mount(CutDrawing, {
      props: {
        length: 100,
        width: 60,
        rectangles: [{ x: 5, y: 5, wide: 25, deep: 20 }],
        rounds: [{ x: 50, y: 30 }],
        across: 30,
        spoken: 'The slab from above',
      },
    })
    const svg = drawing.find('svg')
    expect(svg.attributes('viewBox')).toBe('-1 -1 102 62')
    expect(svg.attributes('aria-label')).toBe('The slab from above')
    const piece = drawing.find('rect.piece')
    expect(piece.attributes('width')).toBe('25')
    expect(piece.attributes('height')).toBe('20')
    expect(drawing.find('circle.piece').attributes('r')).toBe('15')
  })
})
