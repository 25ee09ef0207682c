<script setup lang="ts">
// Deliveries of one ingredient, the one that ends first in front.
import { ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { everyPage } from '@/parts/everyPage'
import { once } from '@/parts/once'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

const props = defineProps<{ ingredient: string }>()
const { taste } = useHouse()
const lots = ref<components['schemas']['LotView'][]>([])
const code = ref('')
const bestBefore = ref('')
const grams = ref<number | null>(null)
const refused = ref('')

async function load() {
  try {
    const path = { id: props.ingredient }
    lots.value = await everyPage((query) =>
      ask(api.GET('/api/ingredients/{id}/lots', { params: { path, query } })),
    )
    refused.value = ''
  } catch {
    // A new ingredient has no deliveries yet.
    lots.value = []
  }
}
watch(() => props.ingredient, load, { immediate: true })

const addOnce = once()
async function add() {
  const id = props.ingredient
  const said = { code: code.value, bestBefore: bestBefore.value || null, grams: grams.value }
  try {
    const added = await addOnce([id, said], (mine) =>
      ask(
        api.POST('/api/ingredients/{id}/lots', {
          params: { path: { id } },
          body: { id: mine, ...said },
        }),
      ),
    )
    lots.value = added.items
    code.value = ''
    bestBefore.value = ''
    grams.value = null
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  }
}
</script>

<template>
  <section :aria-label="$t('Lots')">
    <h3>{{ $t('Lots') }}</h3>
    <table v-if="lots.length" class="rows">
      <tbody>
        <tr v-for="lot in lots" :key="lot.code">
          <td>{{ lot.code }}</td>
          <td>
            {{
              lot.bestBefore
                ? $t('best before {bestBefore}', { bestBefore: lot.bestBefore })
                : $t('no date')
            }}
          </td>
          <td class="right">{{ lot.grams != null ? quantity(lot.grams, 'GRAM', taste) : '' }}</td>
        </tr>
      </tbody>
    </table>
    <div class="new">
      <v-text-field v-model="code" :label="$t('Lot')" hide-details />
      <v-text-field v-model="bestBefore" :label="$t('Best before')" type="date" hide-details />
      <NumberField v-model="grams" :label="$t('Mass')" unit="GRAM" />
      <v-btn size="large" variant="outlined" :disabled="!code.trim()" @click="add">{{
        $t('Add the lot')
      }}</v-btn>
    </div>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
  </section>
</template>

<style scoped>
.new {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  gap: 10px;
  align-items: start;
  margin-top: 8px;
}
</style>
