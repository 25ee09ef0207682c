<script setup lang="ts">
// What goes in by taste: what was noted at the Bench, and the recipe by it.
import { onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { useTurn } from '@/parts/turn'
import { inTaste, quantity } from '@/parts/units'
import { counted } from '@/words'
import { request, useRecipe, whole } from './recipe'

const { bench, takeOver } = useRecipe()
const { taste } = useHouse()
const doses = ref<components['schemas']['TaughtDoseView'][]>([])
const refused = ref('')
const turn = useTurn()

async function look() {
  if (!bench.value.id || !whole(bench.value.recipe)) return
  const current = turn()
  try {
    const said = await ask(api.POST('/api/fillings/doses', { body: { on: request(bench.value) } }))
    if (!current()) return
    doses.value = said
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = inTaste(words(problem), taste.value)
  }
}
onMounted(look)
watch(() => bench.value.recipe, look)
</script>

<template>
  <section v-if="doses.length || refused" class="doses" :aria-label="$t('Tasted at the bench')">
    <h2>{{ $t('Tasted at the bench') }}</h2>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <div v-for="dose in doses" :key="dose.name" class="dose">
      <FigureString :figure="dose.inRecipe" />
      <p class="quiet">
        {{ counted('{n} batch was tasted. | {n} batches were tasted.', dose.tasted) }}
        {{ $t('The recipe says {written}.', { written: quantity(dose.writtenG, 'GRAM', taste) }) }}
      </p>
      <v-btn size="large" variant="tonal" @click="takeOver(dose.recipe)">{{ $t('Use it') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.dose {
  max-width: 520px;
}
</style>
