import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import CardActs from './CardActs.vue'
import ShelfFoot from './ShelfFoot.vue'
import ShelfHead from './ShelfHead.vue'

const global = { plugins: [createVuetify()], stubs: { ListInOut: true } }

describe('the head of a list', () => {
  const show = () =>
    mount(ShelfHead, {
      props: {
        find: 'half',
        archived: false,
        title: 'Moulds',
        list: 'moulds',
        what: 'moulds',
        add: 'New mould',
        to: '/larder/moulds/new',
      },
      slots: { default: '<b>one more</b>' },
      attachTo: document.body,
      global,
    })
  afterEach(() => vi.restoreAllMocks())

  it('finds by name, shows what is put away, and leads to a new one', async () => {
    const head = show()
    expect(head.find('h1').text()).toBe('Moulds')
    expect(head.text()).toContain('one more')
    await head.find('input').setValue('cone')
    expect(head.emitted('update:find')!.at(-1)).toEqual(['cone'])
    await head.find('input[type=checkbox]').setValue(true)
    expect(head.emitted('update:archived')!.at(-1)).toEqual([true])
    expect(head.findAllComponents({ name: 'VBtn' }).at(-1)!.props('to')).toBe('/larder/moulds/new')
    head.unmount()
  })

  it('is reached by a key', async () => {
    const head = show()
    window.dispatchEvent(new KeyboardEvent('keydown', { key: '/' }))
    await flushPromises()
    expect(document.activeElement).toBe(head.find('input').element)
    head.unmount()
  })
})

describe('the foot of a list', () => {
  const show = (more: object) =>
    mount(ShelfFoot, {
      props: {
        modelValue: 0,
        empty: true,
        archived: false,
        notFound: '',
        none: 'No moulds yet',
        text: 'Weigh one with water.',
        pages: 1,
        ...more,
      },
      global,
    })

  it('says why there is nothing', () => {
    expect(show({}).text()).toContain('No moulds yet')
    expect(show({}).text()).toContain('Weigh one with water.')
    expect(show({ archived: true }).text()).toContain('Nothing archived')
    expect(show({ notFound: 'No mould called “x”', archived: true }).text()).toContain('“x”')
    expect(show({ empty: false }).text()).toBe('')
  })

  it('counts pages from one on screen and from nought elsewhere', async () => {
    const foot = show({ empty: false, pages: 3, modelValue: 1 })
    const pages = foot.findComponent({ name: 'VPagination' })
    expect(pages.props('modelValue')).toBe(2)
    pages.vm.$emit('update:modelValue', 3)
    expect(foot.emitted('update:modelValue')!.at(-1)).toEqual([2])
  })
})

describe('what is done with a card', () => {
  it('is copying it and putting it away, or bringing it back', async () => {
    const acts = mount(CardActs, { props: { archived: true }, global })
    const [copy, away] = acts.findAll('button')
    expect(away!.text()).toBe('Bring back')
    await copy!.trigger('click')
    await away!.trigger('click')
    expect(acts.emitted('copy')).toHaveLength(1)
    expect(acts.emitted('putAway')).toHaveLength(1)
    await acts.setProps({ archived: false })
    expect(away!.text()).toBe('Archive')
  })
})
