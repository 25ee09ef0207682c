import { describe, expect, it } from 'vitest'
import { Refusal } from '@/api/client'
import { newId, once } from './once'

describe('what is sent once', () => {
  it('keeps its id until it is answered, and gets another one after', async () => {
    const send = once()
    const ids: string[] = []
    const silent = async (id: string) => {
      ids.push(id)
      throw new Refusal('no answer', 0)
    }
    await expect(send({ seed: 30 }, silent)).rejects.toThrow('no answer')
    await expect(send({ seed: 30 }, silent)).rejects.toThrow('no answer')
    expect(ids[1]).toBe(ids[0])
    await send({ seed: 30 }, async (id) => ids.push(id))
    expect(ids[2]).toBe(ids[0])
    await send({ seed: 30 }, async (id) => ids.push(id))
    expect(ids[3]).not.toBe(ids[0])
  })

  it('forgets the id of what was refused', async () => {
    const send = once()
    const ids: string[] = []
    const refusing = async (id: string) => {
      ids.push(id)
      throw new Refusal('too much', 400)
    }
    await expect(send('x', refusing)).rejects.toThrow('too much')
    await expect(send('x', refusing)).rejects.toThrow('too much')
    expect(ids[1]).not.toBe(ids[0])
  })

  it('makes ids where the page is not from a secure place', () => {
    const secure = crypto.randomUUID
    Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
    expect(newId()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
    Object.defineProperty(crypto, 'randomUUID', { value: secure, configurable: true })
  })
})
