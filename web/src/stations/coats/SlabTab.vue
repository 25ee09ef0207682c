<script setup lang="ts">
// A slab in its frame, and the most pieces that cuts right across give.
import { useStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { known } from '@/parts/shelf'
import { inTaste, number, quantity } from '@/parts/units'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'
import OwnPans from './OwnPans.vue'
import CutDrawing from './CutDrawing.vue'
import { useFillings } from './useFillings'

const { taste } = useHouse()
const { fillings, missing } = useFillings()
const slab = useStorage(
  'palintone.coats.slab',
  {
    filling: '',
    lengthMm: 360 as number | null,
    widthMm: 260 as number | null,
    heightMm: 12 as number | null,
    trimMm: 5 as number | null,
    kerfMm: 0.6 as number | null,
    pieceMm: 25 as number | null,
    acrossMm: 25 as number | null,
    precoatMm: 0.5 as number | null,
  },
  undefined,
  { mergeDefaults: true },
)
const { answer, refused } = useAnswer(
  [slab, fillings],
  () => {
    const { lengthMm, widthMm, heightMm, trimMm, kerfMm, pieceMm, acrossMm, precoatMm } = slab.value
    if (
      lengthMm === null ||
      widthMm === null ||
      heightMm === null ||
      pieceMm === null ||
      acrossMm === null
    ) {
      return null
    }
    return ask(
      api.POST('/api/coats/slab', {
        body: {
          filling: known(fillings.value, slab.value.filling),
          lengthMm,
          widthMm,
          heightMm,
          trimMm,
          kerfMm,
          pieceMm,
          acrossMm,
          precoatMm,
        },
      }),
    )
  },
  ref(false),
)
const drawn = computed(() => ({
  length: slab.value.lengthMm ?? 0,
  width: slab.value.widthMm ?? 0,
}))
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-select
        :model-value="known(fillings, slab.filling)"
        :label="$t('Made of')"
        :items="fillings"
        item-title="name"
        item-value="id"
        clearable
        @update:model-value="(id: string | null) => (slab.filling = id ?? '')"
      />
      <NumberField v-model="slab.lengthMm" :label="$t('Length of the frame')" unit="MILLIMETRE" />
      <NumberField v-model="slab.widthMm" :label="$t('Width of the frame')" unit="MILLIMETRE" />
      <NumberField v-model="slab.heightMm" :label="$t('Height of the frame')" unit="MILLIMETRE" />
      <NumberField v-model="slab.trimMm" :label="$t('Trimmed off all round')" unit="MILLIMETRE" />
      <NumberField v-model="slab.kerfMm" :label="$t('Wire or knife takes')" unit="MILLIMETRE" />
      <NumberField v-model="slab.pieceMm" :label="$t('Length of a piece')" unit="MILLIMETRE" />
      <NumberField v-model="slab.acrossMm" :label="$t('Width of a piece')" unit="MILLIMETRE" />
      <NumberField v-model="slab.precoatMm" :label="$t('Precoat underneath')" unit="MILLIMETRE" />
    </form>
    <section class="answer" :aria-label="$t('Slab')">
      <p v-if="refused || missing" class="trouble" role="alert">
        {{ inTaste(refused || missing, taste) }}
      </p>
      <template v-if="answer">
        <h1>
          {{
            $t('{pieces} pieces of {each} from a slab of {slab}', {
              pieces: number(answer.pieces, 'ONE', taste),
              each: quantity(answer.piece.value, 'GRAM', taste),
              slab: quantity(answer.slab.value, 'GRAM', taste),
            })
          }}
        </h1>
        <RemarkList :remarks="answer.remarks" />
        <CutDrawing
          :length="drawn.length"
          :width="drawn.width"
          :rectangles="answer.cuts"
          :spoken="$t('The slab from above, as it is cut')"
        />
        <p class="quiet">
          {{
            $t('No way of cutting gives more than {bound}: so many fit by their area.', {
              bound: number(answer.bound, 'ONE', taste),
            })
          }}
        </p>
        <div class="figures">
          <FigureString :figure="answer.slab" />
          <FigureString :figure="answer.piece" />
          <FigureString :figure="answer.yield" />
          <FigureString v-if="answer.precoat" :figure="answer.precoat" />
        </div>
      </template>
      <OwnPans :filling="known(fillings, slab.filling)" :height-mm="slab.heightMm" />
    </section>
  </div>
</template>

<style scoped>
.figures {
  max-width: 480px;
  margin: 12px 0;
}
</style>
