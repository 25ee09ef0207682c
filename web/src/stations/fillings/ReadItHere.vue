<script setup lang="ts">
// A reading of pH and water activity, taken where the verdict waits for it.
import { computed, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { once } from '@/parts/once'
import NumberField from '@/parts/NumberField.vue'
import { useRecipe } from './recipe'

const { bench, look, sheet } = useRecipe()
const ph = ref<number | null>(null)
const aw = ref<number | null>(null)
const refused = ref('')
const busy = ref(false)
/** A reading belongs to a recipe that was cooked: one in the books, as it stands there. */
const saved = computed(() => bench.value.number > 0 && !bench.value.changed)

const noteOnce = once()
async function note() {
  if (busy.value) return
  busy.value = true
  refused.value = ''
  try {
    for (const [kind, read] of [
      ['PH', ph],
      ['WATER_ACTIVITY', aw],
    ] as const) {
      if (read.value === null) continue
      const id = bench.value.id
      const said = { kind, number: bench.value.number, measured: read.value }
      await noteOnce([id, said], (mine) =>
        ask(
          api.POST('/api/fillings/{id}/notes', {
            params: { path: { id } },
            body: { id: mine, ...said, score: null, words: '' },
          }),
        ),
      )
      // Written down: a second press does not write it again.
      read.value = null
    }
    await look()
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form v-if="sheet?.life.readingHelps" class="read" @submit.prevent="note">
    <h3>{{ $t('Read it') }}</h3>
    <template v-if="saved">
      <NumberField v-model="ph" :label="$t('pH')" unit="PH" />
      <NumberField v-model="aw" :label="$t('Water activity')" unit="ONE" />
      <v-btn
        type="submit"
        size="x-large"
        variant="outlined"
        :loading="busy"
        :disabled="ph === null && aw === null"
        >{{ $t('Note the reading') }}</v-btn
      >
    </template>
    <p v-else class="quiet">
      {{ $t('Save the recipe first: a reading belongs to what was cooked.') }}
    </p>
    <p v-if="refused" class="caution" role="alert">{{ refused }}</p>
  </form>
</template>

<style scoped>
.read {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: center;
  margin: 10px 0;
}
h3,
p,
.read .v-btn {
  grid-column: 1 / -1;
  margin: 0;
}
@media (max-width: 700px) {
  .read {
    grid-template-columns: 1fr;
  }
}
</style>
