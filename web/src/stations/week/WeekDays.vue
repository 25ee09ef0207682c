<script setup lang="ts">
import { t } from '@/words'
import { asList, HOURS, when, written } from '@/words/locale'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words } from '@/api/client'
import DayString from './DayString.vue'
import WhyNot from './WhyNot.vue'
import WorkCard from './WorkCard.vue'
import { handsByDay, slackMin, useWeek, type WeekRun, type Work } from './week'

const { week, trouble, look, plan, enough } = useWeek()
const router = useRouter()
const chosen = ref('')
const planning = ref(false)
const by = ref<'hands' | 'batches' | 'things'>('hands')
onMounted(() => void look())

const days = computed(() => (week.value ? handsByDay(week.value) : []))
const picked = computed(() => week.value?.work.find((w) => w.id === chosen.value) ?? null)
const runs = computed(() => new Map((week.value?.runs ?? []).map((r) => [r.id, r])))
const late = computed(() => (week.value?.runs ?? []).filter((r) => r.lateMin > 0))
const wish = (name: string) => week.value?.wishes.find((w) => w.wish === name)

async function planNow() {
  planning.value = true
  await plan()
  planning.value = false
}

async function begin(run: WeekRun) {
  try {
    const batch = run.batch
      ? { summary: { id: run.batch } }
      : await ask(api.POST('/api/week/begin', { body: { run: run.id } }))
    await router.push(`/bench/${batch.summary.id}`)
  } catch (problem) {
    trouble.value = words(problem)
  }
}

const dayName = (moment: string | number) =>
  when(moment, { weekday: 'long', day: 'numeric', month: 'long' })
const moment = (at: string) => when(at, { weekday: 'short', hour: '2-digit', minute: '2-digit' })

function title(work: Work) {
  const piece = runs.value.get(work.run)?.name ?? ''
  // Which turn it is of which part says the Bench; here the piece says enough.
  const part = work.part.includes(', ') ? '' : work.part
  return [work.title, part, part === piece ? '' : piece].filter(Boolean).join(' · ')
}

function titleOf(id: string) {
  const work = week.value?.work.find((w) => w.id === id)
  return work ? title(work) : ''
}

function tone(work: Work) {
  if (work.begun) return 'begun'
  if ((runs.value.get(work.run)?.lateMin ?? 0) > 0) return 'off'
  return slackMin(work) < 5 ? 'tight' : ''
}

const thick = (work: Work[]) =>
  work
    .filter((w) => w.minutes > 0)
    .map((w) => ({
      id: w.id,
      start: Date.parse(w.start),
      end: Date.parse(w.end),
      tone: tone(w),
    }))

function pauses(stays: { from: number; to: number; until: number }[]) {
  return stays.slice(1).map((s, i) => ({ from: stays[i]!.to, to: s.from }))
}

const workOf = (run: string) => week.value!.work.filter((w) => w.run === run)

/** What is kept, one line for each of a thing. */
const things = computed(() => {
  const lines = new Map<
    string,
    { name: string; held: { id: string; start: number; end: number }[] }
  >()
  for (const kept of week.value?.kept ?? []) {
    const name = kept.unit ? `${kept.thing} ${kept.unit}` : `${kept.thing} (${kept.of})`
    const line = lines.get(name) ?? { name, held: [] }
    line.held.push({
      id: `${kept.run}${kept.from}`,
      start: Date.parse(kept.from),
      end: Date.parse(kept.until),
    })
    lines.set(name, line)
  }
  for (const line of lines.values()) line.held.sort((a, b) => a.start - b.start)
  return [...lines.values()]
})

const answer = computed(() => {
  const now = week.value
  if (!now || now.state === 'NONE' || !now.runs.length) return ''
  if (late.value.length)
    return t('{late} of {all} batches come too late.', {
      late: late.value.length,
      all: now.runs.length,
    })
  return t('All {all} batches are ready in time.', { all: now.runs.length })
})

function hours(minutes: number) {
  return minutes < 120
    ? t('{n} min', { n: minutes })
    : t('{h} h {m} min', { h: Math.floor(minutes / 60), m: minutes % 60 })
}

const VIEWS = [
  { id: 'hands', words: t('By hands') },
  { id: 'batches', words: t('By batch') },
  { id: 'things', words: t('By what is used') },
] as const
</script>

