import { onBeforeUnmount, onMounted, ref, shallowRef, triggerRef, watch, type Ref } from 'vue'
import { api, ask, Refusal, words, type BowlEventDraft, type TemperBowl } from '@/api/client'
import type { CurveLane } from '@/parts/curve'
import { AWAY, onNews, onNewsOpened, useNews } from '@/parts/news'
import { once } from '@/parts/once'

/** Readings of a bowl, growing while it is watched. */
export interface Trace {
  timeS: number[]
  celsius: number[]
}

interface PushedReadings {
  bowl: string
  timeS: number[]
  celsius: (number | null)[]
}

/** Adds pushed readings in their place; returns false when one lies before the last. */
export function append(trace: Trace, pushed: PushedReadings): boolean {
  let inOrder = true
  pushed.timeS.forEach((t, i) => {
    const c = pushed.celsius[i]
    if (c === null || c === undefined) return
    const last = trace.timeS[trace.timeS.length - 1]
    if (last !== undefined && t <= last) {
      inOrder = false
      return
    }
    trace.timeS.push(t)
    trace.celsius.push(c)
  })
  return inOrder
}

/** One bowl, followed while the caller is on screen. */
export function useTemperBowl(id: Ref<string | undefined>) {
  const { answering } = useNews()
  const bowl = shallowRef<TemperBowl | null>(null)
  const trace = shallowRef<Trace>({ timeS: [], celsius: [] })
  const lane = shallowRef<CurveLane | null>(null)
  const trouble = ref('')
  /** Clock of the bowl when it was last told, and when that was. */
  let told = { clockS: 0, at: 0 }
  const clockS = ref(0)
  let deaf: (() => void)[] = []
  let ticking: ReturnType<typeof setInterval> | undefined
  let lanes = 0
  let frame = 0

  function keep(view: TemperBowl) {
    if (view.summary.id !== id.value) return
    bowl.value = view
    told = { clockS: view.clockS, at: Date.now() }
    trouble.value = ''
  }

  async function load() {
    const mine = id.value
    if (!mine) return
    try {
      keep(await ask(api.GET('/api/temper/bowls/{id}', { params: { path: { id: mine } } })))
    } catch (problem) {
      if (mine === id.value) trouble.value = words(problem)
    }
  }

  async function loadChart() {
    const mine = id.value
    if (!mine) return
    try {
      const chart = await ask(
        api.GET('/api/temper/bowls/{id}/chart', { params: { path: { id: mine } } }),
      )
      if (mine !== id.value) return
      trace.value = { timeS: chart.timeS, celsius: chart.celsius }
      lane.value = chart.lane
    } catch (problem) {
      if (mine === id.value) trouble.value = words(problem)
    }
  }

  /** Crystals move slowly: every few tellings are enough. */
  async function changed() {
    await load()
    if (lanes++ % 4 === 0) await loadChart()
  }

  function pushed(data: string) {
    const readings = JSON.parse(data) as PushedReadings
    if (readings.bowl !== id.value) return
    const inOrder = append(trace.value, readings)
    if (!inOrder) void loadChart()
    // However many readings come, the page is drawn once a frame.
    cancelAnimationFrame(frame)
    frame = requestAnimationFrame(() => triggerRef(trace))
  }

  function follow() {
    deaf = [
      onNewsOpened(() => {
        void load()
        void loadChart()
      }),
      onNews('readings', pushed),
      onNews('bowl', (bowl) => {
        if (bowl === id.value) void changed()
      }),
      watch(answering, (there) => {
        if (!there) trouble.value = AWAY
      }),
    ]
  }

  const noteOnce = once()

  async function note(event: Omit<BowlEventDraft, 'id'>) {
    const path = { id: id.value! }
    await write(() =>
      noteOnce(['note', path, event], (mine) =>
        ask(
          api.POST('/api/temper/bowls/{id}/events', {
            params: { path },
            body: { id: mine, ...event },
          }),
        ),
      ),
    )
    await loadChart()
  }

  /** Puts another note in the place of one; the first is kept in the books. */
  async function correct(note: string, event: Omit<BowlEventDraft, 'id'>) {
    const path = { id: id.value!, note }
    await write(() =>
      noteOnce(['correct', path, event], (mine) =>
        ask(
          api.PUT('/api/temper/bowls/{id}/events/{note}', {
            params: { path },
            body: { id: mine, ...event },
          }),
        ),
      ),
    )
    await loadChart()
  }

  async function takeBack(note: string) {
    const path = { id: id.value!, note }
    await write(() => ask(api.DELETE('/api/temper/bowls/{id}/events/{note}', { params: { path } })))
    await loadChart()
  }

  async function type(temperatureC: number) {
    const path = { id: id.value! }
    await write(() =>
      noteOnce(['type', path, temperatureC], (mine) =>
        ask(
          api.POST('/api/temper/bowls/{id}/readings', {
            params: { path },
            body: { id: mine, temperatureC },
          }),
        ),
      ),
    )
    await loadChart()
  }

  /** `was`: what the maker saw there; where another was quicker this one is refused. */
  async function retype(reading: string, temperatureC: number, was: number | null) {
    const path = { id: id.value!, reading }
    await write(() =>
      ask(
        api.PUT('/api/temper/bowls/{id}/readings/{reading}', {
          params: { path },
          body: { temperatureC, was },
        }),
      ),
    )
    await loadChart()
  }

  async function untype(reading: string) {
    const path = { id: id.value!, reading }
    await write(() =>
      ask(api.DELETE('/api/temper/bowls/{id}/readings/{reading}', { params: { path } })),
    )
    await loadChart()
  }

  async function end() {
    await write(() =>
      ask(api.POST('/api/temper/bowls/{id}/end', { params: { path: { id: id.value! } } })),
    )
  }

  async function write(send: () => Promise<TemperBowl>) {
    try {
      keep(await send())
    } catch (problem) {
      if (!(problem instanceof Refusal)) trouble.value = words(problem)
      throw problem
    }
  }

  onMounted(() => {
    follow()
    ticking = setInterval(() => {
      const pace = bowl.value?.summary.pace ?? 1
      const open = bowl.value?.summary.state === 'OPEN'
      clockS.value = told.clockS + (open ? ((Date.now() - told.at) / 1000) * pace : 0)
    }, 250)
  })
  onBeforeUnmount(() => {
    deaf.forEach((stop) => stop())
    clearInterval(ticking)
    cancelAnimationFrame(frame)
  })
  watch(id, () => {
    bowl.value = null
    trace.value = { timeS: [], celsius: [] }
    lane.value = null
    void load()
    void loadChart()
  })

  return {
    bowl,
    trace,
    lane,
    trouble,
    clockS,
    note,
    correct,
    takeBack,
    type,
    retype,
    untype,
    end,
  }
}
