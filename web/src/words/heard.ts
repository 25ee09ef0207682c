import { asSaid, english } from '.'

/** Fields in which the server speaks; in others it repeats what a maker wrote. */
const SPOKEN = new Set([
  'words',
  'title',
  'caution',
  'late',
  'what',
  'says',
  'why',
  'formula',
  'validity',
  'basis',
  'rulesFrom',
  'dropsFrom',
  'cautionsFrom',
  'texture',
  'verdictWords',
  'timeKeptWords',
  'coldSays',
  'warmSays',
  'stageWords',
  'rejectedBecause',
  'doings',
  'taken',
  'differs',
  'detail',
  'allowed',
  'citation',
  'component',
  'part',
])

/** A figure, a rule, a type to start from has a name the server gave; other things their own. */
const speaks = (field: string, around: Record<string, unknown>) =>
  SPOKEN.has(field) ||
  // The story of an exercise; that of a piece is the maker's.
  (field === 'story' && 'parMinutes' in around) ||
  (field === 'name' &&
    !('id' in around) &&
    ('unit' in around || 'change' in around || 'text' in around))

/**
 * An answer of the server with its words in the language chosen, changed in place. Sentences keep
 * their template: they are looked up when their numbers are put in. House rules, and where a
 * composition comes from, are left alone: they go back to the server as they came.
 */
export function heard<T>(answer: T): T {
  if (!english()) listen(answer)
  return answer
}

function listen(answer: unknown): void {
  if (Array.isArray(answer)) {
    answer.forEach(listen)
  } else if (typeof answer === 'object' && answer !== null && !('template' in answer)) {
    const fields = answer as Record<string, unknown>
    for (const [field, value] of Object.entries(fields)) {
      if (field === 'source' || (field === 'rules' && 'dewPoint' in fields)) continue
      if (typeof value !== 'string') {
        const list = speaks(field, fields) && Array.isArray(value)
        if (list) fields[field] = value.map((v) => (typeof v === 'string' ? asSaid(v) : v))
        listen(value)
      } else if (speaks(field, fields)) {
        fields[field] = asSaid(value)
      }
    }
  }
}
