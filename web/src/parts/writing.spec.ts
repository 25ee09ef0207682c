import { flushPromises } from '@vue/test-utils'
import { createApp, nextTick } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Refusal } from '@/api/client'
import { saveNew, useSafeForm } from './safeForm'
import { useWriting, type Written } from './writing'

/** Inside a component, as it is used. */
function within<T>(use: () => T): T {
  let made: T | undefined
  const app = createApp({
    setup() {
      made = use()
      return () => null
    },
  })
  app.mount(document.createElement('div'))
  return made as T
}

interface Form {
  name: string
  wide: number | null
}
type Draft = Form & { version?: number | null }

function writing(more: Partial<Written<Form, string, Draft>> = {}) {
  const saved: string[] = []
  const put = vi.fn<(id: string, draft: Draft) => Promise<void>>(async () => {})
  const made = within(() =>
    useWriting<Form, string, Draft>({
      what: 'mould',
      own: null,
      begin: () => ({ name: '', wide: 10 }),
      missing: (form) => (form.wide === null ? 'Width is missing.' : ''),
      draft: (form, version) => ({ ...form, version }),
      trial: async (draft) => `${draft.wide} wide`,
      put,
      now: async () => ({ name: 'theirs', wide: 4, version: 8 }),
      name: (form) => form.name,
      saved: (id) => saved.push(id),
      ...more,
    }),
  )
  return { made, saved, put }
}
const settle = async () => {
  await nextTick()
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

describe('a form that loses nothing', () => {
  it('stands again after a reload, and is gone once cancelled', async () => {
    const first = within(() => useSafeForm<Form>('mould new', () => ({ name: '', wide: 10 })))
    first.form.value.name = 'Half written'
    await settle()
    const again = within(() => useSafeForm<Form>('mould new', () => ({ name: '', wide: 10 })))
    expect(again.form.value.name).toBe('Half written')
    expect(again.restored.value).toBe(true)
    again.forget()
    const after = within(() => useSafeForm<Form>('mould new', () => ({ name: '', wide: 10 })))
    expect(after.form.value.name).toBe('')
    expect(after.restored.value).toBe(false)
  })

  it('goes back step by step', async () => {
    const it = within(() => useSafeForm<Form>('mould new', () => ({ name: '', wide: 10 })))
    it.form.value.wide = 12
    await settle()
    it.form.value.wide = 99
    await settle()
    it.undo()
    expect(it.form.value.wide).toBe(12)
    it.undo()
    expect(it.form.value.wide).toBe(10)
    it.redo()
    expect(it.form.value.wide).toBe(12)
  })

  it('starts over what broken storage left', () => {
    localStorage.setItem('palintone form mould new', '{not json')
    const it = within(() => useSafeForm<Form>('mould new', () => ({ name: 'x', wide: 1 })))
    expect(it.form.value.name).toBe('x')
  })
})

describe('saving something new', () => {
  it('takes the next id when one is taken', async () => {
    const asked: string[] = []
    const id = await saveNew('Own Cups', 'mould', [], async (fresh) => {
      asked.push(fresh)
      if (asked.length < 3) throw new Refusal('taken', 409, 'id', undefined, 'taken')
    })
    expect(asked).toEqual(['own-cups', 'own-cups-2', 'own-cups-3'])
    expect(id).toBe('own-cups-3')
  })

  it('gives up what is refused for another reason', async () => {
    await expect(
      saveNew('Own', 'mould', [], async () => {
        throw new Refusal('cavities is 0; allowed: 1 to 500', 400)
      }),
    ).rejects.toThrow('cavities is 0')
  })
})

describe('writing one thing', () => {
  it('tries every change, and shows why one is refused without losing the drawing', async () => {
    const trial = vi
      .fn()
      .mockResolvedValueOnce('10 wide')
      .mockRejectedValueOnce(new Refusal('width is 900 mm; allowed: 4 to 500 mm', 400))
    const { made } = writing({ trial })
    made.form.value.name = 'A'
    await settle()
    expect(made.drawn.value).toBe('10 wide')
    made.form.value.wide = 900
    await settle()
    expect(made.refused.value).toContain('width is 900 mm')
    expect(made.drawn.value).toBe('10 wide')
    made.form.value.wide = null
    await settle()
    expect(trial).toHaveBeenCalledTimes(2)
    expect(made.open.value).toBe('Width is missing.')
  })

  it('wants a name, then saves under an id made of it and forgets the draft', async () => {
    const { made, saved, put } = writing()
    await made.save()
    expect(made.notSaved.value).toBe('It wants a name.')
    made.form.value.name = 'Own cups'
    await settle()
    expect(localStorage.length).toBe(1)
    await made.save()
    expect(put).toHaveBeenCalledWith('own-cups', { name: 'Own cups', wide: 10, version: null })
    expect(saved).toEqual(['own-cups'])
    expect(localStorage.length).toBe(0)
  })

  it('shows what another maker saved, and puts what was picked over it', async () => {
    const put = vi
      .fn()
      .mockRejectedValueOnce(new Refusal('version is 3', 409, 'version', undefined, 'stale'))
      .mockResolvedValueOnce({})
    const { made, saved } = writing({ own: { id: 'cups', version: 3 }, put })
    made.form.value.name = 'mine'
    await settle()
    await made.save()
    expect(made.theirs.value).toEqual({ name: 'theirs', wide: 4, version: 8 })
    expect(saved).toEqual([])
    await made.settle({ name: 'mine', wide: 4, version: 3 })
    expect(put).toHaveBeenLastCalledWith('cups', { name: 'mine', wide: 4, version: 8 })
    expect(saved).toEqual(['cups'])
  })

  it('does not write an old draft over what was saved since', async () => {
    const before = writing({ own: { id: 'cups', version: 3 } })
    before.made.form.value.name = 'half written'
    await settle()
    const { made, put } = writing({ own: { id: 'cups', version: 5 } })
    expect(made.restored.value).toBe(true)
    await made.save()
    expect(put).toHaveBeenCalledWith('cups', { name: 'half written', wide: 10, version: 3 })
  })

  it('keeps what was typed when the server is away', async () => {
    const put = vi.fn().mockRejectedValue(new Refusal('The workshop server does not answer.', 0))
    const { made } = writing({ put })
    made.form.value.name = 'Own'
    await settle()
    await made.save()
    expect(made.notSaved.value).toContain('does not answer')
    expect(localStorage.getItem('palintone form mould new')).toContain('Own')
  })
})

describe('what is kept', () => {
  /** The server takes its time; each question is answered when it is let go. */
  function slowly() {
    const waiting: { wide: number | null; answer: () => void; fail: (e: Error) => void }[] = []
    const written = writing({
      draft: (form, version, drawn) => ({ ...form, name: `${form.name} ${drawn}`, version }),
      trial: (_, form) => {
        const wide = form.wide
        return new Promise<string>((resolve, reject) =>
          waiting.push({ wide, answer: () => resolve(`${wide} wide`), fail: reject }),
        )
      },
    })
    return { ...written, waiting }
  }

  it('waits for the answer on the wire and is never that of the one before', async () => {
    const { made, put, waiting } = slowly()
    made.form.value.name = 'Bag'
    made.form.value.wide = 50
    await settle()
    waiting.at(-1)!.answer()
    await settle()
    expect(made.drawn.value).toBe('50 wide')
    made.form.value.wide = 51
    const saving = made.save()
    await settle()
    expect(put).not.toHaveBeenCalled()
    while (waiting.length) {
      waiting.pop()!.answer()
      await settle()
    }
    await saving
    expect(put).toHaveBeenCalledTimes(1)
    expect(put.mock.calls[0]![1]).toMatchObject({ wide: 51, name: 'Bag 51 wide' })
  })

  it('does not hold an old refusal against what is right by now', async () => {
    const { made, put, waiting } = slowly()
    made.form.value.name = 'Bag'
    made.form.value.wide = 90
    await settle()
    waiting.pop()!.fail(new Refusal('sugars is 90 %; allowed: 0 to 60 %', 400))
    await settle()
    expect(made.refused.value).toContain('90')
    made.form.value.wide = 28
    const saving = made.save()
    await settle()
    while (waiting.length) {
      waiting.pop()!.answer()
      await settle()
    }
    await saving
    expect(put).toHaveBeenCalledTimes(1)
    expect(put.mock.calls[0]![1]).toMatchObject({ wide: 28 })
  })

  it('is nothing where what was typed is refused', async () => {
    const { made, put, waiting } = slowly()
    made.form.value.name = 'Bag'
    const saving = made.save()
    await settle()
    while (waiting.length) {
      waiting.pop()!.fail(new Refusal('sugars is 90 %; allowed: 0 to 60 %', 400))
      await settle()
    }
    await saving
    expect(put).not.toHaveBeenCalled()
    expect(made.notSaved.value).toContain('sugars is 90')
    expect(made.busy.value).toBe(false)
  })
})
