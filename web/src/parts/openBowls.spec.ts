import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import OpenBowls from './OpenBowls.vue'

const LIST = { items: [{ id: 'b1', name: 'Dark in the bath', couverture: 'dark-66' }], total: 1 }
const LIVE = {
  summary: { id: 'b1', couverture: 'dark-66' },
  now: { temperatureC: 31.46, stablePercent: 0.8345 },
}

function answering(live: unknown, status = 200) {
  vi.stubGlobal('fetch', async (request: Request) => {
    const one = new URL(request.url).pathname.endsWith('/b1')
    return new Response(JSON.stringify(one ? live : LIST), {
      status: one ? status : 200,
      headers: {
        'content-type': one && status >= 400 ? 'application/problem+json' : 'application/json',
      },
    })
  })
}
afterEach(() => vi.unstubAllGlobals())

async function pressed() {
  const shown = mount(OpenBowls, { global: { plugins: [createVuetify()] } })
  await flushPromises()
  await shown.find('button').trigger('click')
  await flushPromises()
  return shown
}

describe('bowls that stand open', () => {
  it('hand over what is in one, as finely as it is read', async () => {
    answering(LIVE)
    const shown = await pressed()
    expect(shown.text()).toContain('As it stands in Dark in the bath')
    expect(shown.emitted('stands')![0]).toEqual([
      { couverture: 'dark-66', bowlC: 31.5, stablePercent: 0.83 },
    ])
    expect(shown.emitted('refused')!.at(-1)).toEqual([''])
  })

  it('say nothing of warmth where nothing was read yet', async () => {
    answering({ ...LIVE, now: undefined })
    const shown = await pressed()
    expect(shown.emitted('stands')![0]).toEqual([{ couverture: 'dark-66' }])
  })

  it('tell why where the bowl is gone', async () => {
    answering({ title: 'Not here', status: 404, detail: 'There is no bowl "b1".' }, 404)
    const shown = await pressed()
    expect(shown.emitted('stands')).toBeUndefined()
    expect(shown.emitted('refused')!.at(-1)).toEqual(['There is no bowl "b1".'])
  })
})
