<script setup lang="ts">
import { t } from '@/words'
import { computed, ref, toRef, watch } from 'vue'
import { words, type BowlEventKind } from '@/api/client'
import type { CurveDrawing } from '@/parts/curve'
import { chime } from '@/parts/chime'
import CurveChart from '@/parts/CurveChart.vue'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import { standingWords } from '@/parts/standing'
import TautString from '@/parts/TautString.vue'
import { useTemperBowl } from '@/parts/temper'
import { clock, inTaste, number, quantity, sentence, symbol } from '@/parts/units'
import BowlActs from './BowlActs.vue'
import BowlNotes from './BowlNotes.vue'
import PaperTest from './PaperTest.vue'

const props = defineProps<{ id: string }>()
const emit = defineEmits<{ ended: [id: string] }>()
const { taste } = useHouse()
const { bowl, trace, lane, trouble, clockS, note, correct, takeBack, type, retype, untype, end } =
  useTemperBowl(toRef(props, 'id'))

const now = computed(() => bowl.value?.now ?? null)
const open = computed(() => bowl.value?.summary.state === 'OPEN')
/** The phase of its plan it is in, and the band that phase ends in. */
const phase = computed(() => bowl.value?.plan?.phases[bowl.value.plan.at] ?? null)
const band = computed(() => phase.value?.band ?? bowl.value?.work ?? null)
const standing = computed(() => now.value?.standing ?? 'ON_THE_WAY')
const first = computed(() => bowl.value?.moves[0])
const others = computed(() => bowl.value?.moves.slice(1) ?? [])
/** Counts down on the bowl's own clock from the last reading. */
const closes = computed(() => {
  const n = now.value
  if (!n || n.windowClosesInS == null) return null
  return n.windowClosesInS - Math.max(0, clockS.value - n.timeS)
})
const refused = ref('')
const testing = ref(false)
const whole = ref(false)

const revised = ref('')
const seedWords = () =>
  now.value
    ? t('{stablePercent} ({stableLowPercent} to {stableHighPercent})', {
        stablePercent: quantity(now.value.stablePercent, 'PERCENT', taste.value),
        stableLowPercent: number(now.value.stableLowPercent, 'PERCENT', taste.value),
        stableHighPercent: quantity(now.value.stableHighPercent, 'PERCENT', taste.value),
      })
    : ''

async function act(kind: BowlEventKind, amount?: number, seconds?: number, text?: string) {
  const before = seedWords()
  await tried(() => note({ kind, amount, seconds, text }))
  if (kind.startsWith('PAPER') && !refused.value) {
    const set =
      kind === 'PAPER_SET'
        ? t('Set at {amount} s', { amount })
        : t('Not set at {amount} s', { amount })
    revised.value = t('{set}: seed revised from {before} to {seedWords} of the fat.', {
      set,
      before,
      seedWords: seedWords(),
    })
  }
}
async function read(celsius: number) {
  await tried(() => type(celsius))
}
async function over() {
  await tried(end)
  if (!refused.value) emit('ended', props.id)
}
async function tried(what: () => Promise<void>) {
  try {
    await what()
    refused.value = ''
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  }
}

/** The chosen curve, moved so that its phase began when this bowl's did. */
const planned = computed(() => {
  const plan = bowl.value?.plan
  if (!plan) return []
  const at = plan.path.timeS.map((t) => t + plan.shiftS)
  const from = Math.max(
    0,
    at.findIndex((t) => t >= 0),
  )
  return [
    {
      name: 'plan',
      timeS: at.slice(from),
      celsius: plan.path.temperatureC.slice(from),
      beside: true,
    },
  ]
})
const drawing = computed<CurveDrawing>(() => ({
  lines: [
    { name: t('bowl'), timeS: trace.value.timeS, celsius: trace.value.celsius },
    ...planned.value,
  ],
  lane: lane.value,
  window: bowl.value && { low: bowl.value.work.low, high: bowl.value.work.high },
  marks: bowl.value?.events.map((h) => ({ words: h.words, timeS: h.timeS })),
  lastS: whole.value ? undefined : 2400,
  live: true,
}))
/** A new alarm is heard once. */
watch(
  () => bowl.value?.alarms.map((a) => a.kind).join() ?? '',
  (kinds, before) => {
    const known = (before ?? '').split(',')
    if (kinds.split(',').some((kind) => kind && !known.includes(kind))) chime()
  },
)
useKeys({ p: () => (testing.value = true) })
</script>

