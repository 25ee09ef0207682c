<script setup lang="ts">
// What an operation takes out of another pot: which, and how much or all of it.
import { computed } from 'vue'
import { mdiClose } from '@mdi/js'
import type { OperationDraft } from '@/api/client'
import AmountField from './AmountField.vue'
import { usePots } from './pots'
import { useRecipe } from './recipe'

const props = defineProps<{ operation: OperationDraft; place: number }>()
const { touched } = useRecipe()
const { standing, nameOf, potOf } = usePots()
const op = computed(() => props.operation)
const others = computed(() =>
  standing.value
    .filter((pot) => pot !== potOf(op.value))
    .map((pot) => ({ value: pot, title: nameOf(pot) })),
)

function set(change: Partial<OperationDraft>) {
  Object.assign(op.value, change)
  touched()
}
</script>

<template>
  <div class="from">
    <v-select
      :model-value="operation.fromPot"
      :items="others"
      density="compact"
      hide-details
      :label="$t('out of')"
      :aria-label="$t('Operation {place} takes out of', { place: place + 1 })"
      @update:model-value="set({ fromPot: $event })"
    />
    <AmountField
      :model-value="operation.takenG ?? null"
      :label="operation.takenG == null ? $t('all of it') : $t('taken')"
      unit="GRAM"
      @update:model-value="set({ takenG: $event })"
    />
    <v-btn
      :icon="mdiClose"
      variant="text"
      :aria-label="$t('Operation {place} takes out of no pot', { place: place + 1 })"
      @click="set({ fromPot: null, takenG: null })"
    />
  </div>
</template>

<style scoped>
.from {
  display: grid;
  grid-template-columns: minmax(110px, 1fr) 116px 44px;
  gap: 6px;
  align-items: center;
  margin-top: 8px;
  padding-left: 10px;
  border-left: 4px solid var(--p-still);
}
</style>
