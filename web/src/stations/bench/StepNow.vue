<script setup lang="ts">
// The step under way: what to do, its number, its clock, and one main act in one place.
import { t } from '@/words'
import { computed, nextTick, ref, watch } from 'vue'
import { words, type Batch, type Step } from '@/api/client'
import { useBatches } from '@/parts/batches'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import { clock, inTaste, quantity, sentence, symbol, timeOfDay } from '@/parts/units'
import KeyPad from './KeyPad.vue'
import BowlBeside from './BowlBeside.vue'
import LotClock from './LotClock.vue'
import OtherTasks from './OtherTasks.vue'
import PastNotes from './PastNotes.vue'
import RemarkSheet from './RemarkSheet.vue'
import StepClock from './StepClock.vue'
import StepReading from './StepReading.vue'

const props = defineProps<{ batch: Batch }>()
const { taste } = useHouse()
const { write, writeAll, until } = useBatches()
type Entry = Parameters<typeof write>[1]

/** Chosen by hand, beside the one the server says the hands are at. */
const chosen = ref<number | null>(null)
const step = computed(() => {
  const picked = props.batch.steps[(chosen.value ?? 0) - 1]
  const open = picked && (picked.status === 'UNDER_WAY' || picked.status === 'READY')
  return open ? picked : props.batch.steps[props.batch.step - 1]!
})
const ready = computed(() => step.value.status === 'READY')
/** What this one leads to; else what may begin meanwhile. */
const next = computed(() => {
  const open = (s: Step) => s.status === 'WAITING' || s.status === 'READY'
  return (
    props.batch.steps.find((s) => open(s) && s.after.includes(step.value.number)) ??
    props.batch.steps.find((s) => s.status === 'READY' && s.number !== step.value.number)
  )
})
const left = computed(() => props.batch.steps.filter((s) => s.status !== 'DONE').length)
/** The latest moment of the task in hand, and how far it is. */
const latest = computed(() => {
  const moment = step.value.latest
  return moment ? { seconds: until(moment.at), late: moment.late } : null
})
const LONG_S = 3 * 3600
/** A moment counts until the task has begun; at the bowl, until it is done. */
const waited = computed(() => ready.value || step.value.atTheBowl)
const last = computed(() => step.value.notes.at(-1) ?? null)

const text = ref('')
const remarking = ref(false)
const why = ref('')
const refused = ref('')
const busy = ref(false)
const reading = ref<InstanceType<typeof StepReading> | null>(null)
const here = ref<HTMLElement | null>(null)

watch(
  () => step.value.number,
  () => {
    text.value = ''
    refused.value = ''
    // Back to the page itself, so that the next key is a key and not a press of an old button.
    void nextTick(() => here.value?.focus({ preventScroll: true }))
  },
)

/** What is being written, until it is answered. */
let writing: Promise<boolean> = Promise.resolve(true)

/** One at a time; a refusal is shown and what was typed stays. */
async function act(...entries: Entry[]): Promise<boolean> {
  if (busy.value) return false
  busy.value = true
  refused.value = ''
  return (writing = written(entries).finally(() => (busy.value = false)))
}

async function written(entries: Entry[]): Promise<boolean> {
  const id = props.batch.summary.id
  try {
    await (entries.length === 1 ? write(id, entries[0]!) : writeAll(id, entries))
    return true
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
    return false
  }
}

const done = () => act({ kind: ready.value ? 'BEGIN' : 'DONE', step: step.value.number })

async function begin(number: number) {
  if (await act({ kind: 'BEGIN', step: number })) chosen.value = number
}

async function note() {
  const value = reading.value?.read()
  if (value === undefined || value === null) return
  if (await act({ kind: 'NOTE', step: step.value.number, value })) {
    text.value = ''
    here.value?.focus({ preventScroll: true })
  }
}

/** The paper test has failed: the main act is to temper again, going on wants a reason. */
const failed = computed(() => step.value.kind === 'TEST' && last.value?.bandStatus === 'OFF')
const reasoning = ref(false)