<template>
  <div class="live">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="bowl">
      <section class="now">
        <header>
          <h1>{{ bowl.summary.name }}</h1>
          <p class="quiet">
            {{ quantity(now?.massG ?? bowl.summary.massG, 'GRAM', taste) }},
            {{ clock(clockS) }}
            <em v-if="bowl.summary.source === 'SIMULATED'" class="simulated">{{
              $t('simulated, {pace}×', { pace: bowl.summary.pace })
            }}</em>
            <em v-else-if="bowl.summary.probe">{{
              $t('probe {probe}', { probe: bowl.summary.probe })
            }}</em>
          </p>
        </header>
        <template v-if="now">
          <p class="degrees" :class="standing.toLowerCase()">
            {{ number(now.temperatureC, 'CELSIUS', taste)
            }}<small>{{ symbol('CELSIUS', taste) }}</small>
          </p>
          <p class="against" :class="standing.toLowerCase()">
            {{ standingWords(bowl, taste) }}
          </p>
          <TautString
            v-if="band && standing !== 'ON_THE_WAY'"
            :name="$t('bowl')"
            unit="CELSIUS"
            :band="band"
            :value="now.temperatureC"
          />
          <ol v-if="bowl.plan" class="phases" :aria-label="bowl.plan.words">
            <li
              v-for="(p, i) in bowl.plan.phases"
              :key="p.startS"
              :class="{ done: i < bowl.plan.at, here: i === bowl.plan.at }"
              :aria-current="i === bowl.plan.at ? 'step' : undefined"
            >
              {{ p.words }}
            </li>
          </ol>
          <dl>
            <dt>{{ now.verdictWords }}</dt>
            <dd>
              {{
                $t('{likelihood} sure', {
                  likelihood: quantity(now.likelihood * 100, 'PERCENT', taste),
                })
              }}
            </dd>
            <dt>{{ $t('stable crystals') }}</dt>
            <dd>
              {{ quantity(now.stablePercent, 'PERCENT', taste) }}
              <small>{{
                $t('({stableLowPercent} to {stableHighPercent})', {
                  stableLowPercent: number(now.stableLowPercent, 'PERCENT', taste),
                  stableHighPercent: quantity(now.stableHighPercent, 'PERCENT', taste),
                })
              }}</small>
            </dd>
            <dt>{{ $t('unstable') }}</dt>
            <dd>{{ quantity(now.unstablePercent, 'PERCENT', taste) }}</dd>
            <template v-if="now.stablePercent + now.unstablePercent < 12">
              <dt>{{ $t('as thick as without') }}</dt>
              <dd>
                {{ $t('{thickness} times', { thickness: number(now.thickness, 'ONE', taste) }) }}
              </dd>
            </template>
            <template v-if="closes != null">
              <dt>{{ $t('window closes in') }}</dt>
              <dd class="count">{{ closes > 0 ? clock(closes) : $t('now') }}</dd>
            </template>
          </dl>
        </template>
        <p v-else class="quiet wait">
          {{
            bowl.summary.probe
              ? $t('Nothing heard of the probe yet.')
              : $t('Stir, read in the middle, and note the temperature.')
          }}
        </p>
      </section>

      <section class="next" aria-live="polite">
        <p
          v-for="alarm in bowl.alarms"
          :key="alarm.kind"
          class="alarm"
          :class="{ grave: alarm.grave }"
        >
          {{ sentence(alarm.say, taste) }}
        </p>
        <p v-if="first" class="move">{{ sentence(first.say, taste) }}</p>
        <details v-if="others.length">
          <summary>
            {{ $t('one other way | {n} other ways', others.length) }}
          </summary>
          <ul>
            <li v-for="move in others" :key="move.say.template">
              {{ sentence(move.say, taste) }}
              <span class="quiet">{{
                $t('Ends after {minutes} at {endsC}, {verdictWords}.', {
                  minutes: quantity(move.minutes, 'MINUTE', taste),
                  endsC: quantity(move.endsC, 'CELSIUS', taste),
                  verdictWords: move.verdictWords,
                })
              }}</span>
            </li>
          </ul>
        </details>
        <p v-if="revised" class="revised" role="status">{{ revised }}</p>
        <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
        <div class="picture">
          <CurveChart
            :drawing="drawing"
            :spoken="
              $t('Temperature of {name} over {clockS}', {
                name: bowl.summary.name,
                clockS: clock(clockS),
              })
            "
          />
          <button type="button" class="stretch" :aria-pressed="whole" @click="whole = !whole">
            {{ whole ? $t('last 40 minutes') : $t('from the beginning') }}
          </button>
        </div>
        <BowlActs
          v-if="open"
          :typed="bowl.summary.source === 'LIVE'"
          :mass-g="now?.massG ?? bowl.summary.massG"
          @read="read"
          @act="act"
          @test="testing = true"
          @over="over"
        />
        <BowlNotes
          v-if="open && (bowl.events.length || bowl.typed.length)"
          :bowl="bowl"
          @correct="(id, draft) => tried(() => correct(id, draft))"
          @take-back="(id) => tried(() => takeBack(id))"
          @retype="(id, celsius, was) => tried(() => retype(id, celsius, was))"
          @untype="(id) => tried(() => untype(id))"
        />
        <p v-if="now && now.apart > 0" class="quiet">
          {{
            $t('{apart} of {readings} readings kept apart: skin, jumps, late ones.', {
              apart: now.apart,
              readings: now.readings,
            })
          }}
        </p>
      </section>
      <PaperTest v-model="testing" @verdict="act" />
    </template>
  </div>
