import { asList } from '@/words/locale'
import { t } from '@/words'
import { heard } from '@/words/heard'
import { refusal, type Brought, type HouseLabel } from '@/api/client'

/** Every list that goes out and comes in, as its files are called. */
export const LISTS = [
  { id: 'ingredients', words: t('Ingredients') },
  { id: 'couvertures', words: t('Couvertures') },
  { id: 'colours', words: t('Colours') },
  { id: 'moulds', words: t('Moulds') },
  { id: 'fillings', words: t('Fillings') },
  { id: 'pieces', words: t('Pieces') },
  { id: 'shells', words: t('Weighed shells') },
  { id: 'tastings', words: t('Tastings') },
  { id: 'house', words: t('House rules') },
] as const

/** Rows as somebody pasted them, as a file the server reads. */
export function pasted(rows: string): File {
  return new File([rows], 'rows.txt', { type: 'text/plain' })
}

/** Hands files over: to look at what they would change, or to take them. */
export async function bring(
  files: File[],
  list: string,
  preview: boolean,
  /** What the look before it rested on: changed meanwhile, nothing is imported. */
  rests: string[] = [],
): Promise<Brought[]> {
  const form = new FormData()
  files.forEach((file) => form.append('files', file, file.name))
  const query = new URLSearchParams({ list, preview: String(preview) })
  for (const mark of rests.filter(Boolean)) query.append('rests', mark)
  return answered(await fetch(`/api/exchange/import?${query}`, { method: 'POST', body: form }))
}

/**
 * Reads a whole house into this one, in which nothing was made yet; over says that its rules,
 * cabinets and tools may go for those of the archive.
 */
export async function bringHouse(file: File, over: boolean): Promise<HouseLabel> {
  return answered(
    await fetch(`/api/exchange/house?over=${over}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/zip' },
      body: file,
    }),
  )
}

async function answered<T>(response: Response): Promise<T> {
  const answer: unknown = await response.json().catch(() => null)
  if (!response.ok) throw refusal(answer, response.status)
  return heard(answer as T)
}

/** How much is new, changed and the same, in words. */
export function summary(brought: Brought): string {
  const parts = [
    brought.fresh ? t('{fresh} new', { fresh: brought.fresh }) : '',
    brought.changed ? t('{changed} changed', { changed: brought.changed }) : '',
    brought.same ? t('{same} as they are', { same: brought.same }) : '',
  ].filter(Boolean)
  return asList(parts) || t('nothing in it')
}

/** A column as a maker reads it: layers.2.each_g is "layers 2 each g". */
export const columnWords = (column: string) => column.replace(/[._]/g, ' ')