/** Takes the tempering back to its first task; what was noted stays on record. */
async function temperAgain() {
  const from = props.batch.steps.findIndex((s) => s.kind === 'MELT')
  if (from < 0) return
  const done = props.batch.steps
    .slice(from, step.value.number - 1)
    .filter((s) => s.doneBy && s.atTheBowl)
    .reverse()
  if (!done.length) return
  const undo = done.map((task) => ({
    kind: 'UNDO' as const,
    step: task.number,
    about: task.doneBy!,
  }))
  if (await act(...undo)) chosen.value = from + 1
}

async function goOnAnyway(why: string) {
  const at = step.value.number
  const stands = await act(
    { kind: 'REMARK', step: at, text: t('went on: {why}', { why }) },
    { kind: 'DONE', step: at },
  )
  // Refused, the reason stays to be sent again.
  if (stands) reasoning.value = false
}

/** Filled pieces turned out are ticked where the station Shells learns of them. */
const ticks = computed(() => {
  const chilled = props.batch.steps.findLast((s) => s.kind === 'CHILL_CAP')
  if (step.value.kind !== 'DEMOULD' || !chilled) return null
  const min = Math.max(1, Math.round((chilled.tookS ?? 60) / 60))
  return { path: '/shells/demould', query: { piece: props.batch.summary.pieceId, min } }
})

const tempered = computed(() => props.batch.steps.some((s) => s.kind === 'MELT'))

/**
 * The one main act is what the advice comes to: write down what is typed, temper again after a
 * failed paper test, read again what must be mended; else begin, or done.
 */
const main = computed<{ name: string; after: string; act: () => unknown }>(() => {
  if (text.value.trim() && step.value.reading) {
    const unit = symbol(step.value.reading.unit, taste.value)
    return {
      name: t('Note {text} {unit}', { text: text.value.trim(), unit }),
      after: '',
      act: note,
    }
  }
  if (ready.value) return { name: t('Begin'), after: '', act: done }
  if (failed.value && tempered.value) {
    const from = props.batch.steps.find((s) => s.kind === 'MELT')?.title
    return { name: t('Temper again'), after: t('from {from}', { from }), act: temperAgain }
  }
  if (last.value?.again) {
    return {
      name: t('Read again'),
      after: t('when it is mended'),
      act: () => reading.value?.focus(),
    }
  }
  const after =
    left.value === 1
      ? t('finishes the batch')
      : next.value
        ? t('next: {title}', { title: next.value.title })
        : ''
  return { name: t('Done'), after, act: done }
})
/** Going on against the advice is possible, small, and wants a reason. */
const against = computed(() => !ready.value && Boolean(last.value?.again))

async function undo() {
  // Pressed right after what it takes back: that has to be on the record first.
  if (busy.value) {
    if (!(await writing)) return
    await nextTick()
  }
  const entry = props.batch.undo
  if (entry) await act({ kind: 'UNDO', step: entry.step, about: entry.id })
}

async function remark(what: string) {
  if (await act({ kind: 'REMARK', step: step.value.number, text: what })) {
    remarking.value = false
    void nextTick(() => here.value?.focus({ preventScroll: true }))
  }
}

async function giveUp(why: string) {
  if (await act({ kind: 'ABANDON', step: step.value.number, text: why })) remarking.value = false
}

async function correct(id: string, value: number, at: number) {
  await act({ kind: 'CORRECT', step: at, value, about: id })
}

useKeys({
  ' ': () => void main.value.act(),
  t: () => reading.value?.focus(),
  n: () => (remarking.value = true),
  u: () => void undo(),
})
</script>

