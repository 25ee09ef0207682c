<script setup lang="ts">
// A small number field: empty means the custom, which stands in it as a hint.
import { inField } from '@/words/locale'
import { ref, watch } from 'vue'
import type { Unit } from '@/api/client'
import { useHouse } from '@/parts/house'
import { fromTaste, symbol, toTaste, typed } from '@/parts/units'

const props = defineProps<{
  label: string
  unit?: Unit
  usual?: number | null
  /** Without a label above, and in the unit of its own. */
  bare?: boolean
}>()
const value = defineModel<number | null>({ required: true })
const { taste } = useHouse()
const text = ref('')
const wrong = ref(false)
let own: number | null = null

const out = (v: number) => (props.unit && !props.bare ? toTaste(v, props.unit, taste.value) : v)
const tidy = (v: number) => inField(v)

watch(
  [value, taste],
  () => {
    if (value.value === null || Number.isNaN(value.value)) {
      if (!wrong.value) text.value = ''
      own = null
    } else if (value.value !== own) {
      text.value = tidy(out(value.value))
      own = value.value
      wrong.value = false
    }
  },
  { immediate: true },
)

function type(next: string) {
  text.value = next
  const read = typed(next)
  wrong.value = next.trim() !== '' && Number.isNaN(read)
  const inner =
    props.unit && !props.bare && !Number.isNaN(read)
      ? fromTaste(read, props.unit, taste.value)
      : read
  own = Number.isNaN(inner) ? null : inner
  value.value = own
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="bare ? undefined : label"
    :aria-label="label"
    :placeholder="usual != null ? tidy(out(usual)) : undefined"
    :persistent-placeholder="usual != null"
    :suffix="unit && !bare ? symbol(unit, taste) : undefined"
    :error="wrong"
    :title="wrong ? $t('“{text}” is not a number', { text }) : undefined"
    density="compact"
    hide-details
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="type"
  />
</template>
