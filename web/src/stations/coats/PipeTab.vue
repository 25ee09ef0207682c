<script setup lang="ts">
// A filling piped onto paper: how far a heap runs, and from where on it stands.
import { useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { api, ask } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { known } from '@/parts/shelf'
import { inTaste, quantity } from '@/parts/units'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'
import { useFillings } from './useFillings'

const { taste } = useHouse()
const { fillings, missing, loaded } = useFillings()
const pipe = useStorage(
  'palintone.coats.pipe',
  {
    filling: '',
    massG: 10 as number | null,
    pipedC: 24 as number | null,
    openingMm: 10 as number | null,
    seconds: 2 as number | null,
    weighedG: null as number | null,
    heldMm: null as number | null,
    intoMm: null as number | null,
  },
  undefined,
  { mergeDefaults: true },
)
// The first where nothing was chosen, or what was chosen is no longer there.
watchEffect(() => {
  if (loaded.value && !known(fillings.value, pipe.value.filling)) {
    pipe.value.filling = fillings.value[0]?.id ?? ''
  }
})
const blank = computed(() => !pipe.value.filling)
const { answer, refused } = useAnswer(
  [pipe, fillings],
  () => {
    const { massG, pipedC, openingMm, ...pressed } = pipe.value
    const { seconds, weighedG, heldMm, intoMm } = pressed
    const nozzle = openingMm === null ? undefined : { openingMm, seconds, weighedG, heldMm, intoMm }
    const filling = known(fillings.value, pipe.value.filling)
    return filling && massG !== null && pipedC !== null
      ? ask(api.POST('/api/coats/pipe', { body: { filling, massG, pipedC, nozzle } }))
      : null
  },
  computed(() => blank.value || !loaded.value),
)
/** From the side, as high as it is across. */
const profile = computed(() => {
  const a = answer.value
  if (!a) return ''
  const radius = a.across.value / 2
  const points = Array.from({ length: 41 }, (_, i) => {
    const x = (i / 20 - 1) * radius
    const share = Math.abs(x) / radius
    const y = a.height.value * (a.stands ? Math.sqrt(1 - share * share) : Math.sqrt(1 - share))
    return `${Math.round(x * 100) / 100} ${Math.round(-y * 100) / 100}`
  })
  return `M${points.join('L')}Z`
})
const box = computed(() => {
  const across = answer.value?.across.value ?? 1
  const height = answer.value?.height.value ?? 1
  return `${-across / 2 - 2} ${-height - 2} ${across + 4} ${height + 4}`
})
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-select
        :model-value="known(fillings, pipe.filling)"
        :label="$t('Filling')"
        :items="fillings"
        item-title="name"
        item-value="id"
        @update:model-value="(id: string) => (pipe.filling = id)"
      />
      <NumberField v-model="pipe.massG" :label="$t('One heap weighs')" unit="GRAM" />
      <NumberField v-model="pipe.pipedC" :label="$t('In the bag')" unit="CELSIUS" />
      <NumberField v-model="pipe.openingMm" :label="$t('Nozzle, across')" unit="MILLIMETRE" />
      <NumberField v-model="pipe.seconds" :label="$t('Pressed')" unit="SECOND" />
      <NumberField v-model="pipe.weighedG" :label="$t('One so pressed weighed')" unit="GRAM" />
      <NumberField v-model="pipe.heldMm" :label="$t('Held above the paper')" unit="MILLIMETRE" />
      <NumberField v-model="pipe.intoMm" :label="$t('Into something, across')" unit="MILLIMETRE" />
    </form>
    <section class="answer" :aria-label="$t('Pipe')">
      <p v-if="refused || missing" class="trouble" role="alert">
        {{ inTaste(refused || missing, taste) }}
      </p>
      <p v-if="loaded && blank">
        <router-link to="/fillings/recipe">{{ $t('Write a filling first') }}</router-link>
      </p>
      <template v-if="answer">
        <h1>
          {{
            answer.stands
              ? $t('It stands as it is piped, {across} across', {
                  across: quantity(answer.across.value, 'MILLIMETRE', taste),
                })
              : $t('It runs to {across} across', {
                  across: quantity(answer.across.value, 'MILLIMETRE', taste),
                })
          }}
        </h1>
        <RemarkList :remarks="answer.remarks" />
        <svg class="heap" :viewBox="box" role="img" :aria-label="$t('A heap from the side')">
          <path :d="profile" />
        </svg>
        <div class="figures">
          <FigureString :figure="answer.across" />
          <FigureString :figure="answer.height" />
          <FigureString v-if="answer.standsBelow" :figure="answer.standsBelow" />
          <FigureString :figure="answer.perKilogram" />
        </div>
        <template v-if="answer.nozzle">
          <h2>{{ $t('Through the nozzle') }}</h2>
          <div class="figures">
            <FigureString :figure="answer.nozzle.seconds" />
            <FigureString :figure="answer.nozzle.gives" />
            <FigureString :figure="answer.nozzle.opening" />
            <FigureString :figure="answer.nozzle.across" />
          </div>
        </template>
        <p class="quiet">
          {{
            $t(
              'By the firmness it comes to at rest: freshly made it is softer, and runs further. Rolled by hand it melts: work in small lots, gloves on, and chill again.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.heap {
  display: block;
  width: 100%;
  max-height: 220px;
  margin: 12px 0;
}
.heap path {
  fill: var(--p-choc-dark);
}
.figures {
  max-width: 480px;
  margin: 12px 0;
}
</style>