<template>
  <div ref="here" class="bench" tabindex="-1" :aria-label="$t('Step under way')">
    <section class="do">
      <p class="where">
        <i18n-t scope="global" keypath="{number} of {steps}">
          <template #number>
            <b class="num">{{ step.number }}</b>
          </template>
          <template #steps>
            {{ batch.steps.length }}
          </template>
        </i18n-t>
        <span v-if="step.part" class="part">{{ step.part }}</span>
        <span>{{
          $t('{piece}, {count}', {
            piece: batch.summary.pieceName,
            count: quantity(batch.summary.pieces, 'PIECE', taste),
          })
        }}</span>
        <span class="num">{{ $t('lot {lot}', { lot: batch.summary.lot }) }}</span>
      </p>
      <h1>{{ step.title }}</h1>
      <p class="say">{{ sentence(step.say, taste) }}</p>
      <p v-if="latest && latest.seconds < 0 && waited" class="late" role="alert">
        {{ latest.late }}
      </p>
      <p v-else-if="latest && waited && latest.seconds < LONG_S" class="moment">
        {{ ready ? $t('Begin within') : $t('The window stays open for') }}
        <b class="num">{{ clock(latest.seconds) }}</b>
      </p>
      <i18n-t
        v-if="ready && step.earliest && until(step.earliest) > 0"
        tag="p"
        class="moment"
        scope="global"
        keypath="Not before {earliest}, in {until}"
      >
        <template #earliest>
          <b class="num">{{ timeOfDay(step.earliest) }}</b>
        </template>
        <template #until>
          {{ clock(until(step.earliest)) }}
        </template>
      </i18n-t>
      <LotClock
        v-if="step.kind === 'DIP' && !ready"
        :key="`lot ${step.number}`"
        :step="step"
        :batch="batch.summary.id"
      />
      <StepReading
        v-if="step.reading"
        ref="reading"
        :key="step.number"
        v-model="text"
        :reading="step.reading"
        :last="last"
        :busy="busy"
        :told="step.atTheBowl && Boolean(batch.bowl)"
        @note="note"
      />
      <BowlBeside
        v-if="step.atTheBowl && (batch.bowl || batch.couverture)"
        :id="batch.bowl"
        :batch="batch.summary.id"
        :couverture="batch.couverture"
      />
      <v-btn v-if="ticks" size="x-large" variant="outlined" :to="ticks">{{
        $t('Tick what stuck')
      }}</v-btn>
      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
      <p v-if="step.caution" class="caution">{{ step.caution }}</p>
    </section>

    <aside class="beside">
      <StepClock v-if="step.clock && !ready" :step="step" :step-clock="step.clock" />
      <OtherTasks
        :batch="batch"
        :chosen="step.number"
        :busy="busy"
        @choose="chosen = $event"
        @begin="begin"
      />
      <KeyPad v-if="step.reading" v-model="text" :busy="busy" @note="note" />
      <PastNotes :batch="batch" @correct="correct" />
    </aside>

    <div class="acts">
      <v-btn
        size="x-large"
        variant="outlined"
        class="side"
        :disabled="!batch.undo"
        :title="
          batch.undo
            ? $t('Take back: {what} (U)', { what: batch.undo.what })
            : $t('Nothing to take back')
        "
        @click="undo"
        >{{ $t('Undo') }}</v-btn
      >
      <v-btn size="x-large" variant="outlined" class="side" title="N" @click="remarking = true">{{
        $t('Remark')
      }}</v-btn>
      <v-btn
        v-if="against"
        size="x-large"
        variant="text"
        class="anyway"
        @click="((why = ''), (reasoning = true))"
        >{{ $t('Go on anyway') }}</v-btn
      >
      <v-btn
        size="x-large"
        color="primary"
        class="main"
        :loading="busy"
        :title="$t('Space')"
        @click="main.act"
      >
        <span class="both"
          >{{ main.name }}<small v-if="main.after">{{ main.after }}</small></span
        >
      </v-btn>
    </div>
    <v-dialog v-model="reasoning" max-width="520" :aria-label="$t('Why go on')">
      <v-card class="pa-6">
        <h2 class="mb-2">
          {{ failed ? $t('Cast from a bowl that has not set?') : $t('Go on as it is?') }}
        </h2>
        <p class="quiet mb-3">{{ $t('Say why; it stands in the record.') }}</p>
        <v-text-field
          v-model="why"
          :label="$t('Reason')"
          autofocus
          @keydown.enter="why.trim() && goOnAnyway(why.trim())"
        />
        <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
        <div class="d-flex ga-3 mt-2">
          <v-btn size="x-large" variant="outlined" @click="reasoning = false">{{
            $t('Cancel')
          }}</v-btn>
          <v-btn size="x-large" :disabled="busy || !why.trim()" @click="goOnAnyway(why.trim())">{{
            $t('Go on anyway')
          }}</v-btn>
        </div>
      </v-card>
    </v-dialog>
    <RemarkSheet
      v-model="remarking"
      :step="step.title"
      :refused="refused"
      @keep="remark"
      @give-up="giveUp"
    />
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template: 'do beside' 1fr 'acts acts' auto / minmax(0, 1fr) 336px;
  gap: 0 30px;
  min-height: 100%;
  padding: 16px 26px 0;
  outline: none;
}
.do {
  grid-area: do;
}
.beside {
  grid-area: beside;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.where {
  display: flex;
  gap: 6px;
  align-items: baseline;
  color: var(--p-quiet);
  font-size: 1.1rem;
}
.where b {
  font-size: 1.5rem;
  color: rgb(var(--v-theme-on-background));
}
.where span {
  margin-left: 14px;
}
h1 {
  font-size: 3.4rem;
  margin: 0 0 4px;
}
.say {
  font-size: 1.6rem;
  line-height: 1.25;
  max-width: 30em;
  margin-bottom: 10px;
  text-wrap: pretty;
}
.part {
  color: var(--p-true);
  font-weight: 600;
}
.moment {
  font-size: 1.2rem;
  margin-bottom: 8px;
}
.moment b {
  font-size: 1.5rem;
}
.late {
  margin-bottom: 10px;
  padding: 10px 16px;
  border-left: 6px solid var(--p-off);
  border-radius: 8px;
  background: var(--p-fog);
  font-size: 1.3rem;
}
.caution {
  font-size: 1.1rem;
  margin: 12px 0;
}
.acts {
  grid-area: acts;
  position: sticky;
  bottom: 0;
  display: flex;
  gap: 14px;
  padding: 12px 0 16px;
  background: linear-gradient(transparent, var(--p-ground) 14%);
}
.acts .v-btn {
  height: auto !important;
  min-height: 84px;
}
.anyway {
  font-size: 1rem;
}
.side {
  min-width: 148px;
  font-size: 1.2rem;
}
.main {
  flex: 1;
  font-size: 2rem;
}
.both {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  align-items: baseline;
  column-gap: 22px;
}
.both small {
  font-size: 1.15rem;
  font-weight: 400;
}
@media (max-width: 1000px) {
  .bench {
    grid-template: 'do' auto 'beside' 1fr 'acts' auto / minmax(0, 1fr);
    padding: 14px 20px 0;
  }
  .beside {
    display: grid;
    grid-template: 'clock pad' auto 'other pad' auto 'past pad' 1fr / 1fr 1fr;
    align-content: start;
    margin-top: 12px;
  }
  h1 {
    font-size: 3.6rem;
  }
}
@media (max-width: 700px) {
  .bench {
    padding: 10px 14px 0;
  }
  .beside {
    display: flex;
  }
  .where {
    flex-wrap: wrap;
    font-size: 1rem;
  }
  .where span {
    margin-left: 4px;
  }
  h1 {
    font-size: 2.3rem;
  }
  .say {
    font-size: 1.3rem;
  }
  /* The main action nearest the thumb, over the whole width. */
  .acts {
    flex-wrap: wrap;
    gap: 8px;
    padding: 8px 0;
    background: var(--p-ground);
  }
  .acts .side,
  .acts .anyway {
    flex: 1;
    min-width: 0;
    height: 56px !important;
  }
  .acts .main {
    flex: 1 0 100%;
    height: 68px !important;
    font-size: 1.5rem;
  }
  .both {
    gap: 10px;
  }
}
</style>
