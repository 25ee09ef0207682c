<script setup lang="ts">
import { t } from '@/words'
import { useDebounceFn, useStorage } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import LineChart from '@/parts/LineChart.vue'
import NumberField from '@/parts/NumberField.vue'
import RoomField from '@/parts/RoomField.vue'
import { useHouse } from '@/parts/house'
import { HOURS, when } from '@/words/locale'
import { inTaste, number, quantity, sentence, symbol, toTaste } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import { request, useRecipe, whole } from './recipe'

type Cooling = components['schemas']['CoolingView']
type Filled = components['schemas']['FilledView']
const { bench } = useRecipe()
const { house, taste } = useHouse()
const where = useStorage(
  'palintone.fillings.cooling',
  {
    vessel: 'BOWL' as 'BOWL' | 'TRAY' | 'BAG',
    on: 'TABLE' as 'TABLE' | 'STONE' | 'RACK' | 'DRAUGHT',
    stirred: false,
    depthMm: 60 as number | null,
    roomC: null as number | null,
    fromC: null as number | null,
    pipingC: null as number | null,
  },
  undefined,
  { mergeDefaults: true },
)
const VESSELS = [
  { id: 'BOWL', words: t('bowl') },
  { id: 'TRAY', words: t('tray, spread out') },
  { id: 'BAG', words: t('piping bag') },
]
const STANDS = [
  { id: 'TABLE', words: t('on a table') },
  { id: 'STONE', words: t('on stone') },
  { id: 'RACK', words: t('on a rack') },
  { id: 'DRAUGHT', words: t('on a rack, in moved air') },
]
/** Places that are colder than the room. */
const COLD = [
  { words: t('Fridge'), celsius: 4 },
  { words: t('Freezer'), celsius: -18 },
]
const answer = ref<Cooling | null>(null)
const holding = ref<Filled[]>([])
const refused = ref('')

/** Into a shell that is not known yet; common practice, no source. */
const PIPED_C = 29
/** What the tenderest of its shells bears: the batch waits for the same. */
function warmest(pieces: Filled[]): number {
  const bear = pieces.flatMap((piece) => (piece.warmest ? [piece.warmest.value] : []))
  return bear.length ? Math.min(...bear) : PIPED_C
}

