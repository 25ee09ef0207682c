import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { words } from '@/api/client'
import { useHouse } from './house'
import { isStale, saveNew, useSafeForm } from './safeForm'
import { useTurn } from './turn'
import { inTaste } from './units'

/** What a form that writes one thing of the books has to know. */
export interface Written<Form extends object, Drawn, Draft extends { version?: number | null }> {
  /** What it is, one word: "mould". */
  what: string
  /** The one that is changed; null where a new one is written. */
  own: { id: string; version?: number | null } | null
  /** Where what is typed is kept; by what it is and whose it is, where nothing is said. */
  key?: string
  begin: () => Form
  /** What is still to be said before it can be drawn; empty where nothing is. */
  missing: (form: Form) => string
  /** @param drawn what the server said of this very form; null before it has answered */
  draft: (form: Form, version: number | null, drawn: Drawn | null) => Draft
  /** As it would be: drawn and weighed, not kept. */
  trial: (draft: Draft, form: Form) => Promise<Drawn>
  put: (id: string, draft: Draft) => Promise<unknown>
  /** As it stands in the books now, for when somebody saved it meanwhile. */
  now: (id: string) => Promise<Draft>
  name: (form: Form) => string
  saved: (id: string) => void
}

/** What the frame around a form knows of it, whatever is written in it. */
export interface Framed<Draft> {
  restored: Ref<boolean>
  changed: Ref<boolean>
  busy: Ref<boolean>
  canUndo: Ref<boolean>
  canRedo: Ref<boolean>
  open: Ref<string>
  refused: Ref<string>
  notSaved: Ref<string>
  mine: Ref<Draft>
  theirs: Ref<Draft | null>
  save: () => Promise<void>
  settle: (state: Draft) => Promise<void>
  undo: () => void
  redo: () => void
  startOver: () => void
  forget: () => void
}

const SOON_MS = 60

/** Writes one thing of the books: tried at every change, kept until it is saved, never lost. */
export function useWriting<Form extends object, Drawn, Draft extends { version?: number | null }>(
  it: Written<Form, Drawn, Draft>,
) {
  const { taste } = useHouse()
  const safe = useSafeForm(
    it.key ?? `${it.what} ${it.own?.id ?? 'new'}`,
    it.begin,
    it.own?.version ?? null,
  )
  const form = safe.form
  const version = safe.version
  const drawn = ref(null) as Ref<Drawn | null>
  const refused = ref('')
  /** Why it could not be kept; until something is changed. */
  const notSaved = ref('')
  const theirs = ref(null) as Ref<Draft | null>
  const busy = ref(false)
  const open = computed(() => it.missing(form.value))
  const mine = computed(() => it.draft(form.value, version.value, drawn.value))

  const turn = useTurn()
  /** What was typed when the last answer was asked for. */
  let answered = ''
  const typed = () => JSON.stringify(form.value)
  /** @returns whether it was answered; null where another question has overtaken it */
  async function lookNow(): Promise<boolean | null> {
    const current = turn()
    const asked = typed()
    if (open.value) {
      refused.value = ''
      return false
    }
    try {
      const answer = await it.trial(it.draft(form.value, null, null), form.value)
      if (!current()) return null
      drawn.value = answer
      answered = asked
      refused.value = ''
      return true
    } catch (problem) {
      if (!current()) return null
      refused.value = inTaste(words(problem), taste.value)
      return false
    }
  }
  const look = useDebounceFn(lookNow, SOON_MS)
  watch(
    form,
    () => {
      notSaved.value = ''
      void look()
    },
    { deep: true },
  )

  /** What follows from what is typed is part of what is kept: nothing is, before it is known. */
  async function answerOnTheWire() {
    // What was refused before may be right by now: only an answer to this very form counts.
    while (answered !== typed()) {
      if ((await lookNow()) === false) return false
    }
    return true
  }

  async function save() {
    const name = it.name(form.value).trim()
    if (open.value || !name) {
      notSaved.value = open.value || t('It wants a name.')
      return
    }
    if (busy.value) return
    busy.value = true
    try {
      if (!(await answerOnTheWire())) {
        notSaved.value = refused.value || open.value
        return
      }
      let id = it.own?.id
      if (id) await it.put(id, mine.value)
      else id = await saveNew(name, it.what, [], (fresh) => it.put(fresh, mine.value))
      safe.forget()
      it.saved(id)
    } catch (problem) {
      if (it.own && isStale(problem)) await compare(it.own.id)
      else notSaved.value = inTaste(words(problem), taste.value)
    } finally {
      busy.value = false
    }
  }

  async function compare(id: string) {
    try {
      theirs.value = await it.now(id)
    } catch (problem) {
      notSaved.value = words(problem)
    }
  }

  /** What was picked of both is put over the newer state. */
  async function settle(state: Draft) {
    const newer = theirs.value?.version ?? null
    theirs.value = null
    if (!it.own) return
    busy.value = true
    try {
      await it.put(it.own.id, { ...state, version: newer })
      safe.forget()
      it.saved(it.own.id)
    } catch (problem) {
      if (isStale(problem)) await compare(it.own.id)
      else notSaved.value = inTaste(words(problem), taste.value)
    } finally {
      busy.value = false
    }
  }

  return { ...safe, form, drawn, refused, notSaved, theirs, mine, busy, open, look, save, settle }
}
