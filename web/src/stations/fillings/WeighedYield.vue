<script setup lang="ts">
// What the batch weighed in the end, which share of the recipe explains it, and to take it over.
import { ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { useTurn } from '@/parts/turn'
import { inTaste, quantity } from '@/parts/units'
import { request, useRecipe, whole } from './recipe'

const { bench, takeOver } = useRecipe()
const { taste } = useHouse()
const weighedG = ref<number | null>(null)
const answer = ref<components['schemas']['YieldView'] | null>(null)
const refused = ref('')
const turn = useTurn()

async function explain() {
  if (weighedG.value === null || !whole(bench.value.recipe)) return
  const current = turn()
  try {
    const said = await ask(
      api.POST('/api/fillings/yield', {
        body: { on: request(bench.value), weighedG: weighedG.value },
      }),
    )
    if (!current()) return
    answer.value = said
    refused.value = ''
  } catch (problem) {
    if (!current()) return
    answer.value = null
    refused.value = inTaste(words(problem), taste.value)
  }
}
watch(
  () => bench.value.recipe,
  () => (answer.value = null),
)
function use(recipe: components['schemas']['RecipeDraft']) {
  takeOver(recipe)
  weighedG.value = null
}
</script>

<template>
  <section class="weighed" :aria-label="$t('Weighed in the end')">
    <h2>{{ $t('Weighed in the end') }}</h2>
    <p class="quiet">
      {{
        $t(
          'What all of it weighed says what really ran off, passed the sieve or boiled away here. Taken over, the next batch is reckoned by it.',
        )
      }}
    </p>
    <form @submit.prevent="explain">
      <NumberField v-model="weighedG" :label="$t('All of it weighed')" unit="GRAM" />
      <v-btn type="submit" size="x-large" variant="outlined" :disabled="weighedG === null">{{
        $t('What explains it')
      }}</v-btn>
    </form>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <div v-if="answer" role="status">
      <FigureString :figure="answer.reckoned" />
      <p v-if="!answer.shares.length">
        {{
          $t(
            'No share of this recipe explains it: look at what was weighed in, or at what stayed in the pot.',
          )
        }}
      </p>
      <div v-for="share in answer.shares" :key="share.place" class="share">
        <p>
          <b>{{ share.place }}. {{ share.words }}</b>
          {{
            $t('{share} {says}', {
              share: quantity(share.share.value, 'PERCENT', taste),
              says: share.says,
            })
          }}
        </p>
        <v-btn size="large" variant="tonal" @click="use(share.recipe)">{{ $t('Use it') }}</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.weighed {
  margin-top: 22px;
  border-top: 1px solid var(--p-line);
  padding-top: 12px;
}
form {
  display: grid;
  grid-template-columns: minmax(180px, 260px) auto;
  gap: 12px;
  justify-content: start;
  margin: 10px 0;
}
form .v-btn {
  height: 56px !important;
}
.share {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  border-left: 6px solid var(--p-line);
  padding: 6px 0 6px 14px;
  margin: 8px 0;
}
.share p {
  margin: 0;
}
@media (max-width: 700px) {
  form {
    grid-template-columns: 1fr;
  }
}
</style>
