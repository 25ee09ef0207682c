<script setup lang="ts" generic="T extends object">
// Somebody saved the same thing meanwhile: both states side by side, picked field by field.
import { inField } from '@/words/locale'
import { computed, ref } from 'vue'
import type { FieldWords } from './twoStates'

const props = defineProps<{
  mine: T
  theirs: T
  fields: FieldWords<T>[]
}>()
const emit = defineEmits<{ settled: [state: T]; cancel: [] }>()

const differing = computed(() =>
  props.fields.filter(
    (f) => JSON.stringify(props.mine[f.key]) !== JSON.stringify(props.theirs[f.key]),
  ),
)
const picked = ref<Record<string, 'mine' | 'theirs'>>({})
const pick = (key: keyof T) => picked.value[String(key)] ?? 'mine'

function said(field: (typeof props.fields)[number], state: T): string {
  const value = state[field.key]
  if (value === null || value === undefined || value === '') return '–'
  if (field.say) return field.say(value as never)
  return typeof value === 'number' ? inField(value) : String(value)
}

function settle() {
  const state = { ...props.mine }
  for (const field of differing.value) {
    if (pick(field.key) === 'theirs') state[field.key] = props.theirs[field.key]
  }
  emit('settled', state)
}
</script>

<template>
  <section class="two" :aria-label="$t('Two states')">
    <h2>{{ $t('Somebody saved this meanwhile') }}</h2>
    <p class="quiet">
      {{
        differing.length
          ? $t('Pick what is to stand, then save.')
          : $t('What they saved is the same as what stands here.')
      }}
    </p>
    <div v-for="field in differing" :key="String(field.key)" class="field">
      <b>{{ field.words }}</b>
      <v-btn-toggle
        :model-value="pick(field.key)"
        mandatory
        divided
        variant="outlined"
        color="primary"
        @update:model-value="picked[String(field.key)] = $event"
      >
        <v-btn value="mine" size="large">{{
          $t('Yours: {said}', { said: said(field, mine) })
        }}</v-btn>
        <v-btn value="theirs" size="large">{{
          $t('Theirs: {said}', { said: said(field, theirs) })
        }}</v-btn>
      </v-btn-toggle>
    </div>
    <div class="d-flex ga-3 mt-4">
      <v-btn size="large" variant="outlined" @click="emit('cancel')">{{ $t('Cancel') }}</v-btn>
      <v-btn size="large" color="primary" @click="settle">{{ $t('Save these') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.two {
  border: 2px solid var(--p-tight);
  border-radius: 8px;
  padding: 16px;
}
.field {
  display: grid;
  grid-template-columns: 160px 1fr;
  gap: 8px;
  align-items: center;
  padding: 6px 0;
}
.field :deep(.v-btn) {
  text-transform: none;
  white-space: normal;
}
@media (max-width: 700px) {
  .field {
    grid-template-columns: 1fr;
  }
}
</style>
