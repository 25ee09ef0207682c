<script setup lang="ts">
// A small machine, as one more way to coat: what an hour of it gives and takes.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { known } from '@/parts/shelf'
import { inTaste, number, quantity } from '@/parts/units'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'
import { useCoatBowl } from './bowl'
import CoatBowlFields from './CoatBowlFields.vue'
import { useFillings } from './useFillings'

const bowl = useCoatBowl()
const blank = computed(() => !bowl.value.couverture)
const { taste } = useHouse()
const { fillings, missing } = useFillings()
const belt = useStorage(
  'palintone.coats.enrobe',
  {
    filling: '',
    lengthMm: 25 as number | null,
    widthMm: 25 as number | null,
    heightMm: 12 as number | null,
    centreC: 18 as number | null,
    beltMPerMin: 1 as number | null,
    beltMm: 250 as number | null,
    stretchMm: 400 as number | null,
    gapMm: 15 as number | null,
    tunnelC: 14 as number | null,
  },
  undefined,
  { mergeDefaults: true },
)
const { answer, refused } = useAnswer(
  [bowl, belt, fillings],
  () => {
    const { couverture, bowlC, stablePercent } = bowl.value
    const { lengthMm, widthMm, heightMm, centreC, beltMPerMin, beltMm } = belt.value
    if (
      !couverture ||
      lengthMm === null ||
      widthMm === null ||
      heightMm === null ||
      centreC === null ||
      beltMPerMin === null ||
      beltMm === null
    ) {
      return null
    }
    return ask(
      api.POST('/api/coats/enrobe', {
        body: {
          couverture,
          fluidity: null,
          bowlC,
          stablePercent,
          centre: {
            shape: 'BLOCK',
            filling: known(fillings.value, belt.value.filling),
            massG: null,
            lengthMm,
            widthMm,
            heightMm,
          },
          centreC,
          beltMPerMin,
          beltMm,
          stretchMm: belt.value.stretchMm,
          gapMm: belt.value.gapMm,
          tunnelC: belt.value.tunnelC,
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
      <v-select
        :model-value="known(fillings, belt.filling)"
        :label="$t('Made of')"
        :items="fillings"
        item-title="name"
        item-value="id"
        clearable
        @update:model-value="(id: string | null) => (belt.filling = id ?? '')"
      />
      <NumberField v-model="belt.lengthMm" :label="$t('Length')" unit="MILLIMETRE" />
      <NumberField v-model="belt.widthMm" :label="$t('Width')" unit="MILLIMETRE" />
      <NumberField v-model="belt.heightMm" :label="$t('Height')" unit="MILLIMETRE" />
      <NumberField v-model="belt.centreC" :label="$t('Centre as it goes in')" unit="CELSIUS" />
      <h3 class="mt-2">{{ $t('The machine') }}</h3>
      <NumberField
        v-model="belt.beltMPerMin"
        :label="$t('Speed of the belt, metres a minute')"
        unit="ONE"
      />
      <NumberField v-model="belt.beltMm" :label="$t('Width of the belt')" unit="MILLIMETRE" />
      <NumberField v-model="belt.stretchMm" :label="$t('Curtain to tunnel')" unit="MILLIMETRE" />
      <NumberField v-model="belt.gapMm" :label="$t('Between two centres')" unit="MILLIMETRE" />
      <NumberField v-model="belt.tunnelC" :label="$t('Air of the tunnel')" unit="CELSIUS" />
      <h3 class="mt-2">{{ $t('The bowl') }}</h3>
      <CoatBowlFields />
    </form>
    <section class="answer" :aria-label="$t('Enrobe')">
      <p v-if="refused || missing" class="trouble" role="alert">
        {{ inTaste(refused || missing, taste) }}
      </p>
      <p v-if="blank">{{ $t('Choose a couverture; what a coat of it comes to stands here.') }}</p>
      <template v-if="answer">
        <h1>
          {{
            $t('{pieces} an hour, {coats} of chocolate on them', {
              pieces: number(Math.round(answer.perHour.value), 'ONE', taste),
              coats: quantity(answer.coats.value, 'GRAM', taste),
            })
          }}
        </h1>
        <p v-if="answer.tunnelM !== undefined && answer.tunnelM !== null" class="tunnel">
          {{
            $t('A tunnel of {metres} m at this speed, or rest them so long on trays.', {
              metres: number(Math.ceil(answer.tunnelM * 10) / 10, 'ONE', taste),
            })
          }}
        </p>
        <RemarkList :remarks="answer.remarks" />
        <div class="figures">
          <FigureString :figure="answer.coat" />
          <FigureString :figure="answer.film" />
          <FigureString :figure="answer.shaken" />
          <FigureString :figure="answer.rows" />
          <FigureString :figure="answer.perHour" />
          <FigureString :figure="answer.coats" />
          <FigureString :figure="answer.curtain" />
        </div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.tunnel {
  font-size: 1.25rem;
}
.figures {
  max-width: 520px;
  margin: 12px 0;
}
</style>
