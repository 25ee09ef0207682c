<script setup lang="ts">
import { when } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type BowlSummary, type ReadBack } from '@/api/client'
import type { CurveDrawing } from '@/parts/curve'
import CurveChart from '@/parts/CurveChart.vue'
import { useHouse } from '@/parts/house'
import { useTurn } from '@/parts/turn'
import { clock, inTaste, quantity, sentence } from '@/parts/units'
import TraceImport from './TraceImport.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const router = useRouter()
const bowls = ref<BowlSummary[]>([])
const reading = ref<ReadBack | null>(null)
const beside = ref<ReadBack[]>([])
const trouble = ref('')
const loaded = ref(false)
const bringing = ref(false)
const chart = ref<InstanceType<typeof CurveChart> | null>(null)

async function list() {
  try {
    bowls.value = (
      await ask(api.GET('/api/temper/bowls', { params: { query: { state: 'ENDED', size: 200 } } }))
    ).items
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
const fetchOne = (id: string) =>
  ask(api.GET('/api/temper/bowls/{id}/reading-back', { params: { path: { id } } }))

const turn = useTurn()
async function open(id: string) {
  const current = turn()
  beside.value = []
  try {
    const one = await fetchOne(id)
    if (!current()) return
    reading.value = one
    trouble.value = ''
  } catch (problem) {
    if (!current()) return
    reading.value = null
    trouble.value = inTaste(words(problem), taste.value)
  }
}
onMounted(async () => {
  await list()
  const first = props.id ?? bowls.value[0]?.id
  if (first) await open(first)
})
watch(
  () => props.id,
  (id) => id && void open(id),
)

async function lay(id: string) {
  const there = beside.value.findIndex((b) => b.summary.id === id)
  if (there >= 0) {
    beside.value.splice(there, 1)
    return
  }
  try {
    beside.value.push(await fetchOne(id))
  } catch (problem) {
    trouble.value = inTaste(words(problem), taste.value)
  }
}
async function taken(id: string) {
  await list()
  await router.push(`/temper/back/${id}`)
}

const drawing = computed<CurveDrawing>(() => ({
  lines: reading.value
    ? [reading.value, ...beside.value].map((r, i) => ({
        name: r.summary.name,
        timeS: r.chart.timeS,
        celsius: r.chart.celsius,
        beside: i > 0,
      }))
    : [],
  lane: reading.value?.chart.lane,
  window: reading.value && { low: reading.value.work.low, high: reading.value.work.high },
  phases: reading.value?.phases.map((p) => ({ words: p.words, startS: p.fromS, endS: p.toS })),
  marks: reading.value?.events.map((h) => ({ words: h.words, timeS: h.timeS })),
}))
const good = computed(() => reading.value?.verdict === 'IN_TEMPER')
const day = (iso: string) => when(iso, { day: 'numeric', month: 'short' })

/** The drawing is SVG; a PNG is painted from it. */
async function save(type: 'png' | 'svg') {
  const svg = chart.value?.picture('svg') ?? ''
  const link = document.createElement('a')
  try {
    link.href = type === 'svg' ? svg : await painted(svg)
  } catch (problem) {
    trouble.value = words(problem)
    return
  }
  link.download = `curve-${reading.value?.summary.name.replace(/\W+/g, '-')}.${type}`
  link.click()
}
function painted(svg: string): Promise<string> {
  return new Promise((done, failed) => {
    const image = new Image()
    image.onload = () => {
      const canvas = document.createElement('canvas')
      canvas.width = image.width * 2
      canvas.height = image.height * 2
      canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
      done(canvas.toDataURL('image/png'))
    }
    image.onerror = () => failed(new Error(t('The picture could not be painted.')))
    image.src = svg
  })
}
</script>

<template>
  <div class="back">
    <nav :aria-label="$t('Bowls that are over')">
      <v-btn size="x-large" color="primary" block @click="bringing = true">{{
        $t('Import a trace')
      }}</v-btn>
      <div
        v-for="bowl in bowls"
        :key="bowl.id"
        class="row"
        :class="{ here: bowl.id === reading?.summary.id }"
      >
        <router-link :to="`/temper/back/${bowl.id}`"
          ><b>{{ bowl.name }}</b>
          <span class="quiet"
            >{{ day(bowl.beganAt) }}, {{ quantity(bowl.massG, 'GRAM', taste) }}</span
          >
        </router-link>
        <button
          v-if="bowl.id !== reading?.summary.id"
          type="button"
          :aria-pressed="beside.some((b) => b.summary.id === bowl.id)"
          :title="$t('Lay {name} beside', { name: bowl.name })"
          @click="lay(bowl.id)"
        >
          {{ $t('beside') }}
        </button>
      </div>
    </nav>
    <section class="read">
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <p v-else-if="!reading" class="quiet">
        {{ $t('Choose a bowl that is over: its rules kept and broken, and what to change.') }}
      </p>
      <template v-if="reading">
        <header>
          <h1>
            {{ reading.summary.name }}:
            <span :class="good ? 'in_band' : 'off'">{{ reading.verdictWords }}</span>
          </h1>
          <p class="quiet">
            {{
              $t('{likelihood} sure', {
                likelihood: quantity(reading.likelihood * 100, 'PERCENT', taste),
              })
            }}
          </p>
        </header>
        <p v-if="reading.maybeFahrenheit" class="caution">
          {{
            $t('These numbers look like °F under a °C label. Bring the file in again and say so.')
          }}
        </p>
        <ul v-if="reading.changes.length" class="changes">
          <li v-for="change in reading.changes" :key="change.template">
            {{ sentence(change, taste) }}
          </li>
        </ul>
        <p v-else class="changes">{{ $t('Nothing to change: do it like this again.') }}</p>
        <div class="picture">
          <CurveChart
            ref="chart"
            svg
            :drawing="drawing"
            :spoken="`${reading.summary.name}: ${reading.verdictWords}`"
          />
        </div>
        <table class="rows">
          <caption class="quiet">
            {{
              $t('Rules of the curve')
            }}
          </caption>
          <thead>
            <tr>
              <th>{{ $t('Rule') }}</th>
              <th>{{ $t('Kept') }}</th>
              <th>{{ $t('At') }}</th>
              <th>{{ $t('How far') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="rule in reading.rules" :key="rule.name" :class="{ broken: !rule.kept }">
              <td>{{ rule.name }}</td>
              <td>{{ rule.kept ? $t('kept') : $t('✕ broken') }}</td>
              <td class="num">{{ clock(rule.atS) }}</td>
              <td>{{ sentence(rule.size, taste) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet foot">
          {{ $t('{readings} readings,', { readings: reading.readings }) }}
          <template v-if="reading.apart.length">{{
            $t('kept apart: {apart}.', {
              apart: reading.apart.map((a) => `${a.count} ${a.words}`).join('; '),
            })
          }}</template><template v-else>{{ $t('none kept apart.') }}</template>
          {{ reading.gaps ? $t('{gaps} gaps of more than a minute.', { gaps: reading.gaps }) : '' }}
        </p>
        <div class="out">
          <v-btn
            size="large"
            variant="outlined"
            :href="`/api/exchange/traces/${reading.summary.id}.csv`"
            >{{ $t('CSV') }}</v-btn
          >
          <v-btn
            size="large"
            variant="outlined"
            :href="`/api/exchange/traces/${reading.summary.id}.senml.json`"
            >{{ $t('SenML') }}</v-btn
          >
          <v-btn size="large" variant="outlined" @click="save('svg')">{{
            $t('Picture, SVG')
          }}</v-btn>
          <v-btn size="large" variant="outlined" @click="save('png')">{{
            $t('Picture, PNG')
          }}</v-btn>
        </div>
      </template>
      <template v-else-if="loaded && !bowls.length && !trouble">
        <h1>{{ $t('Nothing to read back yet') }}</h1>
        <p class="quiet">
          {{ $t('Import a file of any logger, or end a bowl you have followed.') }}
        </p>
      </template>
    </section>
    <TraceImport v-model="bringing" @taken="taken" />
  </div>
</template>

<style scoped>
.back {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  min-height: 0;
  overflow: hidden;
}
nav {
  padding: 14px;
  border-right: 1px solid var(--p-line);
  overflow: auto;
}
nav .v-btn {
  height: 60px !important;
  margin-bottom: 10px;
}
.row {
  display: flex;
  align-items: stretch;
  border-radius: 8px;
}
.row.here {
  background: var(--p-fog);
  box-shadow: inset 4px 0 0 var(--p-still);
}
.row a {
  flex: 1;
  min-height: 60px;
  padding: 8px 10px;
  color: inherit;
  text-decoration: none;
}
.row a b,
.row a span {
  display: block;
  line-height: 1.2;
}
.row button {
  min-width: 64px;
  color: var(--p-quiet);
  border-radius: 8px;
  text-align: center;
}
.row button[aria-pressed='true'] {
  color: #4b4a8a;
  font-weight: 600;
  text-decoration: underline;
}
.v-theme--evening .row button[aria-pressed='true'] {
  color: #b0aef0;
}
.read {
  overflow: auto;
  padding: 14px 20px 40px;
}
header {
  display: flex;
  align-items: baseline;
  gap: 18px;
}
.read h1::first-letter,
.row b::first-letter {
  text-transform: uppercase;
}
.in_band {
  color: var(--p-true);
}
.off {
  color: var(--p-off);
}
.changes {
  font-size: 1.25rem;
  font-family: var(--p-serif);
  margin: 6px 0;
}
ul.changes {
  padding-left: 22px;
}
.picture {
  height: 380px;
}
.broken td {
  color: var(--p-off);
}
caption {
  text-align: left;
}
.foot {
  margin: 12px 0;
}
.out {
  display: flex;
  gap: 12px;
}
@media (max-width: 1000px) {
  .back {
    grid-template-columns: 1fr;
    overflow: auto;
  }
}
</style>
