<script setup lang="ts">
// Lines out of a bag: how wide, how many metres, and how long a bag too thin lies in the cold.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, quantity } from '@/parts/units'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'
import { useCoatBowl } from './bowl'
import CoatBowlFields from './CoatBowlFields.vue'

const bowl = useCoatBowl()
const blank = computed(() => !bowl.value.couverture)
const { taste } = useHouse()
const line = useStorage(
  'palintone.coats.line',
  {
    by: 'NOZZLE' as 'NOZZLE' | 'WANTED',
    nozzleMm: 2 as number | null,
    wantedMm: 3 as number | null,
    bagG: 100 as number | null,
    eachMm: 60 as number | null,
    coldC: null as number | null,
  },
  undefined,
  { mergeDefaults: true },
)
const WAYS = [
  { id: 'NOZZLE', words: t('The opening of the bag') },
  { id: 'WANTED', words: t('How wide the line is to be') },
]
const { answer, refused } = useAnswer(
  [bowl, line],
  () => {
    const { couverture, bowlC, stablePercent } = bowl.value
    const { by, nozzleMm, wantedMm, bagG, eachMm, coldC } = line.value
    if (!couverture || (by === 'NOZZLE' ? nozzleMm : wantedMm) === null) return null
    return ask(
      api.POST('/api/coats/line', {
        body: {
          couverture,
          fluidity: null,
          bagC: bowlC,
          stablePercent,
          nozzleMm: by === 'NOZZLE' ? nozzleMm : null,
          wantedMm: by === 'WANTED' ? wantedMm : null,
          bagG,
          eachMm,
          coldC,
        },
      }),
    )
  },
  blank,
)
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <CoatBowlFields />
      <v-select
        v-model="line.by"
        :items="WAYS"
        item-title="words"
        item-value="id"
        :label="$t('What is given')"
      />
      <NumberField
        v-if="line.by === 'NOZZLE'"
        v-model="line.nozzleMm"
        :label="$t('Opening of the bag')"
        unit="MILLIMETRE"
      />
      <NumberField v-else v-model="line.wantedMm" :label="$t('Line, across')" unit="MILLIMETRE" />
      <NumberField v-model="line.bagG" :label="$t('In the bag')" unit="GRAM" />
      <NumberField v-model="line.eachMm" :label="$t('Line on one piece')" unit="MILLIMETRE" />
      <NumberField
        v-model="line.coldC"
        :label="$t('Cold for a thin bag (the cabinet if empty)')"
        unit="CELSIUS"
      />
    </form>
    <section class="answer" :aria-label="$t('Lines')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <template v-if="answer">
        <h1>
          {{
            line.by === 'NOZZLE'
              ? $t('A line {across} across, {metres} out of the bag', {
                  across: mm(answer.across.value),
                  metres: quantity(answer.outOfTheBag.value, 'METRE', taste),
                })
              : $t('An opening of {opening}, {metres} out of the bag', {
                  opening: mm(answer.nozzle.value),
                  metres: quantity(answer.outOfTheBag.value, 'METRE', taste),
                })
          }}
        </h1>
        <RemarkList :remarks="answer.remarks" />
        <div class="figures">
          <FigureString :figure="answer.nozzle" />
          <FigureString :figure="answer.across" />
          <FigureString :figure="answer.height" />
          <FigureString :figure="answer.perGram" />
          <FigureString v-if="answer.pieces" :figure="answer.pieces" />
          <FigureString v-if="answer.flat" :figure="answer.flat" />
        </div>
        <p class="quiet">
          {{
            $t(
              'Drawn along as fast as it comes out. Swirls and second colours want the top of the window: there lines run into each other.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>
