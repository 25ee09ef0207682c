<script setup lang="ts">
// A decoration sheet: grams, when it is cut, what comes out of it, how it curls.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { clock, inTaste, number, quantity } from '@/parts/units'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'
import { useCoatBowl } from './bowl'
import CoatBowlFields from './CoatBowlFields.vue'
import CutDrawing from './CutDrawing.vue'

const bowl = useCoatBowl()
const blank = computed(() => !bowl.value.couverture)
const { taste } = useHouse()
const sheet = useStorage(
  'palintone.coats.sheet',
  {
    lengthMm: 400 as number | null,
    widthMm: 300 as number | null,
    thickMm: 0.8 as number | null,
    cut: 'ROUNDS' as 'ROUNDS' | 'RECTANGLES' | 'BOTH',
    acrossMm: 30 as number | null,
    otherMm: 60 as number | null,
    gapMm: 1 as number | null,
    rounds: 24 as number | null,
    stripMm: 60 as number | null,
    stripAcrossMm: 10 as number | null,
    cutAtMin: null as number | null,
  },
  undefined,
  { mergeDefaults: true },
)
const CUTS = [
  { id: 'ROUNDS', words: t('rounds') },
  { id: 'RECTANGLES', words: t('squares or strips') },
  { id: 'BOTH', words: t('rounds, and strips beside them') },
]
const { answer, refused } = useAnswer(
  [bowl, sheet],
  () => {
    const { couverture, bowlC, stablePercent, roomC } = bowl.value
    const { lengthMm, widthMm, thickMm, cut, acrossMm, otherMm, gapMm, cutAtMin } = sheet.value
    const { rounds, stripMm, stripAcrossMm } = sheet.value
    const both = cut === 'BOTH'
    if (
      !couverture ||
      lengthMm === null ||
      widthMm === null ||
      thickMm === null ||
      acrossMm === null ||
      (cut === 'RECTANGLES' && otherMm === null) ||
      (both && [rounds, stripMm, stripAcrossMm].includes(null))
    ) {
      return null
    }
    return ask(
      api.POST('/api/coats/sheet', {
        body: {
          couverture,
          fluidity: null,
          bowlC,
          stablePercent,
          roomC,
          lengthMm,
          widthMm,
          thickMm,
          cut,
          acrossMm,
          otherMm: cut === 'RECTANGLES' ? otherMm : null,
          gapMm: cut === 'RECTANGLES' ? null : gapMm,
          rounds: both ? Math.round(rounds!) : null,
          stripMm: both ? stripMm : null,
          stripAcrossMm: both ? stripAcrossMm : null,
          cutAtMin,
        },
      }),
    )
  },
  blank,
)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <NumberField v-model="sheet.lengthMm" :label="$t('Length of the sheet')" unit="MILLIMETRE" />
      <NumberField v-model="sheet.widthMm" :label="$t('Width of the sheet')" unit="MILLIMETRE" />
      <NumberField v-model="sheet.thickMm" :label="$t('Thickness')" unit="MILLIMETRE" />
      <v-select
        v-model="sheet.cut"
        :label="$t('Cut into')"
        :items="CUTS"
        item-title="words"
        item-value="id"
      />
      <NumberField
        v-model="sheet.acrossMm"
        :label="sheet.cut === 'RECTANGLES' ? $t('One side') : $t('Across a round')"
        unit="MILLIMETRE"
      />
      <NumberField
        v-if="sheet.cut !== 'RECTANGLES'"
        v-model="sheet.gapMm"
        :label="$t('Between two')"
        unit="MILLIMETRE"
      />
      <NumberField v-else v-model="sheet.otherMm" :label="$t('The other side')" unit="MILLIMETRE" />
      <template v-if="sheet.cut === 'BOTH'">
        <NumberField v-model="sheet.rounds" :label="$t('Rounds wanted')" unit="PIECE" />
        <NumberField v-model="sheet.stripMm" :label="$t('Length of a strip')" unit="MILLIMETRE" />
        <NumberField
          v-model="sheet.stripAcrossMm"
          :label="$t('Width of a strip')"
          unit="MILLIMETRE"
        />
      </template>
      <NumberField
        v-model="sheet.cutAtMin"
        :label="$t('To be cut after (if it must)')"
        unit="MINUTE"
      />
      <h3 class="mt-2">{{ $t('The bowl') }}</h3>
      <CoatBowlFields />
    </form>
    <section class="answer" :aria-label="$t('Sheet')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <p v-if="blank">{{ $t('Choose a couverture; what a sheet of it comes to stands here.') }}</p>
      <template v-if="answer">
        <h1>
          {{
            answer.cutFrom && answer.cutUntil
              ? $t('Spread {mass}, cut from {from} to {until}', {
                  mass: quantity(answer.mass.value, 'GRAM', taste),
                  from: clock(answer.cutFrom.value * 60),
                  until: clock(answer.cutUntil.value * 60),
                })
              : $t('Spread {mass}; it does not set to be cut', {
                  mass: quantity(answer.mass.value, 'GRAM', taste),
                })
          }}
        </h1>
        <RemarkList :remarks="answer.remarks" />
        <CutDrawing
          :length="sheet.lengthMm ?? 0"
          :width="sheet.widthMm ?? 0"
          :rectangles="answer.rectangles"
          :rounds="answer.rounds"
          :across="sheet.acrossMm ?? 0"
          :spoken="$t('The sheet from above, as it is cut')"
        />
        <p v-if="answer.strip" class="quiet">
          {{
            $t(
              '{rounds} rounds of {each}, {strips} strips of {strip} beside them; no layout that holds these rounds holds more than {bound} strips. The long straight cuts first, then the rounds. Left over: {rest}.',
              {
                rounds: number(answer.rounds.length, 'ONE', taste),
                each: quantity(answer.each.value, 'GRAM', taste),
                strips: number(answer.rectangles.length, 'ONE', taste),
                strip: quantity(answer.strip.value, 'GRAM', taste),
                bound: number(answer.bound, 'ONE', taste),
                rest: quantity(Math.round(answer.wasteShare * 100), 'PERCENT', taste),
              },
            )
          }}
        </p>
        <p v-else class="quiet">
          {{
            $t('{pieces} pieces of {each}; no layout holds more than {bound}. Left over: {rest}.', {
              pieces: number(answer.pieces, 'ONE', taste),
              each: quantity(answer.each.value, 'GRAM', taste),
              bound: number(answer.bound, 'ONE', taste),
              rest: quantity(Math.round(answer.wasteShare * 100), 'PERCENT', taste),
            })
          }}
        </p>
        <div class="figures">
          <FigureString :figure="answer.mass" />
          <FigureString v-if="answer.cutFrom" :figure="answer.cutFrom" />
          <FigureString v-if="answer.cutUntil" :figure="answer.cutUntil" />
          <FigureString v-if="answer.peels" :figure="answer.peels" />
          <FigureString :figure="answer.curls" />
        </div>
        <p class="quiet">
          {{
            $t(
              'Rings: cut the inner round first. Peel from corner to corner once it is set; store long ones flat between papers; lustre goes on last, with a dry brush.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.figures {
  max-width: 480px;
  margin: 12px 0;
}
</style>
