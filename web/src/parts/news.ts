// One stream of news a tab, whatever stations it shows: a browser bears only six open lines.
import { t } from '@/words'
import { ref } from 'vue'

type Heard = (data: string) => void
const NAMES = ['batch', 'bowl', 'readings', 'week'] as const
type Name = (typeof NAMES)[number]

const listeners = new Map<Name, Set<Heard>>(NAMES.map((name) => [name, new Set()]))
const opened = new Set<() => void>()
/** False while the server does not answer. */
const answering = ref(true)
let stream: EventSource | null = null

function follow() {
  if (stream) return
  stream = new EventSource('/api/news')
  // Opened or opened again: something may have been missed.
  stream.onopen = () => {
    answering.value = true
    opened.forEach((again) => again())
  }
  stream.onerror = () => (answering.value = false)
  for (const name of NAMES) {
    stream.addEventListener(name, (event) => {
      const data = (event as MessageEvent<string>).data
      listeners.get(name)!.forEach((heard) => heard(data))
    })
  }
}

/** Hears of one thing until told otherwise; gives the way to stop. */
export function onNews(name: Name, heard: Heard): () => void {
  follow()
  listeners.get(name)!.add(heard)
  return () => void listeners.get(name)!.delete(heard)
}

/** What to ask for anew whenever the line has been opened; at once where it is open. */
export function onNewsOpened(again: () => void): () => void {
  follow()
  opened.add(again)
  if (stream?.readyState === 1) again()
  return () => void opened.delete(again)
}

export const AWAY = t('The workshop server does not answer. Waiting for it; nothing noted is lost.')

export function useNews() {
  return { answering }
}
