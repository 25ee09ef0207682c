<script setup lang="ts">
// When it may go into the cold, how long, and what the two schools make of the same shell.
import { useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { components } from '@/api/schema'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import LineChart from '@/parts/LineChart.vue'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, quantity, symbol, toTaste } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import RemarkList from './RemarkList.vue'
import SettingFront from './SettingFront.vue'
import { request, useCasting } from './order'
import { useAnswer } from './useAnswer'

type Cold = components['schemas']['ColdView']
const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { house, taste } = useHouse()
const where = useStorage('palintone.shells.cold', {
  movedMin: null as number | null,
  airC: null as number | null,
  moulds: 4 as number | null,
  shelves: 3 as number | null,
  coolingW: 150 as number | null,
  opening: 'UP' as 'UP' | 'SIDE' | 'DOWN',
})
const OPENINGS = [
  { id: 'UP', words: t('opening up') },
  { id: 'SIDE', words: t('on its side') },
  { id: 'DOWN', words: t('opening down') },
]
const { answer, refused } = useAnswer(
  [casting, where],
  () => {
    const cast = request(casting.value)
    return cast
      ? ask(api.POST('/api/shells/cold', { body: { cast, ...where.value, metresPerS: null } }))
      : null
  },
  blank,
)
const ways = computed(() => answer.value ?? [])
const shown = ref(0)
const way = computed(() => ways.value[shown.value] ?? ways.value[0])

const c = (value: number) => quantity(value, 'CELSIUS', taste.value)
const min = (value: number) => quantity(value, 'MINUTE', taste.value)
const name = (w: Cold) => (w === ways.value[0] ? t('As set, {air}', { air: c(w.airC) }) : w.words)
function lasts(w: Cold) {
  if (!w.release) return t('not within an hour')
  return t('{from} to {to}', {
    from: min(w.release.value),
    to: min(w.release.high ?? w.release.value),
  })
}
/** The mould's own two, and the air as it comes to every shelf; five of many. */
const temperatures = computed(() => {
  const line = way.value?.line ?? []
  const drawn = (name: string, of: (p: Cold['line'][number]) => number) => ({
    name,
    points: line.map((p): [number, number] => [p.minutes, toTaste(of(p), 'CELSIUS', taste.value)]),
  })
  const shelves = line[0]?.shelvesC.length ?? 0
  const shown = Array.from({ length: Math.min(5, shelves) }, (_, i) =>
    shelves < 2 ? 0 : Math.round((i * (shelves - 1)) / (Math.min(5, shelves) - 1)),
  )
  return line.length
    ? [
        drawn(t('at the mould'), (p) => p.outerC),
        { ...drawn(t('at the hollow'), (p) => p.innerC), strong: true },
        ...shown.map((i) => ({
          ...drawn(
            shelves < 2 ? t('cabinet') : t('shelf {n}', { n: i + 1 }),
            (p) => p.shelvesC[i]!,
          ),
          dashed: true,
        })),
      ]
    : []
})
const solid = computed(() =>
  ways.value.map((w, i) => ({
    name: name(w),
    dashed: i !== shown.value,
    strong: i === shown.value,
    points: w.line.map((p): [number, number] => [p.minutes, p.solidPercent]),
  })),
)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <NumberField
        v-model="where.airC"
        :label="
          $t('Cabinet (House rules: {air})', {
            air: c(house?.rules.cabinets[0]?.temperatureC ?? 12),
          })
        "
        unit="CELSIUS"
      />
      <NumberField v-model="where.moulds" :label="$t('Moulds put in at once')" unit="MOULD" />
      <NumberField v-model="where.shelves" :label="$t('On how many shelves')" unit="ONE" />
      <NumberField v-model="where.coolingW" :label="$t('It takes away at most')" unit="WATT" />
      <v-select
        v-model="where.opening"
        :label="$t('They stand')"
        :items="OPENINGS"
        item-title="words"
        item-value="id"
      />
      <NumberField
        v-model="where.movedMin"
        :label="$t('Into the cold after draining')"
        unit="MINUTE"
      />
      <h3 class="mt-2">{{ $t('The shell') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Cold')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <NothingYet v-if="blank" />
      <template v-if="way">
        <h1>
          {{
            way.release
              ? $t('Into the cold after {begins}, out after {lasts}', {
                  begins: min(way.begins.value),
                  lasts: lasts(way),
                })
              : $t('Into the cold after {begins}; it does not let go within an hour', {
                  begins: min(way.begins.value),
                })
          }}
        </h1>
        <RemarkList :remarks="way.remarks" />
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('Way') }}</th>
              <th class="right">{{ $t('Lets go after') }}</th>
              <th class="right">{{ $t('Firm after') }}</th>
              <th class="right">{{ $t('Warmest inside') }}</th>
              <th class="right">{{ $t('Cabinet rises to') }}</th>
              <th class="right">{{ $t('Covered on leaving') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(w, i) in ways" :key="i" :class="{ here: i === shown }">
              <td>
                <v-btn :variant="i === shown ? 'flat' : 'outlined'" @click="shown = i">{{
                  name(w)
                }}</v-btn>
              </td>
              <td class="right">{{ lasts(w) }}</td>
              <td class="right">{{ w.firm ? min(w.firm.value) : $t('not within an hour') }}</td>
              <td class="right">{{ c(w.warmest.value) }}</td>
              <td class="right">{{ c(w.airWarmestC) }}</td>
              <td class="right">{{ w.coveredMin ? min(w.coveredMin) : $t('no need') }}</td>
            </tr>
          </tbody>
        </table>
        <div class="figures">
          <FigureString :figure="way.begins" />
          <FigureString :figure="way.latest" />
          <FigureString v-if="way.release" :figure="way.release" />
          <FigureString :figure="way.warmest" />
        </div>
        <LineChart
          :lines="temperatures"
          :marks="way.release ? [{ x: way.release.value, name: $t('lets go') }] : []"
          :x-name="$t('minutes in the cold')"
          :y-name="symbol('CELSIUS', taste)"
          :spoken="$t('Temperatures in the cold')"
        />
        <LineChart
          :lines="solid"
          :x-name="$t('minutes in the cold')"
          :y-name="symbol('PERCENT', taste)"
          :y-min="0"
          :y-max="100"
          :spoken="$t('How much of the fat is solid, each way')"
        />
        <SettingFront :line="way.line" :kind="way.couvertureKind" :out="way.release?.value" />
        <p class="quiet">
          {{
            $t(
              'Look before you turn it out: loose parts look light through a clear mould, stuck ones dark.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 260px), 1fr));
  gap: 0 20px;
  margin: 12px 0;
}
</style>