const turn = useTurn()
const cool = useDebounceFn(async () => {
  const current = turn()
  const w = where.value
  if (!whole(bench.value.recipe)) return
  try {
    const pieces = bench.value.number
      ? await ask(
          api.GET('/api/pieces/holding', { params: { query: { filling: bench.value.id } } }),
        )
      : []
    const cooling = await ask(
      api.POST('/api/fillings/cooling', {
        body: {
          on: request(bench.value),
          vessel: w.vessel,
          standing: w.on,
          stirred: w.stirred,
          depthMm: w.depthMm ?? 60,
          roomC: w.roomC ?? house.value?.rules.roomTemperatureC ?? 20,
          fromC: w.fromC,
          pipingC: w.pipingC ?? warmest(pieces),
        },
      }),
    )
    if (!current()) return
    answer.value = cooling
    holding.value = pieces
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 80)
watch([where, () => bench.value.recipe], () => void cool(), { deep: true })
onMounted(cool)

/** When it began to cool: now, or as it is typed. */
const two = (n: number) => String(n).padStart(2, '0')
const now = new Date()
const begun = ref(`${two(now.getHours())}:${two(now.getMinutes())}`)
/** What a clock on the wall shows so much later; another day is said to be. */
function clock(minutes: number): string {
  const typed = /^(\d+):(\d+)/.exec(begun.value)
  if (!typed) return '–'
  const start = new Date()
  start.setHours(Number(typed[1]), Number(typed[2]), 0, 0)
  const then = new Date(start.getTime() + Math.round(minutes / 5) * 5 * 60_000)
  return when(
    then.getTime(),
    then.getDate() === start.getDate() ? HOURS : { ...HOURS, weekday: 'long' },
  )
}

const lasting = (minutes: number) => quantity(minutes, 'MINUTE', taste.value)
const until = computed(() => Math.max(180, (answer.value?.closes?.value ?? 240) * 1.3))
const lines = computed(() => {
  const a = answer.value
  if (!a) return []
  const points = a.minutes
    .map((m, i): [number, number] => [m, toTaste(a.celsius[i]!, 'CELSIUS', taste.value)])
    .filter(([m]) => m <= until.value)
  return [{ name: t('temperature'), points, strong: true }]
})
const firmness = computed(() => {
  const a = answer.value
  if (!a) return []
  const points = a.minutes
    .map((m, i): [number, number] => [m, a.firmness[i]!])
    .filter(([m]) => m <= until.value)
  return [{ name: t('firmness'), points }]
})
const marks = computed(() =>
  [
    answer.value?.toPiping && { x: answer.value.toPiping.value, name: t('cool enough') },
    answer.value?.closes && { x: answer.value.closes.value, name: t('too stiff') },
  ].filter((m): m is { x: number; name: string } => Boolean(m)),
)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-select
        v-model="where.vessel"
        :label="$t('Cools in')"
        :items="VESSELS"
        item-title="words"
        item-value="id"
      />
      <NumberField v-model="where.depthMm" :label="$t('Depth')" unit="MILLIMETRE" />
      <v-select
        v-model="where.on"
        :label="$t('It stands')"
        :items="STANDS"
        item-title="words"
        item-value="id"
      />
      <v-switch v-model="where.stirred" :label="$t('Stirred now and then')" hide-details />
      <RoomField v-model="where.roomC" />
      <div class="d-flex flex-wrap ga-2">
        <v-btn
          v-for="place in COLD"
          :key="place.celsius"
          size="large"
          variant="outlined"
          @click="((where.roomC = place.celsius), (where.on = 'DRAUGHT'))"
          >{{ place.words }}</v-btn
        >
        <v-btn
          size="large"
          variant="outlined"
          @click="((where.roomC = null), (where.on = 'TABLE'))"
          >{{ $t('Room') }}</v-btn
        >
      </div>
      <NumberField v-model="where.fromC" :label="$t('From (recipe if empty)')" unit="CELSIUS" />
      <NumberField
        v-model="where.pipingC"
        :label="$t('Piped at (its shells if empty)')"
        unit="CELSIUS"
      />
      <template v-for="h in holding.filter((each) => each.warmest)" :key="h.id">
        <h3 class="mt-2">{{ $t('Into {name}', { name: h.name }) }}</h3>
        <FigureString v-if="h.warmest" :figure="h.warmest" />
      </template>
    </form>
    <section class="answer" :aria-label="$t('Cooling')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <template v-if="answer">
        <h1 v-if="answer.toPiping">
          {{ $t('Into shells after {lasting}', { lasting: lasting(answer.toPiping.value) })
          }}<template v-if="answer.opens && answer.opens.value > answer.toPiping.value">{{
            $t(', as piped shapes after {lasting}', { lasting: lasting(answer.opens.value) })
          }}</template
          ><template v-if="answer.closes">{{
            $t(', before {lasting}', { lasting: lasting(answer.closes.value) })
          }}</template>
        </h1>
        <h1 v-else>{{ $t('It does not get cool enough in this room') }}</h1>
        <p v-if="answer.toPiping" class="ready">
          <i18n-t scope="global" keypath="Begun at {begun}, ready at {ready}">
            <template #begun>
              <input v-model="begun" type="time" :aria-label="$t('Begun at')" />
            </template>
            <template #ready>
              <b class="num">{{ clock(answer.toPiping.value) }}</b>
            </template>
          </i18n-t>
          <template v-if="answer.closes">{{
            $t(', too stiff to pipe from {time}', { time: clock(answer.closes.value) })
          }}</template>
        </p>
        <div class="figures">
          <FigureString v-if="answer.toPiping" :figure="answer.toPiping" />
          <FigureString v-if="answer.opens" :figure="answer.opens" />
          <FigureString v-if="answer.closes" :figure="answer.closes" />
          <FigureString :figure="answer.after24h" />
        </div>
        <LineChart
          :lines="lines"
          :marks="marks"
          :x-name="$t('minutes')"
          :y-name="symbol('CELSIUS', taste)"
          :spoken="
            $t('Cooling from {celsius}', {
              celsius: quantity(answer.celsius[0] ?? 0, 'CELSIUS', taste),
            })
          "
        />
        <LineChart
          :lines="firmness"
          :band="{ from: answer.pipesFrom, to: answer.pipesTo, name: $t('pipeable') }"
          :x-name="$t('minutes')"
          :y-name="$t('firmness')"
          :y-min="0"
          :y-max="10"
          :spoken="
            $t('Firmness reaches {firmness}', {
              firmness: number(answer.firmness[answer.firmness.length - 1] ?? 0, 'ONE', taste),
            })
          "
        />
        <h2 class="mt-4">{{ $t('Schools of resting') }}</h2>
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('Rest') }}</th>
              <th class="right">{{ $t('Ends at') }}</th>
              <th class="right">{{ $t('Fat set') }}</th>
              <th>{{ $t('Then it is') }}</th>
              <th>{{ $t('What differs') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in answer.practices" :key="s.practice">
              <td>
                {{ s.words }}
                <small v-if="s.practice === 'UNTIL_IT_PIPES'" class="quiet">{{
                  lasting(s.minutes)
                }}</small>
              </td>
              <td class="right">{{ quantity(s.celsius, 'CELSIUS', taste) }}</td>
              <td class="right">{{ quantity(s.solidPercent, 'PERCENT', taste) }}</td>
              <td>{{ s.texture }}</td>
              <td>
                {{ s.says }}
                <span v-if="s.coldAfter" class="caution">{{ sentence(s.coldAfter, taste) }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <h2 class="mt-4">{{ $t('Schools of butter') }}</h2>
        <p v-for="b in answer.butter" :key="b.practice">
          <b>{{ b.words }}</b>. {{ b.says }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
}
.ready {
  margin: 4px 0 10px;
  font-size: 1.15rem;
}
.ready input {
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid var(--p-line);
  border-radius: 6px;
  font: inherit;
  background: transparent;
  color: inherit;
}
</style>
