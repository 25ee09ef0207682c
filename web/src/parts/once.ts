import { v4 } from 'uuid'
import { Refusal } from '@/api/client'

/** An id of its own for something new. Works on a tablet over plain http too. */
export const newId = (): string => v4()

/**
 * Sends things under an id made once and kept until they are answered: sent again after silence,
 * nothing is written twice.
 */
export function once() {
  const unanswered = new Map<string, string>()
  return async function send<T>(what: unknown, how: (id: string) => Promise<T>): Promise<T> {
    const key = JSON.stringify(what)
    const id = unanswered.get(key) ?? newId()
    unanswered.set(key, id)
    try {
      const answer = await how(id)
      unanswered.delete(key)
      return answer
    } catch (problem) {
      const refused = problem instanceof Refusal && problem.status >= 400 && problem.status < 500
      if (refused) unanswered.delete(key)
      throw problem
    }
  }
}
