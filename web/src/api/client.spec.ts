import { describe, expect, it } from 'vitest'
import { ask, Refusal, refusal, words } from './client'

const answer = (status: number, body: unknown) =>
  Promise.resolve({
    data: status < 400 ? body : undefined,
    error: status < 400 ? undefined : body,
    response: { ok: status < 400, status } as Response,
  })

describe('asking the server', () => {
  it('hands over the answer', async () => {
    expect(await ask(answer(200, { moulds: 4 }))).toEqual({ moulds: 4 })
  })

  it('turns a problem detail into a refusal that names field and range', async () => {
    const problem = {
      detail: 'moulds is 0; allowed: 1 to 200',
      field: 'moulds',
      allowed: '1 to 200',
    }
    const refused = await ask(answer(400, problem)).catch((e: unknown) => e)
    expect(refused).toBeInstanceOf(Refusal)
    expect(refused).toMatchObject({ status: 400, field: 'moulds', allowed: '1 to 200' })
    expect(words(refused)).toBe('moulds is 0; allowed: 1 to 200')
  })

  it('says so when nobody answers, and when what answers is not ours', async () => {
    const gone = await ask(Promise.reject(new TypeError('fetch failed'))).catch((e: unknown) => e)
    expect(gone).toMatchObject({ status: 0 })
    expect(words(gone)).toContain('does not answer')
    expect(refusal('<html>', 502).message).toContain('does not answer')
  })
})
