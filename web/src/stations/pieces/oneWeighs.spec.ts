import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import OneWeighs from './OneWeighs.vue'

const larder = [
  { id: 'hazelnuts', name: 'Hazelnuts', pieceG: 1.1 },
  { id: 'nibs', name: 'Nibs' },
]
const show = (ingredient: string, modelValue: number | null) =>
  mount(OneWeighs, {
    props: { ingredient, larder, modelValue },
    global: { plugins: [createVuetify()] },
  })

it('offers what one weighs, and says how many a weight comes to', async () => {
  const empty = show('hazelnuts', null)
  expect(empty.text()).toContain('One weighs about 1.1')
  await empty.get('button').trigger('click')
  expect(empty.emitted('update:modelValue')).toEqual([[1.1]])
  expect(show('hazelnuts', 2.2).text()).toContain('About 2')
})

it('offers nothing where nobody has said what one weighs', () => {
  expect(show('nibs', null).text()).toBe('')
  expect(show('', 3).text()).toBe('')
})
