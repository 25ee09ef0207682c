import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Brought } from '@/api/client'
import { everyPage } from './everyPage'
import { columnWords, summary } from './exchange'
import ImportDialog from './ImportDialog.vue'

const brought = (more: Partial<Brought> = {}): Brought => ({
  file: 'moulds.csv',
  list: 'moulds',
  fresh: 0,
  changed: 0,
  same: 0,
  things: [],
  unread: [],
  cautions: [],
  rests: '',
  ...more,
})

describe('what an import would bring', () => {
  it('is said in a line', () => {
    expect(summary(brought({ fresh: 2, changed: 1, same: 40 }))).toBe(
      '2 new, 1 changed, 40 as they are',
    )
    expect(summary(brought())).toBe('nothing in it')
    expect(columnWords('layers.2.each_g')).toBe('layers 2 each g')
  })
})

describe('a long list', () => {
  it('is fetched page by page until one is not full', async () => {
    const all = Array.from({ length: 401 }, (_, i) => i)
    const asked: number[] = []
    const got = await everyPage(async ({ size, page }) => {
      asked.push(page)
      return { items: all.slice(page * size, (page + 1) * size) }
    })
    expect(got).toEqual(all)
    expect(asked).toEqual([0, 1, 2])
  })
})

describe('the import', () => {
  const sent: string[] = []
  let dialog: VueWrapper | null = null
  function server(answer: unknown, status = 200) {
    sent.length = 0
    vi.stubGlobal('fetch', async (request: string | Request) => {
      const url = typeof request === 'string' ? request : request.url
      if (url.includes('/import')) sent.push(url)
      return new Response(JSON.stringify(url.includes('/import') ? answer : {}), {
        status,
        headers: { 'Content-Type': 'application/json' },
      })
    })
  }
  afterEach(() => {
    dialog?.unmount()
    vi.unstubAllGlobals()
    document.body.innerHTML = ''
  })
  async function show() {
    vi.stubGlobal('visualViewport', new EventTarget())
    dialog = mount(ImportDialog, {
      props: { modelValue: true, list: 'moulds', what: 'moulds' },
      global: { plugins: [createVuetify()] },
      attachTo: document.body,
    })
    await flushPromises()
    const rows = document.querySelector<HTMLTextAreaElement>('.rows textarea')!
    rows.value = 'name\tlength_mm\nCups\t30'
    rows.dispatchEvent(new Event('input'))
    await flushPromises()
    return dialog
  }
  const press = async (words: string) => {
    const button = [...document.querySelectorAll('button')].find((b) => b.textContent === words)!
    expect(button.disabled).toBe(false)
    button.click()
    await flushPromises()
  }
  const text = () => document.querySelector('.import')!.textContent!.replace(/\s+/g, ' ')

  it('shows old beside new and what is not understood before anything is taken', async () => {
    server([
      brought({
        changed: 1,
        rests: 'abc',
        unread: ['Shelf'],
        cautions: ['1 of them name no allergen'],
        things: [
          {
            what: 'CHANGED',
            id: 'cups',
            name: 'Cups',
            cells: [{ column: 'length_mm', before: '28', after: '30' }],
          },
        ],
      }),
    ])
    const it = await show()
    await press('Preview')
    expect(sent).toEqual(['/api/exchange/import?list=moulds&preview=true'])
    expect(text()).toContain('length mm')
    expect(text()).toContain('28')
    expect(text()).toContain('30')
    expect(text()).toContain('not imported: Shelf')
    expect(text()).toContain('name no allergen')
    expect(it.emitted('taken')).toBeUndefined()
    await press('Import')
    expect(sent.at(-1)).toContain('preview=false')
    // What was looked at goes along: changed meanwhile, it is refused.
    expect(sent.at(-1)).toContain('rests=abc')
    expect(it.emitted('taken')).toHaveLength(1)
  })

  it('keeps the rows and says the place where they were refused', async () => {
    server({ detail: 'rows.txt, row 2: length_mm is "x"; allowed: a number' }, 400)
    await show()
    await press('Preview')
    expect(document.querySelector('[role="alert"]')!.textContent).toContain('row 2')
    expect(document.querySelector<HTMLTextAreaElement>('.rows textarea')!.value).toContain('Cups')
  })

  it('has nothing to import where everything is here', async () => {
    server([brought({ same: 3 })])
    await show()
    await press('Preview')
    expect(text()).toContain('here already, as it is')
    const take = [...document.querySelectorAll('button')].find((b) => b.textContent === 'Import')!
    expect(take.disabled).toBe(true)
  })
})