</template>

<style scoped>
.live {
  display: grid;
  grid-template-columns: 320px minmax(0, 1fr);
  gap: 0 24px;
  padding: 14px 20px 20px;
  flex: 1;
}
.live > .trouble {
  grid-column: 1 / -1;
}
.degrees {
  font-size: 5.4rem;
  line-height: 1.05;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.degrees small {
  font-size: 2rem;
  font-weight: 400;
}
.against {
  font-size: 1.25rem;
  font-weight: 600;
}
.there {
  color: var(--p-true);
}
.past {
  color: var(--p-tight);
}
.off_the_plan {
  color: var(--p-off);
}
.phases {
  display: flex;
  flex-wrap: wrap;
  list-style: none;
  padding: 0;
  margin: 6px 0;
  gap: 4px 14px;
}
.phases li {
  color: var(--p-quiet);
}
.phases .done {
  text-decoration: line-through;
}
.phases .here {
  color: rgb(var(--v-theme-on-background));
  font-weight: 600;
  border-bottom: 3px solid var(--p-true);
}
em {
  font-style: normal;
}
.simulated {
  color: #4b4a8a;
}
.v-theme--evening .simulated {
  color: #b0aef0;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 14px;
  font-size: 1.1rem;
}
dt:first-child,
.count {
  font-weight: 600;
}
dd {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.count {
  font-size: 1.7rem;
}
.move {
  font-size: 1.7rem;
  line-height: 1.25;
  font-family: var(--p-serif);
  margin: 4px 0 8px;
}
.alarm {
  padding: 10px 16px;
  border-left: 6px solid var(--p-tight);
  background: var(--p-fog);
  font-size: 1.15rem;
  margin-bottom: 6px;
}
.alarm.grave {
  border-color: var(--p-off);
  color: var(--p-off);
  font-weight: 600;
}
summary {
  min-height: 44px;
  cursor: pointer;
  color: var(--p-quiet);
}
details ul {
  padding-left: 20px;
}
.picture {
  position: relative;
  height: 360px;
}
.stretch {
  position: absolute;
  right: 0;
  top: 0;
  min-height: 44px;
  padding: 4px 12px;
  color: var(--p-quiet);
  text-decoration: underline;
}
.revised {
  color: var(--p-true);
  font-weight: 600;
}
.wait {
  font-size: 1.3rem;
  margin-top: 30px;
}
@media (max-width: 1000px) {
  .live {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .live {
    padding: 10px 14px 20px;
  }
  .degrees {
    font-size: 3.8rem;
  }
  .move {
    font-size: 1.3rem;
  }
}
</style>
