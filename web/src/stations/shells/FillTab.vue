<script setup lang="ts">
// The warmest filling this shell bears, by its own heat balance; how one lies in it; the cap.
import { useStorage } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { everyPage } from '@/parts/everyPage'
import { known } from '@/parts/shelf'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, quantity } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import RemarkList from './RemarkList.vue'
import { useCasting } from './order'
import { useAnswer } from './useAnswer'

const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { taste } = useHouse()
const into = useStorage(
  'palintone.shells.fill',
  {
    shellMm: 1.6 as number | null,
    shellC: null as number | null,
    fillC: 28 as number | null,
    capMm: 2 as number | null,
    cappedC: null as number | null,
    rimC: null as number | null,
    filling: '',
  },
  undefined,
  { mergeDefaults: true },
)
const fillings = ref<{ id: string; name: string }[]>([])
const missing = ref('')
onMounted(async () => {
  try {
    fillings.value = await everyPage((query) =>
      ask(api.GET('/api/fillings', { params: { query } })),
    )
  } catch (problem) {
    missing.value = words(problem)
  }
})
const { answer, refused } = useAnswer(
  [casting, into, fillings],
  () => {
    const { couverture, mould, roomC } = casting.value
    const { shellMm, shellC, fillC, capMm } = into.value
    const filling = known(fillings.value, into.value.filling)
    return couverture && mould && shellMm !== null
      ? ask(
          api.POST('/api/shells/fill', {
            body: {
              couverture,
              mould,
              roomC,
              shellMm,
              shellC,
              fillC,
              heatJPerMlK: null,
              filling,
              capMm: filling ? capMm : null,
            },
          }),
        )
      : null
  },
  blank,
)
/** Of the filling that was chosen. */
const heat = computed(() => ({ jPerMlK: answer.value?.heatJPerMlK ?? null }))
const { answer: cap, refused: capRefused } = useAnswer(
  [casting, into, heat],
  () => {
    const { couverture, mould, roomC, bowlC, stablePercent } = casting.value
    const { shellMm, capMm, cappedC, rimC } = into.value
    return couverture && mould && shellMm !== null && capMm !== null
      ? ask(
          api.POST('/api/shells/cap', {
            body: {
              couverture,
              mould,
              roomC,
              bowlC,
              stablePercent,
              shellMm,
              capMm,
              fillC: cappedC,
              rimC,
              airC: null,
              heatJPerMlK: heat.value.jPerMlK,
            },
          }),
        )
      : null
  },
  blank,
)
const min = (value: number) => quantity(value, 'MINUTE', taste.value)
const passes = computed(() => {
  const c = cap.value
  if (!c) return ''
  return t('In two thin passes: the second from {from} to {until} after the first.', {
    from: min(c.secondFrom.value),
    until: c.secondUntil ? min(c.secondUntil.value) : t('an hour'),
  })
})
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <NumberField v-model="into.shellMm" :label="$t('Shell thickness')" unit="MILLIMETRE" />
      <NumberField
        v-model="into.shellC"
        :label="$t('Shell is (the room’s if empty)')"
        unit="CELSIUS"
      />
      <v-select
        :model-value="known(fillings, into.filling)"
        :label="$t('Filling')"
        :items="fillings"
        item-title="name"
        item-value="id"
        clearable
        @update:model-value="(id: string | null) => (into.filling = id ?? '')"
      />
      <NumberField v-model="into.fillC" :label="$t('Filling in the bag')" unit="CELSIUS" />
      <h3 class="mt-2">{{ $t('The cap') }}</h3>
      <NumberField v-model="into.capMm" :label="$t('Cap thickness')" unit="MILLIMETRE" />
      <NumberField
        v-model="into.cappedC"
        :label="$t('Filling by then (the room’s if empty)')"
        unit="CELSIUS"
      />
      <NumberField v-model="into.rimC" :label="$t('Rims (the room’s if empty)')" unit="CELSIUS" />
      <h3 class="mt-2">{{ $t('The shell') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Fill')">
      <p v-if="refused || missing" class="trouble" role="alert">
        {{ inTaste(refused || missing, taste) }}
      </p>
      <NothingYet v-if="blank" />
      <template v-if="answer">
        <h1>
          {{
            $t('Fill no warmer than {most}', {
              most: quantity(answer.advised.value, 'CELSIUS', taste),
            })
          }}
        </h1>
        <RemarkList :remarks="answer.remarks" />
        <div class="figures">
          <FigureString :figure="answer.advised" />
          <FigureString :figure="answer.bears" />
          <template v-if="answer.level">
            <FigureString :figure="answer.level.mass" />
            <FigureString :figure="answer.level.perMould" />
            <FigureString :figure="answer.level.uneven" />
            <FigureString v-if="answer.level.carriesBelow" :figure="answer.level.carriesBelow" />
            <FigureString v-if="answer.level.carriesFrom" :figure="answer.level.carriesFrom" />
          </template>
        </div>
        <p v-if="!answer.level">
          {{
            $t(
              'It must still flow, stop short of the rim, and stand a few minutes until its top is still.',
            )
          }}
        </p>
      </template>
      <p v-if="capRefused && !refused" class="trouble" role="alert">
        {{ inTaste(capRefused, taste) }}
      </p>
      <template v-if="cap">
        <h2 class="mt-4">
          {{
            $t('Cap: {mass} each, {all} a mould', {
              mass: quantity(cap.mass.value, 'GRAM', taste),
              all: quantity(cap.perMould.value, 'GRAM', taste),
            })
          }}
        </h2>
        <p>{{ passes }}</p>
        <RemarkList :remarks="cap.remarks" />
        <div class="figures">
          <FigureString :figure="cap.begins" />
          <FigureString v-if="cap.firm" :figure="cap.firm" />
          <FigureString :figure="cap.rimMelts" />
          <FigureString :figure="cap.rimBonds" />
        </div>
        <p v-if="!cap.firm" class="caution">
          {{ $t('It does not set within an hour of cold: do not turn it out.') }}
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
