<script setup lang="ts">
// Coloured cocoa butter, compound coating, and what can still be done when a bowl has gone wrong.
import { known } from '@/parts/shelf'
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, reactive, ref, watch } from 'vue'
import {
  api,
  ask,
  words,
  type Coating,
  type ColourPlan,
  type Mould,
  type BowlFault,
} from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import FigureString from '@/parts/FigureString.vue'
import { everyPage } from '@/parts/everyPage'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, sentence } from '@/parts/units'
import CameBack from './CameBack.vue'

const { taste } = useHouse()
const { all, load } = useLarder()
const moulds = ref<Mould[]>([])
const troubles = ref<BowlFault[]>([])
const colour = ref<ColourPlan | null>(null)
const coating = ref<Coating | null>(null)
const colourRefused = ref('')
const coatingRefused = ref('')
const shown = ref('')

const paint = reactive({
  mould: '',
  moulds: 4 as number | null,
  coats: 1 as number | null,
  filmMm: 0.05 as number | null,
  sharePercent: 10 as number | null,
})
const mix = reactive({
  coating: 'coating',
  coatingG: 1000 as number | null,
  chocolate: 'dark-66',
  chocolateG: 0 as number | null,
})
const fats = computed(() => all.value.filter((i) => i.fatPercent > 10))

const planColour = useDebounceFn(async () => {
  const { mould, moulds: count, coats, filmMm, sharePercent } = paint
  if (!mould || !count || !coats || !filmMm || !sharePercent) return
  try {
    colour.value = await ask(
      api.GET('/api/temper/colour', {
        params: { query: { mould, moulds: count, coats, filmMm, sharePercent } },
      }),
    )
    colourRefused.value = ''
  } catch (problem) {
    colourRefused.value = inTaste(words(problem), taste.value)
  }
}, 120)
/** Where the house has none of the sample's names, its own first ones stand here. */
watch(fats, (all) => {
  const has = (id: string) => all.some((i) => i.id === id)
  if (!has(mix.coating)) mix.coating = all.find((i) => !i.couverture)?.id ?? ''
  if (!has(mix.chocolate)) mix.chocolate = all.find((i) => i.couverture)?.id ?? ''
})
const planCoating = useDebounceFn(async () => {
  const { coating: id, coatingG, chocolate, chocolateG } = mix
  if (!id || !chocolate || !coatingG || chocolateG === null) return
  try {
    coating.value = await ask(
      api.GET('/api/temper/coating', {
        params: { query: { coating: id, coatingG, chocolate, chocolateG } },
      }),
    )
    coatingRefused.value = ''
  } catch (problem) {
    coatingRefused.value = inTaste(words(problem), taste.value)
  }
}, 120)
watch(paint, () => void planColour())
watch(mix, () => void planCoating())
onMounted(async () => {
  await load()
  try {
    moulds.value = await everyPage((query) => ask(api.GET('/api/moulds', { params: { query } })))
    troubles.value = await ask(api.GET('/api/temper/troubles'))
    paint.mould = moulds.value[0]?.id ?? ''
  } catch (problem) {
    colourRefused.value = words(problem)
  }
  void planCoating()
})
</script>

<template>
  <div class="paths">
    <section>
      <h2>{{ $t('Coloured cocoa butter') }}</h2>
      <div class="fields">
        <v-select
          :model-value="known(moulds, paint.mould)"
          :label="$t('Mould')"
          :items="moulds"
          item-title="name"
          item-value="id"
          @update:model-value="paint.mould = $event"
        />
        <NumberField v-model="paint.moulds" :label="$t('Moulds')" unit="ONE" />
        <NumberField v-model="paint.coats" :label="$t('Coats')" unit="ONE" />
        <NumberField v-model="paint.filmMm" :label="$t('Film of one coat')" unit="MILLIMETRE" />
        <NumberField v-model="paint.sharePercent" :label="$t('Colour, by mass')" unit="PERCENT" />
      </div>
      <p v-if="colourRefused" class="trouble" role="alert">{{ colourRefused }}</p>
      <template v-if="colour">
        <div class="figures">
          <FigureString :figure="colour.needed" />
          <FigureString :figure="colour.colour" />
          <FigureString :figure="colour.cocoaButter" />
          <FigureString :figure="colour.melt" />
          <FigureString :figure="colour.spray" />
        </div>
        <ol>
          <li v-for="step in colour.steps" :key="step.template">{{ sentence(step, taste) }}</li>
        </ol>
        <p v-for="c in colour.cautions" :key="c.template" class="caution">
          {{ sentence(c, taste) }}
        </p>
      </template>
    </section>
    <section>
      <h2>{{ $t('Compound coating') }}</h2>
      <div class="fields">
        <v-select
          :model-value="known(fats, mix.coating)"
          :label="$t('Coating')"
          :items="fats"
          item-title="name"
          item-value="id"
          @update:model-value="mix.coating = $event"
        />
        <NumberField v-model="mix.coatingG" :label="$t('of it')" unit="GRAM" />
        <v-select
          :model-value="known(fats, mix.chocolate)"
          :label="$t('Chocolate in it')"
          :items="fats"
          item-title="name"
          item-value="id"
          @update:model-value="mix.chocolate = $event"
        />
        <NumberField v-model="mix.chocolateG" :label="$t('of that')" unit="GRAM" />
      </div>
      <p v-if="coatingRefused" class="trouble" role="alert">{{ coatingRefused }}</p>
      <template v-if="coating">
        <p class="say">{{ sentence(coating.say, taste) }}</p>
        <div class="figures">
          <FigureString :figure="coating.foreign" />
          <FigureString :figure="coating.work" />
        </div>
        <p v-for="c in coating.cautions" :key="c.template" class="caution">
          {{ sentence(c, taste) }}
        </p>
      </template>
    </section>
    <CameBack class="wide" />
    <section class="wide">
      <h2>{{ $t('Gone wrong: what can still be done') }}</h2>
      <div class="pick" role="group" :aria-label="$t('What has happened')">
        <button
          v-for="t in troubles"
          :key="t.id"
          type="button"
          :aria-pressed="shown === t.id"
          @click="shown = shown === t.id ? '' : t.id"
        >
          {{ t.words }}
        </button>
      </div>
      <template v-for="t in troubles" :key="t.id">
        <div v-if="shown === t.id" role="status">
          <p class="quiet">{{ sentence(t.signs, taste) }} {{ sentence(t.why, taste) }}</p>
          <p v-for="s in t.still" :key="s.template" class="say">{{ sentence(s, taste) }}</p>
        </div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.paths {
  overflow: auto;
  padding: 16px 22px 40px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px 36px;
  align-content: start;
}
.wide {
  grid-column: 1 / -1;
  border-top: 1px solid var(--p-line);
  padding-top: 14px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin: 10px 0;
}
.figures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 14px;
}
ol {
  padding-left: 20px;
  margin: 8px 0;
}
.caution {
  margin-top: 8px;
}
.say {
  font-family: var(--p-serif);
  font-size: 1.25rem;
  margin: 6px 0;
}
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 10px 0;
}
.pick button {
  min-height: 56px;
  padding: 0 18px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.pick button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
}
@media (max-width: 1000px) {
  .paths {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
