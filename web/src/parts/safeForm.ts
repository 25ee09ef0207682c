import { useDebouncedRefHistory } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { isRefused, words } from '@/api/client'
import { idOf } from './ids'

const PREFIX = 'palintone form '
const MOST_STEPS = 100
const MOST_TRIES = 5

/**
 * A form that loses nothing: what is typed outlives a reload, another tab and a killed server
 * until it is saved or cancelled, and every change can be undone.
 */
export function useSafeForm<T extends object>(
  key: string,
  begin: () => T,
  current: number | null = null,
) {
  const place = PREFIX + key
  const start = JSON.stringify(begin())
  const kept = read<T>(place)
  // What an older Palintone kept may lack what this one asks for.
  const form = ref({ ...begin(), ...kept?.form }) as Ref<T>
  /** The state it was written on: what somebody saved since is then shown, not written over. */
  const version = ref(kept ? kept.version : current)
  /** What was typed earlier stands here again. */
  const restored = ref(kept !== null && JSON.stringify(kept.form) !== start)
  const history = useDebouncedRefHistory(form, { deep: true, capacity: MOST_STEPS, debounce: 300 })
  const changed = computed(() => JSON.stringify(form.value) !== start)
  watch(
    form,
    () => {
      if (changed.value) write(place, JSON.stringify({ form: form.value, version: version.value }))
      else forget()
    },
    { deep: true },
  )

  function forget() {
    write(place, null)
  }

  function startOver() {
    form.value = JSON.parse(start) as T
    version.value = current
    restored.value = false
    forget()
  }

  return { form, version, changed, restored, forget, startOver, ...history }
}

function read<T>(place: string): { form: T; version: number | null } | null {
  try {
    const kept = JSON.parse(localStorage.getItem(place) ?? 'null') as {
      form?: T
      version?: number | null
    } | null
    return kept?.form ? { form: kept.form, version: kept.version ?? null } : null
  } catch {
    return null
  }
}

function write(place: string, text: string | null) {
  try {
    if (text === null) localStorage.removeItem(place)
    else localStorage.setItem(place, text)
  } catch {
    // A full or forbidden store loses only this convenience.
  }
}

/**
 * Saves something new under an id made of its name. One taken meanwhile by another screen gives way
 * to the next; the id it was saved under comes back.
 */
export async function saveNew(
  name: string,
  fallback: string,
  taken: string[],
  put: (id: string) => Promise<unknown>,
): Promise<string> {
  const known = [...taken]
  for (let tries = 1; ; tries++) {
    const id = idOf(name, known, fallback)
    try {
      await put(id)
      return id
    } catch (problem) {
      if (!isRefused(problem, 'taken', 'at-once') || tries === MOST_TRIES) {
        throw problem
      }
      known.push(id)
    }
  }
}

/** Whether somebody else has saved it meanwhile. */
export function isStale(problem: unknown): boolean {
  return isRefused(problem, 'stale', 'at-once')
}

export { words as troubleOf }