<template>
  <header class="head">
    <div>
      <h1>{{ answer || $t('Week') }}</h1>
      <p v-if="week && week.runs.length" class="facts">
        <span v-if="wish('ON_TIME')!.value"
          >{{ $t('late {n} min in all', { n: wish('ON_TIME')!.value }) }},
          {{
            wish('ON_TIME')!.proven
              ? $t('proven: it cannot be less')
              : $t('it may be {n} at the least', { n: wish('ON_TIME')!.bound })
          }}.</span
        >
        <span>{{
          wish('NO_OVERTIME')!.value
            ? wish('NO_OVERTIME')!.proven
              ? $t('Overtime {n} min, proven.', { n: wish('NO_OVERTIME')!.value })
              : $t('Overtime {n} min, at least {m}.', {
                  n: wish('NO_OVERTIME')!.value,
                  m: wish('NO_OVERTIME')!.bound,
                })
            : $t('No overtime.')
        }}</span>
        <span>{{ $t('Washes of bowls: {n}.', { n: wish('FEW_WASHES')!.value }) }}</span>
        <span>{{
          $t('Hands are here for {long}.', { long: hours(wish('SHORT_DAYS')!.value) })
        }}</span>
        <span>{{
          $t('Begun {n} days before they are wanted, on average.', {
            n: written(wish('FRESH')!.value / week.runs.length, 1),
          })
        }}</span>
      </p>
    </div>
    <div class="acts no-print">
      <v-btn
        v-if="week?.state === 'SOUGHT'"
        size="x-large"
        color="primary"
        data-main
        @click="enough"
        >{{ $t('Enough') }}</v-btn
      >
      <v-btn v-else size="x-large" color="primary" data-main :loading="planning" @click="planNow">{{
        week?.number ? $t('Plan again') : $t('Plan the days')
      }}</v-btn>
    </div>
  </header>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <p v-if="week?.state === 'SOUGHT'" class="quiet" role="status">
    {{
      week.runs.length
        ? $t('A better plan is being looked for; this one holds already.')
        : $t('A plan is being looked for.')
    }}
  </p>
  <p v-if="week?.stale" class="caution">
    {{
      $t(
        'Planned before the last change of orders or people, or before a batch was begun. Plan again to see it.',
      )
    }}
  </p>
  <p v-for="missed of week?.tooLate ?? []" :key="missed.work" class="caution">
    {{
      $t('{work} comes too late after {before}, since nobody is here in time.', {
        work: titleOf(missed.work),
        before: titleOf(missed.after),
      })
    }}
    {{ missed.why }}
  </p>
  <p v-if="week?.state === 'IMPOSSIBLE'" class="trouble" role="alert">
    {{ $t('No plan keeps everything. Let a pin go, move a day, or add hands.') }}
  </p>
  <p v-if="week?.state === 'NOT_FOUND'" class="trouble" role="alert">
    {{
      $t(
        'No plan was found in the time there was. Plan again, let a pin go, move a day, or add hands.',
      )
    }}
  </p>
  <p
    v-if="
      week &&
      !week.runs.length &&
      week.state !== 'IMPOSSIBLE' &&
      week.state !== 'NOT_FOUND' &&
      week.state !== 'SOUGHT'
    "
    class="quiet empty"
  >
    <template v-if="week.number === 0">{{
      $t('Say what should be ready when under Orders, and who works when under People.')
    }}</template>
    <template v-else>{{ $t('Nothing is wanted. Orders come first.') }}</template>
    <router-link to="/week/orders">{{ $t('Orders') }}</router-link>
  </p>
  <WhyNot v-if="late.length" :key="week!.number" />
  <template v-if="week && week.runs.length">
    <v-btn-toggle v-model="by" mandatory class="no-print by" :aria-label="$t('How it is laid out')">
      <v-btn v-for="one in VIEWS" :key="one.id" :value="one.id" size="large">{{ one.words }}</v-btn>
    </v-btn-toggle>
    <template v-if="by === 'hands'">
      <section v-for="day in days" :key="day.day" class="day">
        <h2>{{ dayName(day.hands[0]!.from) }}</h2>
        <div class="lanes">
          <article v-for="hands in day.hands" :key="hands.person.id" class="lane">
            <h3>{{ hands.person.name }}</h3>
            <DayString
              :from="hands.from"
              :until="hands.until"
              :thick="thick(hands.work)"
              :away="pauses(hands.stays)"
              :chosen="chosen"
            />
            <ol>
              <li v-for="work in hands.work" :key="work.id">
                <button
                  type="button"
                  :class="tone(work)"
                  :aria-pressed="work.id === chosen"
                  @click="chosen = work.id"
                >
                  <b>{{ when(work.start, HOURS) }}</b>
                  <span>{{ title(work) }}</span>
                  <small>{{ $t('{n} min', { n: work.minutes }) }}</small>
                  <small v-if="work.pinned" class="mark">{{ $t('pinned') }}</small>
                  <small v-if="tone(work) === 'tight'" class="mark">{{ $t('cannot wait') }}</small>
                </button>
              </li>
            </ol>
          </article>
        </div>
      </section>
    </template>
    <section v-else-if="by === 'batches'" class="batches">
      <article v-for="run in week.runs" :key="run.id">
        <div class="run">
          <h3>{{ run.name }}</h3>
          <span>{{
            run.moulds
              ? $t('{n} pieces, {m} moulds', { n: run.pieces, m: run.moulds })
              : $t('{n} pieces', { n: run.pieces })
          }}</span>
          <span>{{ $t('begins {at}', { at: moment(run.begins) }) }}</span>
          <span>{{ $t('ready {at}', { at: moment(run.ready) }) }}</span>
          <span>{{ $t('wanted {at}', { at: moment(run.due) }) }}</span>
          <span v-if="run.lateMin" class="off">{{
            $t('✕ {long} late', { long: hours(run.lateMin) })
          }}</span>
          <span v-else-if="week.sure && run.inTime != null" class="quiet">{{
            $t('in time {n} of {all} times played', { n: run.inTime, all: week.sure.played })
          }}</span>
          <v-btn size="large" variant="outlined" class="no-print" @click="begin(run)">{{
            run.batch ? $t('To the Bench') : $t('Begin')
          }}</v-btn>
        </div>
        <DayString
          :from="Date.parse(run.begins)"
          :until="Date.parse(run.ready)"
          :due="Date.parse(run.due)"
          :thick="thick(workOf(run.id))"
          :chosen="chosen"
        />
      </article>
    </section>
    <section v-else class="batches">
      <p class="caution">
        {{
          $t(
            'A bowl is washed between two batches where the second would get an allergen it does not have; moulds and trays are not looked at. No wash proves that there are no traces: what a label may say is for your local food authority.',
          )
        }}
      </p>
      <article v-for="thing in things" :key="thing.name">
        <h3>{{ thing.name }}</h3>
        <DayString
          :from="Date.parse(week.from)"
          :until="Date.parse(week.until)"
          :thick="thing.held"
        />
        <p class="quiet">
          {{
            asList(
              thing.held.map((held) =>
                $t('{from} to {to}', {
                  from: moment(new Date(held.start).toISOString()),
                  to: moment(new Date(held.end).toISOString()),
                }),
              ),
            )
          }}
        </p>
      </article>
    </section>
    <WorkCard
      v-if="picked"
      :key="picked.id"
      :work="picked"
      :week="week"
      :title="title(picked)"
      @close="chosen = ''"
      @choose="chosen = $event"
    />
  </template>
