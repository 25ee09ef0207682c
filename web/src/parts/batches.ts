import { computed, reactive, ref, watch } from 'vue'
import {
  api,
  ask,
  words,
  type Batch,
  type BatchSummary,
  type EntryDraft,
  type Fillings,
  type Method,
  type Step,
} from '@/api/client'
import { AWAY, onNews, onNewsOpened, useNews } from '@/parts/news'
import { once } from '@/parts/once'

const { answering } = useNews()

const running = ref<BatchSummary[]>([])
const open = reactive(new Map<string, Batch>())
const loaded = ref(false)
const trouble = ref('')
/** Server time minus ours, so that a screen with a wrong clock still counts right. */
const offset = ref(0)
const now = ref(Date.now())
let following = false
let ticking: ReturnType<typeof setInterval> | undefined

function keep(batch: Batch) {
  const known = open.get(batch.summary.id)
  // An older answer may arrive after a newer one.
  if (!known || batch.entries >= known.entries) {
    open.set(batch.summary.id, batch)
    offset.value = Date.parse(batch.serverNow) - Date.now()
    now.value = Date.now() + offset.value
  }
}

async function loadOne(id: string) {
  keep(await ask(api.GET('/api/batches/{id}', { params: { path: { id } } })))
}

async function loadRunning() {
  try {
    const page = await ask(api.GET('/api/batches', { params: { query: { state: 'RUNNING' } } }))
    running.value = page.items
    await Promise.all(page.items.map((batch) => loadOne(batch.id)))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}

/** Another screen, or this one, wrote into a batch: ask for that one, and for the list if it moved. */
async function changed(id: string) {
  try {
    await loadOne(id)
    const listed = running.value.some((batch) => batch.id === id)
    if (listed !== (open.get(id)?.summary.state === 'RUNNING')) await loadRunning()
  } catch (problem) {
    trouble.value = words(problem)
  }
}

/** Follows what other screens write; called once, by the frame around all stations. */
function follow() {
  if (following) return
  ticking ??= setInterval(() => (now.value = Date.now() + offset.value), 250)
  following = true
  onNewsOpened(() => void loadRunning())
  onNews('batch', (id) => void changed(id))
  watch(answering, (there) => {
    if (!there) trouble.value = AWAY
  })
}

async function begin(order: {
  id: string
  piece: string
  moulds?: number
  pieces?: number
  method?: Method
  fillings?: Fillings
  bowl?: string
}) {
  const batch = await ask(api.POST('/api/batches', { body: order }))
  keep(batch)
  await loadRunning()
  return batch
}

const writeOnce = once()

/** Writes one entry; sent again after silence, nothing is written twice. */
async function write(id: string, entry: Omit<EntryDraft, 'id'>) {
  await writeOnce([id, entry], (mine) => send(id, { id: mine, ...entry }))
}

async function send(id: string, entry: EntryDraft) {
  keep(
    await ask(
      api.POST('/api/batches/{id}/entries', {
        params: { path: { id } },
        body: entry,
      }),
    ),
  )
}

/** Writes several entries as one act: all of them stand then, or none does. */
async function writeAll(id: string, entries: Omit<EntryDraft, 'id'>[]) {
  await writeOnce([id, entries], async (mine) =>
    keep(
      await ask(
        api.POST('/api/batches/{id}/acts', {
          params: { path: { id } },
          body: { entries: entries.map((entry, at) => ({ id: idOf(mine, at), ...entry })) },
        }),
      ),
    ),
  )
}

/** Of the entry at a place in an act: the same each time the act is sent. */
const idOf = (act: string, at: number) => act.slice(0, -4) + at.toString(16).padStart(4, '0')

/** Seconds a task under way has run. */
function elapsed(step: Step): number {
  return step.begunAt ? (now.value - Date.parse(step.begunAt)) / 1000 : 0
}

/** Seconds until a moment; negative when it has passed. */
function until(moment: string): number {
  return (Date.parse(moment) - now.value) / 1000
}

/** Every batch under way, the soonest clock first. */
const underWay = computed(() =>
  running.value
    .map((summary) => open.get(summary.id))
    .filter((batch): batch is Batch => batch !== undefined && batch.summary.state === 'RUNNING'),
)

export function useBatches() {
  return {
    open,
    underWay,
    loaded,
    trouble,
    now,
    follow,
    loadOne,
    loadRunning,
    begin,
    write,
    writeAll,
    elapsed,
    until,
  }
}
