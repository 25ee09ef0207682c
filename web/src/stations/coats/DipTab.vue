<script setup lang="ts">
// A coat, the seconds until it takes no powder any more, and the bowl as the tray empties it.
import { useNow, useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import LineChart from '@/parts/LineChart.vue'
import NumberField from '@/parts/NumberField.vue'
import { clock, inTaste, quantity, symbol, toTaste } from '@/parts/units'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'
import { useCoatBowl } from './bowl'
import CoatBowlFields from './CoatBowlFields.vue'
import { known } from '@/parts/shelf'
import { dipRequest, useDip, type Powder } from './dip'
import { useFillings } from './useFillings'

const bowl = useCoatBowl()
const blank = computed(() => !bowl.value.couverture)
const { taste } = useHouse()
const { fillings, missing } = useFillings()
const dip = useDip()
const SHAPES = [
  { id: 'BLOCK', words: t('cut square or bar') },
  { id: 'BALL', words: t('rolled or scooped') },
]
const POWDERS: { id: Powder; words: string }[] = [
  { id: 'COCOA', words: t('cocoa') },
  { id: 'SUGAR', words: t('icing sugar') },
  { id: 'CRYSTAL_SUGAR', words: t('sugar') },
  { id: 'NUTS', words: t('chopped nuts') },
  { id: 'SESAME', words: t('sesame') },
  { id: 'COCONUT', words: t('coconut') },
  { id: 'FLAKES', words: t('chocolate flakes') },
  { id: 'WAFER', words: t('crisp wafer') },
]
const WAYS = [
  { id: 'TAPPED', words: t('How long it is tapped') },
  { id: 'WANTED', words: t('What a coat should weigh') },
]
const { answer, refused } = useAnswer(
  [bowl, dip, fillings],
  () => {
    const body = dipRequest(bowl.value, dip.value, fillings.value)
    return body && ask(api.POST('/api/coats/dip', { body }))
  },
  blank,
)
const g = (value: number) => quantity(value, 'GRAM', taste.value)
const c = (value: number) => toTaste(value, 'CELSIUS', taste.value)
const lines = computed(() =>
  answer.value
    ? [
        {
          name: t('bowl'),
          strong: true,
          points: answer.value.line.map((p): [number, number] => [p.dips, c(p.bowlC)]),
        },
        {
          name: t('end of its window'),
          dashed: true,
          points: answer.value.line.map((p): [number, number] => [
            p.dips,
            c(answer.value!.coolestC),
          ]),
        },
      ]
    : [],
)
const marks = computed(() => {
  const a = answer.value
  return [
    ...(a?.warmAt ? [{ x: a.warmAt, name: t('warm it') }] : []),
    ...(a?.shallowAt ? [{ x: a.shallowAt, name: t('too shallow') }] : []),
  ]
})

/** One was just set down: seconds left. */
const down = useStorage<number | null>('palintone.coats.down', null, undefined, {
  serializer: { read: (v) => (v ? Number(v) : null), write: (v) => String(v ?? '') },
})
const now = useNow({ interval: 500 })
const gone = computed(() =>
  down.value === null ? null : Math.max(0, (now.value.getTime() - down.value) / 1000),
)
const left = computed(() => {
  const until = answer.value?.rollUntil
  if (gone.value === null || !until) return null
  return gone.value < until.value * 60
    ? { words: t('Roll it now'), clock: clock(until.value * 60 - gone.value), now: true }
    : { words: t('It has set: powder no longer sticks'), clock: '', now: false }
})
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-select
        v-model="dip.shape"
        :label="$t('Centre')"
        :items="SHAPES"
        item-title="words"
        item-value="id"
      />
      <v-select
        :model-value="known(fillings, dip.filling)"
        :label="$t('Made of')"
        :items="fillings"
        item-title="name"
        item-value="id"
        clearable
        @update:model-value="(id: string | null) => (dip.filling = id ?? '')"
      />
      <NumberField
        v-if="dip.shape === 'BALL'"
        v-model="dip.massG"
        :label="$t('One centre weighs')"
        unit="GRAM"
      />
      <template v-else>
        <NumberField v-model="dip.lengthMm" :label="$t('Length')" unit="MILLIMETRE" />
        <NumberField v-model="dip.widthMm" :label="$t('Width')" unit="MILLIMETRE" />
        <NumberField v-model="dip.heightMm" :label="$t('Height')" unit="MILLIMETRE" />
      </template>
      <NumberField v-model="dip.centreC" :label="$t('Centre as it is dipped')" unit="CELSIUS" />
      <v-select
        v-model="dip.by"
        :label="$t('Asked by')"
        :items="WAYS"
        item-title="words"
        item-value="id"
      />
      <NumberField
        v-if="dip.by === 'TAPPED'"
        v-model="dip.tappedS"
        :label="$t('Lifted and tapped')"
        unit="SECOND"
      />
      <NumberField v-else v-model="dip.wantedG" :label="$t('A coat should weigh')" unit="GRAM" />
      <v-checkbox v-model="dip.blown" :label="$t('Its top is blown off')" hide-details />
      <NumberField v-model="dip.underS" :label="$t('Pressed under')" unit="SECOND" />
      <v-select
        :model-value="dip.powder || null"
        :label="$t('Rolled in')"
        :items="POWDERS"
        item-title="words"
        item-value="id"
        clearable
        @update:model-value="(id: Powder | null) => (dip.powder = id ?? '')"
      />
      <h3 class="mt-2">{{ $t('The tray') }}</h3>
      <NumberField v-model="dip.pieces" :label="$t('Pieces')" unit="ONE" />
      <NumberField v-model="dip.everyS" :label="$t('From one to the next')" unit="SECOND" />
      <NumberField
        v-model="dip.bowlG"
        :label="$t('In the bowl (as it takes, if empty)')"
        unit="GRAM"
      />
      <h3 class="mt-2">{{ $t('The bowl') }}</h3>
      <CoatBowlFields />
    </form>
    <section class="answer" :aria-label="$t('Dip')">
      <p v-if="refused || missing" class="trouble" role="alert">
        {{ inTaste(refused || missing, taste) }}
      </p>
      <p v-if="blank">{{ $t('Choose a couverture; what a coat of it comes to stands here.') }}</p>
      <template v-if="answer">
        <h1>
          {{
            $t('{coat} of coat on {centre}: begin with {start}', {
              coat: g(answer.coat.value),
              centre: g(answer.centre.value),
              start: g(answer.start.value),
            })
          }}
        </h1>
        <p v-if="answer.rollUntil" class="roll">
          {{
            $t('Roll, mark or press on until {until} after it is set down.', {
              until: clock(answer.rollUntil.value * 60),
            })
          }}
        </p>
        <div v-if="answer.rollUntil" class="left" :class="{ now: left?.now }" aria-live="polite">
          <v-btn size="x-large" color="primary" @click="down = Date.now()">
            {{ $t('One is set down') }}
          </v-btn>
          <template v-if="left">
            <b>{{ left.clock }}</b>
            <span>{{ left.words }}</span>
          </template>
        </div>
        <RemarkList :remarks="answer.remarks" />
        <div class="figures">
          <FigureString :figure="answer.coat" />
          <FigureString :figure="answer.film" />
          <FigureString :figure="answer.tapped" />
          <FigureString :figure="answer.foot" />
          <FigureString :figure="answer.all" />
          <FigureString :figure="answer.start" />
          <FigureString :figure="answer.took" />
          <FigureString v-if="answer.rollUntil" :figure="answer.rollUntil" />
          <FigureString v-if="answer.lifts" :figure="answer.lifts" />
          <FigureString :figure="answer.coldest" />
          <FigureString v-if="answer.firmBelow" :figure="answer.firmBelow" />
          <FigureString v-if="answer.sticks" :figure="answer.sticks" />
          <FigureString v-if="answer.tray" :figure="answer.tray" />
        </div>
        <LineChart
          :lines="lines"
          :marks="marks"
          :x-name="$t('pieces dipped')"
          :y-name="symbol('CELSIUS', taste)"
          :spoken="$t('The bowl as it is emptied')"
        />
        <p class="quiet">
          {{
            $t(
              'Set down with a turn of the fork, so that no foot runs out; trim feet once it has set. Gloves on: what is rolled in nuts, sesame or milk powder carries them, and so does the bowl.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.roll {
  font-size: 1.25rem;
}
.left {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  margin: 12px 0;
}
.left b {
  font-size: 2.6rem;
  font-variant-numeric: tabular-nums;
}
.left span {
  font-size: 1.25rem;
}
.left.now span {
  font-weight: 600;
  color: var(--p-good);
}
.figures {
  max-width: 520px;
  margin: 12px 0;
}
</style>
