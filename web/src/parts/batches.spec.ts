import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Batch, Step } from '@/api/client'
import { useBatches } from './batches'

const { write, loadOne, open, elapsed, until } = useBatches()

function batch(entries: number, more: Partial<Batch> = {}): Batch {
  return {
    summary: { id: 'a', state: 'RUNNING' },
    entries,
    step: 1,
    serverNow: '2026-11-02T09:01:30Z',
    ...more,
  } as Batch
}

/** Answers of the server, in turn; what was sent is kept. */
function server(...answers: (Batch | number | 'silence')[]) {
  const sent: { id: string }[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method === 'POST') sent.push(JSON.parse(await request.text()))
    const answer = answers.shift()
    if (answer === 'silence') throw new TypeError('fetch failed')
    const ok = typeof answer !== 'number'
    return new Response(JSON.stringify(ok ? answer : { detail: 'no' }), {
      status: ok ? 200 : answer,
      headers: { 'Content-Type': 'application/json' },
    })
  })
  return sent
}

const NOTE = { kind: 'NOTE', step: 1, value: 31.4 } as const

describe('batches', () => {
  beforeEach(() => open.clear())

  it('send an entry again under the same id when no answer came', async () => {
    const sent = server('silence', 503, batch(1))
    await expect(write('a', NOTE)).rejects.toThrow('does not answer')
    await expect(write('a', NOTE)).rejects.toThrow('no')
    await write('a', NOTE)
    expect(new Set(sent.map((entry) => entry.id)).size).toBe(1)
  })

  it('take a new id for the next entry, and after a refusal', async () => {
    const sent = server(batch(1), batch(2), 400, batch(3))
    await write('a', NOTE)
    await write('a', NOTE)
    await expect(write('a', NOTE)).rejects.toThrow('no')
    await write('a', NOTE)
    expect(new Set(sent.map((entry) => entry.id)).size).toBe(4)
  })

  it('do not fall back when an older answer comes late', async () => {
    server(batch(5, { step: 3 }), batch(4, { step: 2 }))
    await loadOne('a')
    await loadOne('a')
    expect(open.get('a')?.step).toBe(3)
  })

  it('count from the time of the server, whatever the tablet believes', async () => {
    server(batch(1))
    await loadOne('a')
    expect(elapsed({ begunAt: '2026-11-02T09:00:00Z' } as Step)).toBeCloseTo(90, 0)
    expect(elapsed({} as Step)).toBe(0)
    expect(until('2026-11-02T09:02:00Z')).toBeCloseTo(30, 0)
  })
})
