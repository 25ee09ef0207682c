import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import ReadText from './ReadText.vue'

const global = { plugins: [createVuetify()] }

describe('a text as it was read', () => {
  it('is whole, and each part is marked by where it went', () => {
    const text = '200 g cream\nBoil it with a dragon.'
    const shown = mount(ReadText, {
      props: {
        text,
        spans: [
          { from: 0, to: 11, went: 'LINE' },
          { from: 12, to: 16, went: 'DONE' },
          { from: 27, to: 33, went: 'NOWHERE' },
        ],
      },
      global,
    })
    expect(shown.find('.text').text()).toBe(text)
    expect(shown.find('.text mark.line').text()).toBe('200 g cream')
    expect(shown.find('.text mark.done').text()).toBe('Boil')
    expect(shown.find('.text mark.nowhere').text()).toBe('dragon')
    expect(shown.findAll('.text mark')).toHaveLength(3)
  })
})