</template>

<style scoped>
.head {
  display: flex;
  gap: 24px;
  align-items: flex-start;
  justify-content: space-between;
  flex-wrap: wrap;
}
.facts {
  margin-top: 6px;
  max-width: 62rem;
}
.facts span {
  margin-right: 0.6em;
}
.acts .v-btn {
  min-height: 64px;
  min-width: 200px;
}
.by {
  margin: 18px 0 6px;
  height: auto !important;
  flex-wrap: wrap;
}
.by .v-btn {
  min-height: 56px;
  flex: 1 1 auto;
}
.day {
  margin-top: 18px;
}
.lanes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
  gap: 10px 28px;
}
.lane h3 {
  margin: 8px 0 0;
}
ol {
  list-style: none;
  padding: 0;
}
li button {
  display: flex;
  gap: 10px;
  align-items: baseline;
  width: 100%;
  min-height: 56px;
  padding: 10px 8px;
  text-align: left;
  border-bottom: 1px solid var(--p-line);
  flex-wrap: wrap;
}
li button[aria-pressed='true'] {
  background: var(--p-fog);
}
li b {
  font-variant-numeric: tabular-nums;
  min-width: 3.2em;
}
li span {
  flex: 1 1 10em;
}
li small {
  color: var(--p-quiet);
  font-size: 0.9rem;
}
.mark {
  color: var(--p-tight) !important;
}
.off {
  color: var(--p-off);
}
.batches article {
  padding: 14px 0;
  border-bottom: 1px solid var(--p-line);
}
.run {
  display: flex;
  gap: 6px 18px;
  align-items: baseline;
  flex-wrap: wrap;
}
.run h3 {
  margin-right: auto;
}
.run .v-btn {
  min-height: 56px;
}
.empty {
  margin: 30px 0;
  font-size: 1.15rem;
}
@media print {
  .lane {
    break-inside: avoid;
  }
  li button {
    min-height: 0;
    padding: 3px 0;
  }
}
</style>
