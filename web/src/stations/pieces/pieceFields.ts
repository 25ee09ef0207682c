import type { ColourStock } from '@/api/client'
import { t } from '@/words'
import { asList } from '@/words/locale'
import { finishingWords, type FinishingDraft } from './worn'

/** What the one of this id is called; the bare id where nobody knows it. */
export const nameOf = (list: readonly { id: string; name: string }[], id: string) =>
  list.find((each) => each.id === id)?.name ?? id

/** How colours stand in the two states of a piece that somebody else has saved meanwhile. */
export const coloursField = (colours: () => readonly ColourStock[]) => ({
  key: 'colours',
  words: t('Colours'),
  say: (list: { colour?: string | null; name?: string | null }[]) =>
    asList(
      list.map((c) => colours().find((o) => o.id === c.colour)?.colour.name ?? c.name ?? ''),
    ) || '–',
})

/** The same of finishings. */
export const finishesField = {
  key: 'finishes',
  words: t('Finishing'),
  say: (list: FinishingDraft[]) => asList(list.map(finishingWords)) || '–',
}
