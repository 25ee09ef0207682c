import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { KEYS, singleKeys, useAltDigits, useKeys } from './keys'

const done = vi.fn()
const go = vi.fn()
const Bench = defineComponent({
  setup() {
    useKeys({ ' ': done, t: done })
    useAltDigits(go)
    return () => h('div', [h('input'), h('button', 'Undo'), h('p', 'Seed')])
  },
})

function press(on: Element, key: string, more: KeyboardEventInit = {}) {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more })
  on.dispatchEvent(event)
  return event
}

describe('keys', () => {
  afterEach(() => {
    done.mockReset()
    go.mockReset()
    document.body.replaceChildren()
  })
  const bench = () => mount(Bench, { attachTo: document.body })

  it('act wherever nothing else wants them', () => {
    const on = bench()
    expect(press(on.find('p').element, ' ').defaultPrevented).toBe(true)
    press(on.find('p').element, 'T')
    expect(done).toHaveBeenCalledTimes(2)
  })

  it('leave letters to fields, and Space to buttons', () => {
    const on = bench()
    press(on.find('input').element, 't')
    press(on.find('input').element, ' ')
    press(on.find('button').element, ' ')
    expect(done).not.toHaveBeenCalled()
    press(on.find('button').element, 't')
    expect(done).toHaveBeenCalledTimes(1)
  })

  it('can be switched off, those with Alt stay', () => {
    const on = bench()
    singleKeys.value = false
    press(on.find('p').element, ' ')
    press(on.find('p').element, 't')
    expect(done).not.toHaveBeenCalled()
    press(on.find('p').element, '2', { altKey: true, code: 'Digit2' })
    expect(go).toHaveBeenCalledTimes(1)
    singleKeys.value = true
    press(on.find('p').element, 't')
    expect(done).toHaveBeenCalledTimes(1)
  })

  it('do not repeat while held, nor with Ctrl', () => {
    const on = bench()
    press(on.find('p').element, 't', { repeat: true })
    press(on.find('p').element, 't', { ctrlKey: true })
    expect(done).not.toHaveBeenCalled()
  })

  it('reach the stations from anywhere, even from a field', () => {
    const on = bench()
    press(on.find('input').element, '3', { altKey: true, code: 'Digit3' })
    expect(go).toHaveBeenCalledWith(2)
    press(on.find('input').element, '3', { code: 'Digit3' })
    expect(go).toHaveBeenCalledTimes(1)
  })

  it('are gone with the screen', () => {
    const on = bench()
    on.unmount()
    press(document.body, 't')
    expect(done).not.toHaveBeenCalled()
  })

  it('are all listed', () => {
    expect(KEYS.map(([key]) => key)).toEqual([
      'Space',
      'T',
      'N',
      'U',
      'R',
      '/',
      'Ctrl+K',
      '?',
      'P',
      'Alt+1 … 0',
    ])
  })
})
