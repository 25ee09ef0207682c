import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import PiecesStation from './PiecesStation.vue'

vi.mock('vue-router', () => ({
  useRoute: () => ({ query: {} }),
  useRouter: () => ({ push: vi.fn() }),
}))

const piece = (id: string) => ({ id, name: id, kind: 'SOLID', archived: false, coats: [] })
const json = (body: object) => new Response(JSON.stringify(body), { status: 200 })

afterEach(() => vi.unstubAllGlobals())

it('shows the piece that was pressed while the first of the list was still on its way', async () => {
  let first: (answer: Response) => void = () => undefined
  vi.stubGlobal(
    'fetch',
    vi.fn((asked: Request) => {
      const path = new URL(asked.url).pathname
      if (path.endsWith('/pieces'))
        return Promise.resolve(json({ items: [piece('honey'), piece('plum')], total: 2 }))
      if (path.endsWith('/honey')) return new Promise<Response>((answer) => (first = answer))
      return Promise.resolve(json(piece('plum')))
    }),
  )
  const station = mount(PiecesStation, {
    global: {
      plugins: [createVuetify()],
      stubs: {
        RouterLink: true,
        PieceSection: true,
        PieceSheet: { props: ['piece'], template: '<h1>{{ piece.name }}</h1>' },
        ListInOut: true,
        NewPiece: true,
      },
    },
  })
  await flushPromises()
  await station.setProps({ id: 'plum' })
  await flushPromises()
  first(json(piece('honey')))
  await flushPromises()
  expect(station.get('h1').text()).toBe('plum')
})
