import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import { VSelect } from 'vuetify/components'
import LanguageChoice from './LanguageChoice.vue'

const there = vi.hoisted(() => ({ codes: ['en'] }))
vi.mock('@/words', async (real) => ({
  ...(await real<typeof import('@/words')>()),
  languages: () => there.codes,
}))

const shown = () => mount(LanguageChoice, { global: { plugins: [createVuetify()] } })

describe('the choice of a language', () => {
  beforeEach(() => localStorage.clear())

  it('is no choice while there is one', () => {
    there.codes = ['en']
    expect(shown().findComponent(VSelect).exists()).toBe(false)
  })

  it('names each in its own words, keeps what is chosen and begins anew', () => {
    there.codes = ['en', 'fr']
    const reload = vi.fn()
    vi.stubGlobal('location', { ...window.location, reload })
    const select = shown().findComponent(VSelect)
    expect(select.props('items')).toEqual([
      { id: 'en', words: 'English' },
      { id: 'fr', words: 'français' },
    ])
    select.vm.$emit('update:modelValue', 'fr')
    expect(localStorage.getItem('palintone language')).toBe('fr')
    expect(reload).toHaveBeenCalledOnce()
    vi.unstubAllGlobals()
  })
})
