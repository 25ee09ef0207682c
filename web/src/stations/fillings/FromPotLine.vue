<script setup lang="ts">
// What an operation takes out of another pot: which, and how much or all of it.
import { t } from '@/words'
import { computed, ref } from 'vue'
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

const WAYS = [
  { value: 'ALL', title: t('all of it') },
  { value: 'SHARE', title: t('a share') },
  { value: 'GRAMS', title: t('grams') },
]
type Way = 'ALL' | 'SHARE' | 'GRAMS'
/** Chosen, though no number stands in it yet. */
const chosen = ref<Way | null>(null)
const way = computed<Way>(() =>
  props.operation.takenG != null
    ? 'GRAMS'
    : props.operation.takenPercent != null
      ? 'SHARE'
      : (chosen.value ?? 'ALL'),
)
function take(how: Way) {
  chosen.value = how
  set({ takenG: null, takenPercent: how === 'SHARE' ? 50 : null })
}
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
    <v-select
      :model-value="way"
      :items="WAYS"
      density="compact"
      hide-details
      :label="$t('how much')"
      :aria-label="$t('Operation {place} takes', { place: place + 1 })"
      @update:model-value="take"
    />
    <AmountField
      v-if="way === 'GRAMS'"
      :model-value="operation.takenG ?? null"
      :label="$t('taken')"
      unit="GRAM"
      class="much"
      @update:model-value="set({ takenG: $event })"
    />
    <AmountField
      v-if="way === 'SHARE'"
      :model-value="operation.takenPercent ?? null"
      :label="$t('taken')"
      unit="PERCENT"
      class="much"
      @update:model-value="set({ takenPercent: $event })"
    />
    <v-btn
      :icon="mdiClose"
      variant="text"
      :aria-label="$t('Operation {place} takes out of no pot', { place: place + 1 })"
      @click="set({ fromPot: null, takenG: null, takenPercent: null })"
    />
  </div>
</template>

<style scoped>
.from {
  display: grid;
  grid-template-columns: minmax(110px, 1.2fr) minmax(96px, 1fr) 44px;
  gap: 6px;
  align-items: center;
  margin-top: 8px;
  padding-left: 10px;
  border-left: 4px solid var(--p-still);
}
/* Its number stands below how it is said: a column is narrow. */
.much {
  grid-column: 2;
}
</style>
