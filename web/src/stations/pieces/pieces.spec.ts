import { mount } from '@vue/test-utils'
import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import type { Needs, Piece, SolidPiece } from '@/api/client'
import HowMany from './HowMany.vue'
import PieceSection from './PieceSection.vue'
import SolidForm from './SolidForm.vue'

const needs = { pieces: 128, moulds: 4, mouldsOwned: 6, turns: 1, steps: 19 } as Needs

describe('how many', () => {
  const show = (more = {}) =>
    mount(HowMany, {
      props: { count: 4, by: 'moulds', holder: 'MOULD', needs, refused: '', ...more },
    })

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
    expect(show().text()).not.toContain('You have')
    expect(show({ needs: { ...needs, moulds: 9, turns: 2 } }).text()).toContain(
      'You have 6: cast in 2 turns, one after the other.',
    )
    expect(show({ needs: { ...needs, moulds: 90 } }).text()).toContain('several batches')
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
    capKind: 'DARK',
    coats: [{ name: 'plum', tint: '#6b2a4a', asked: { colour: 'plum', filmMm: 0.05 } }],
    finishes: [],
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
      front: [],
      twice: false,
    },
  } as unknown as Piece
  const tablet = {
    kind: 'SOLID',
    name: 'Tablet',
    couvertureKind: 'DARK',
    coats: [],
    finishes: [],
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
      front: [],
      twice: false,
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

  it('draws two halves rim to rim, twice as tall', () => {
    const whole = { ...piece, section: { ...(piece as { section: object }).section, twice: true } }
    const drawing = mount(PieceSection, { props: { piece: whole as unknown as Piece } })
    expect(drawing.find('use').attributes('transform')).toBe('matrix(1 0 0 -1 0 28)')
    expect(drawing.find('.scale text').text().replace(/\s+/g, ' ')).toContain('28.0 mm tall')
    expect(mount(PieceSection, { props: { piece } }).find('use').exists()).toBe(false)
  })

  it('draws the same scale across as along', () => {
    const [x, , width] = mount(PieceSection, { props: { piece, bare: true } })
      .attributes('viewBox')!
      .split(' ')
      .map(Number)
    expect(x).toBe(-16)
    expect(width).toBe(32)
  })

  it('draws every coat, what is seen outermost on top, and the cap of another couverture', () => {
    const two = {
      ...piece,
      capKind: 'MILK',
      coats: [
        { name: 'copper', tint: '#b4673a', asked: { filmMm: 0.04 } },
        { name: 'own', asked: { filmMm: 0.05 } },
      ],
    } as unknown as Piece
    const drawing = mount(PieceSection, { props: { piece: two } })
    const coats = drawing.findAll('.colour')
    expect(coats.map((c) => c.attributes('stroke'))).toEqual(['#8e3b6b', '#b4673a'])
    expect(Number(coats[0]!.attributes('stroke-width'))).toBeGreaterThan(
      Number(coats[1]!.attributes('stroke-width')),
    )
    expect(drawing.findAll('[fill="var(--p-choc-milk)"]')).toHaveLength(1)
    const same = mount(PieceSection, { props: { piece } })
    expect(same.findAll('[fill="var(--p-choc-milk)"]')).toHaveLength(0)
  })

  it('colours only what is sprayed', () => {
    expect(mount(PieceSection, { props: { piece } }).find('.colour').exists()).toBe(true)
    const plain = { ...piece, coats: [] }
    expect(
      mount(PieceSection, { props: { piece: plain } })
        .find('.colour')
        .exists(),
    ).toBe(false)
  })
})

