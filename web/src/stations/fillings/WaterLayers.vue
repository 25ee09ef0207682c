<script setup lang="ts">
import { together } from '@/words/locale'
import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words, type PieceRow } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import LineChart from '@/parts/LineChart.vue'
import NumberField from '@/parts/NumberField.vue'
import { once } from '@/parts/once'
import { useHouse } from '@/parts/house'
import { inTaste, number, quantity } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import { useRecipe } from './recipe'
import TryLayers from './TryLayers.vue'

type Moisture = components['schemas']['MoistureView']
const { bench } = useRecipe()
const { taste } = useHouse()
const pieces = ref<PieceRow[]>([])
const piece = ref('')
const barrierMm = ref<number | null>(0.3)
const days = ref<number | null>(60)
const answer = ref<Moisture | null>(null)
const refused = ref('')
/** Only thought of: fillings and a mould, before they are a piece. */
const way = ref<'piece' | 'try'>('piece')
const tried = ref<Moisture | null>(null)
const shown = computed(() => (way.value === 'piece' ? answer.value : tried.value))
const bite = ref({ days: null as number | null, crisp: true, behindFat: false, words: '' })

const lookTurn = useTurn()
const look = useDebounceFn(async () => {
  const current = lookTurn()
  if (!piece.value) return
  try {
    const got = await ask(
      api.GET('/api/pieces/{id}/moisture', {
        params: {
          path: { id: piece.value },
          query: { barrierMm: barrierMm.value ?? 0.3, days: days.value ?? 60 },
        },
      }),
    )
    if (!current()) return
    answer.value = got
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 80)
watch([piece, barrierMm, days], () => void look())
/** Layers of a piece, by its cut. */
function fillingsOf(p: PieceRow) {
  return p.cut.regions.filter((region) => region.role === 'FILLING')
}
const part = ref('')
/** Found by name on the server: there may be thousands. */
async function search() {
  const query = { find: part.value ?? '', size: 100 }
  const all = await ask(api.GET('/api/pieces', { params: { query } }))
  pieces.value = all.items.filter((p) => fillingsOf(p).length > 1)
}
const searchSoon = useDebounceFn(search, 150)
watch(part, (now) => {
  // What is chosen stands in the field, and is no search.
  if (pieces.value.some((p) => p.name === now)) return
  searchSoon().catch((problem: unknown) => (refused.value = words(problem)))
})
onMounted(async () => {
  try {
    await search()
    const own = pieces.value.find((p) =>
      fillingsOf(p).some((l) => l.name === bench.value.recipe.name),
    )
    piece.value = (own ?? pieces.value[0])?.id ?? ''
  } catch (problem) {
    refused.value = words(problem)
  }
})

const logOnce = once()
async function log() {
  if (bite.value.days === null) return
  const id = piece.value
  const said = {
    days: bite.value.days,
    crisp: bite.value.crisp,
    barrierMm: bite.value.behindFat ? (barrierMm.value ?? 0.3) : 0,
    words: bite.value.words,
  }
  try {
    await logOnce([id, said], (mine) =>
      ask(
        api.POST('/api/pieces/{id}/bites', {
          params: { path: { id } },
          body: { id: mine, ...said },
        }),
      ),
    )
    bite.value = { days: null, crisp: true, behindFat: false, words: '' }
    void look()
  } catch (problem) {
    refused.value = words(problem)
  }
}

const lines = computed(() => {
  const a = shown.value
  if (!a) return []
  const path = (of: Moisture['bare'], layer: number) =>
    of.map((p): [number, number] => [p.days, p.activity[layer]!])
  return a.layers.flatMap((name, i) => [
    { name: t('{name}, bare', { name }), points: path(a.bare, i), strong: i === a.crispLayer },
    ...(i === a.crispLayer
      ? [
          {
            name: t('{name}, behind fat', { name }),
            points: path(a.behindFat, i),
            dashed: true,
            strong: true,
          },
        ]
      : []),
  ])
})
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent="log">
      <v-btn-toggle v-model="way" mandatory divided>
        <v-btn value="piece" size="large">{{ $t('A piece') }}</v-btn>
        <v-btn value="try" size="large">{{ $t('Try layers') }}</v-btn>
      </v-btn-toggle>
      <v-autocomplete
        v-if="way === 'piece'"
        v-model="piece"
        v-model:search="part"
        no-filter
        :label="$t('Piece of two layers or more')"
        :items="pieces"
        item-title="name"
        item-value="id"
      />
      <NumberField
        v-model="barrierMm"
        :label="$t('Cocoa butter painted between')"
        unit="MILLIMETRE"
      />
      <NumberField v-model="days" :label="$t('Look ahead')" unit="DAY" />
      <TryLayers
        v-if="way === 'try'"
        :barrier-mm="barrierMm ?? 0.3"
        :days="days ?? 60"
        @answered="((tried = $event), (refused = ''))"
        @refused="((tried = null), (refused = $event))"
      />
      <template v-else>
        <h2>{{ $t('Crunch check') }}</h2>
        <NumberField v-model="bite.days" :label="$t('Days after making')" unit="DAY" />
        <v-btn-toggle v-model="bite.crisp" mandatory divided>
          <v-btn :value="true" size="large">{{ $t('Crisp') }}</v-btn>
          <v-btn :value="false" size="large">{{ $t('Soft') }}</v-btn>
        </v-btn-toggle>
        <v-checkbox v-model="bite.behindFat" :label="$t('It had the fat between')" hide-details />
        <v-text-field v-model="bite.words" :label="$t('Words')" />
        <v-btn type="submit" size="x-large" color="primary" :disabled="bite.days === null">{{
          $t('Note the bite')
        }}</v-btn>
      </template>
    </form>
    <section class="answer" :aria-label="$t('Water between layers')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <p v-if="way === 'piece' && !piece && !refused" class="quiet">
        {{ $t('No piece has two fillings yet.') }}
      </p>
      <template v-if="shown">
        <h1>
          {{ $t('{layers} goes soft', { layers: shown.layers[shown.crispLayer] }) }}
          <template v-if="shown.daysBare">
            {{
              $t('after about {daysBare}, bare', {
                daysBare: quantity(shown.daysBare.value, 'DAY', taste),
              })
            }}</template
          >
          <template v-else>{{
            $t('not within {days}', { days: quantity(days ?? 60, 'DAY', taste) })
          }}</template>
        </h1>
        <div class="figures">
          <FigureString v-if="shown.daysBare" :figure="shown.daysBare" />
          <FigureString v-if="shown.daysBehindFat" :figure="shown.daysBehindFat" />
          <p v-else class="fine">
            {{
              $t('Behind {barrierMm} of cocoa butter it stays crisp as long as we look.', {
                barrierMm: quantity(barrierMm ?? 0.3, 'MILLIMETRE', taste),
              })
            }}
          </p>
        </div>
        <LineChart
          :lines="lines"
          :band="{ from: shown.softFrom, to: shown.softTo, name: $t('crispness goes') }"
          :x-name="$t('days')"
          :y-name="$t('water activity')"
          :y-min="0"
          :y-max="1"
          :spoken="$t('Water activity of {layers} over days', { layers: together(shown.layers) })"
        />
        <h2>{{ $t('Bites so far') }}</h2>
        <p v-if="way === 'try'" class="quiet">
          {{ $t('Only thought of: make a few, and log what they are like in the piece.') }}
        </p>
        <p v-else-if="!shown.bites.length" class="quiet">
          {{ $t('None. Bite into one after a few days and log it: the model learns from it.') }}
        </p>
        <template v-else>
          <i18n-t
            tag="p"
            scope="global"
            keypath="They say water moves here {factor} times as fast as the model thought."
          >
            <template #factor>
              <b>{{ number(shown.factor, 'ONE', taste) }}</b>
            </template>
          </i18n-t>
          <table class="rows">
            <tbody>
              <tr v-for="(b, i) in shown.bites" :key="i">
                <td>{{ $t('after {days}', { days: quantity(b.days, 'DAY', taste) }) }}</td>
                <td>{{ b.crisp ? $t('crisp') : $t('soft') }}</td>
                <td>{{ b.barrierMm > 0 ? $t('behind fat') : $t('bare') }}</td>
                <td>{{ b.words }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </template>
    </section>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.fine {
  padding: 8px 10px;
}
@media (max-width: 700px) {
  form {
    grid-template-columns: 1fr;
  }
}
</style>
