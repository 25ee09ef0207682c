import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import TautString from './TautString.vue'

const band = { lowLimit: 30, low: 31, high: 32, highLimit: 33 }
const show = (value: number | null, more = {}) =>
  mount(TautString, { props: { name: 'bowl', unit: 'CELSIUS', band, value, ...more } })

describe('TautString', () => {
  it.each([
    [31.5, 'in_band', 'in band', 'circle'],
    [30.4, 'tight', 'near the limit, 0.6° under', 'path'],
    [34, 'off', 'out of range, 2.0° over', 'path.cross'],
  ])('says of %d in shape and words how it stands', (value, mark, words, shape) => {
    const string = show(value)
    expect(string.classes()).toContain(mark)
    expect(string.attributes('aria-label')).toContain(words)
    expect(string.find(`.bead ${shape}`).exists()).toBe(true)
  })

  it('states both limits and the good stretch', () => {
    const words = show(31.2)
      .findAll('text')
      .map((text) => text.text())
    expect(words).toEqual(['30.0', '33.0', '31.0 – 32.0'])
    expect(show(31.2).attributes('aria-label')).toContain('limits 30.0\u00a0°C to 33.0\u00a0°C')
  })

  it('shows where to aim while nothing has been read', () => {
    const string = show(null, { target: 31.5 })
    expect(string.find('.aim').exists()).toBe(true)
    expect(string.find('.bead').exists()).toBe(false)
    expect(string.classes()).toContain('still')
    expect(show(31.5, { target: 31.5 }).find('.aim').exists()).toBe(false)
  })

  it('draws the spread of a value that models differ about', () => {
    expect(
      show(31.5, { spread: [31.2, 31.9] })
        .find('.spread')
        .exists(),
    ).toBe(true)
    expect(show(31.5).find('.spread').exists()).toBe(false)
  })

  it('leaves the words out in a row of a table', () => {
    expect(show(31.5, { bare: true }).find('text').exists()).toBe(false)
  })
})