describe('the form of a piece cast full', () => {
  const sent: { url: string; method: string; body: Record<string, unknown> }[] = []
  /** Answers of the server by the end of the address. */
  function server(answers: Record<string, unknown>, refuse?: { status: number; detail: string }) {
    sent.length = 0
    vi.stubGlobal('fetch', async (request: Request) => {
      const text = request.method === 'GET' ? '' : await request.text()
      sent.push({ url: request.url, method: request.method, body: text ? JSON.parse(text) : {} })
      const no =
        refuse && request.method === 'PUT' && sent.filter((s) => s.method === 'PUT').length === 1
      const key = Object.keys(answers).find((end) => request.url.includes(end))
      return new Response(
        JSON.stringify(no ? { detail: refuse.detail } : (answers[key ?? ''] ?? {})),
        {
          status: no ? refuse.status : 200,
          headers: { 'Content-Type': 'application/json' },
        },
      )
    })
  }
  afterEach(() => {
    vi.unstubAllGlobals()
    localStorage.clear()
  })
  const answers = {
    '/api/ingredients': { items: [{ id: 'dark-66', name: 'House dark 66', couverture: 'DARK' }] },
    '/api/fillings': { items: [] },
    '/api/moulds': { items: [{ id: 'tablet', name: 'Tablets' }] },
    '/api/colours': { items: [{ id: 'plum', colour: { name: 'plum' } }] },
    '/api/larder/names': [{ id: 'nuts', name: 'Nuts' }],
    '/api/pieces': {
      // The list of what to compare with, and one piece.
      items: [],
      kind: 'SOLID',
      name: 'Bar',
      couvertureKind: 'DARK',
      coats: [],
      finishes: [],
      parts: [{ name: 'couverture', value: 110, unit: 'GRAM' }],
      whole: { value: 110, unit: 'GRAM' },
      section: {
        outer: [
          { depthMm: 0, halfWidthMm: 5 },
          { depthMm: 9, halfWidthMm: 5 },
        ],
        regions: [],
        flecks: [],
        front: [],
        twice: false,
      },
    },
  }
  const piece = {
    ...answers['/api/pieces'],
    id: 'bar',
    name: 'Bar',
    story: 'Plain.',
    mouldId: 'tablet',
    couvertureId: 'dark-66',
    inclusions: [{ ingredient: 'nuts', eachG: 12, placing: 'STIRRED_IN' }],
    coats: [{ name: 'plum', asked: { colour: 'plum', filmMm: 0.05, how: 'LINED' } }],
    finishes: [{ kind: 'DUST', words: 'gold' }],
    version: 3,
  } as unknown as SolidPiece
  const show = async (of: SolidPiece | null) => {
    const form = mount(SolidForm, {
      props: { piece: of },
      global: { plugins: [createVuetify()] },
    })
    await flushPromises()
    return form
  }

  it('says what is missing before anything can be drawn', async () => {
    server(answers)
    const form = await show(null)
    expect(form.find('aside').text()).toContain('Choose a mould.')
    await form.find('form').trigger('submit')
    expect(sent.some((s) => s.method === 'PUT')).toBe(false)
    expect(form.find('.trouble').text()).toBe('Choose a mould.')
  })

  it('saves what it was opened with under its own id and version', async () => {
    server(answers)
    const form = await show(piece)
    await form.find('form').trigger('submit')
    await flushPromises()
    const put = sent.find((s) => s.method === 'PUT')!
    expect(put.url).toContain('/api/pieces/bar')
    expect(put.body).toMatchObject({
      kind: 'SOLID',
      version: 3,
      inclusions: [{ ingredient: 'nuts', eachG: 12, placing: 'STIRRED_IN' }],
      colours: [{ colour: 'plum', filmMm: 0.05, how: 'LINED' }],
      finishes: [{ kind: 'DUST', words: 'gold' }],
    })
    expect(form.emitted('saved')).toEqual([['bar']])
  })

  it('keeps what was typed when it is refused, and says why', async () => {
    server(answers, { status: 400, detail: 'inclusions is 80 ml in one; allowed: up to 50 ml' })
    const form = await show(piece)
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(form.find('.trouble').text()).toContain('up to 50 ml')
    expect(form.emitted('saved')).toBeUndefined()
    expect((form.find('input').element as HTMLInputElement).value).toBe('Bar')
  })
})
