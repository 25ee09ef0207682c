<script setup lang="ts">
// The nutrition panel of a packet, from which the rest is estimated.
import { t } from '@/words'
import { ref, watchEffect } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import NumberField from '@/parts/NumberField.vue'

type Like = components['schemas']['PanelDraft']['like']
const emit = defineEmits<{ estimated: [parts: Record<string, number>, basis: string] }>()
const LIKE: { id: Like; words: string }[] = [
  { id: 'CHOCOLATE', words: t('chocolate') },
  { id: 'DAIRY', words: t('dairy') },
  { id: 'NUT', words: t('nuts or paste') },
  { id: 'FRUIT', words: t('fruit') },
  { id: 'BISCUIT', words: t('biscuit') },
  { id: 'SYRUP', words: t('syrup') },
  { id: 'COCONUT', words: t('coconut') },
]
const open = ref(false)
/** Whether numbers stand in it that have not gone into the composition. */
const pending = defineModel<boolean>('pending', { default: false })
const like = ref<Like>('NUT')
const panel = ref({
  fatG: null as number | null,
  carbohydrateG: null as number | null,
  sugarsG: null as number | null,
  fibreG: null as number | null,
  proteinG: null as number | null,
  saltG: null as number | null,
  waterG: null as number | null,
})
const FIELDS: [keyof typeof panel.value, string][] = [
  ['fatG', t('Fat')],
  ['carbohydrateG', t('Carbohydrate')],
  ['sugarsG', t('of which sugars')],
  ['fibreG', t('Fibre, if stated')],
  ['proteinG', t('Protein')],
  ['saltG', t('Salt')],
  ['waterG', t('Water, if known')],
]
const refused = ref('')
const busy = ref(false)
watchEffect(() => {
  pending.value = open.value && Object.values(panel.value).some((value) => value !== null)
})

async function estimate() {
  const p = panel.value
  if (busy.value) return
  busy.value = true
  try {
    const answer = await ask(
      api.POST('/api/ingredients/estimate', {
        body: {
          fatG: p.fatG ?? 0,
          carbohydrateG: p.carbohydrateG ?? 0,
          sugarsG: p.sugarsG ?? 0,
          fibreG: p.fibreG,
          proteinG: p.proteinG ?? 0,
          saltG: p.saltG ?? 0,
          waterG: p.waterG,
          like: like.value,
        },
      }),
    )
    refused.value = ''
    open.value = false
    emit('estimated', answer.gramsPer100 as Record<string, number>, answer.basis)
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div>
    <v-btn v-if="!open" size="large" variant="outlined" @click="open = true">{{
      $t('Estimate from a label')
    }}</v-btn>
    <div v-else class="panel">
      <v-select
        v-model="like"
        :label="$t('It is like')"
        :items="LIKE"
        item-title="words"
        item-value="id"
      />
      <NumberField
        v-for="[key, label] in FIELDS"
        :key="key"
        v-model="panel[key]"
        :label="label"
        unit="PERCENT"
      />
      <v-btn size="large" color="primary" :loading="busy" @click="estimate">{{
        $t('Estimate the rest')
      }}</v-btn>
      <v-btn size="large" variant="text" @click="open = false">{{ $t('Without the label') }}</v-btn>
      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    </div>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
  padding: 12px;
  border: 1px solid var(--p-line);
  border-radius: 8px;
}
</style>
