<script setup lang="ts">
// A number with its unit, in the maker's units outside and the server's inside.
import { inField } from '@/words/locale'
import { t } from '@/words'
import { ref, watch } from 'vue'
import type { Unit } from '@/api/client'
import { useHouse } from '@/parts/house'
import { fromTaste, number, symbol, toTaste, typed } from '@/parts/units'

const props = defineProps<{
  label: string
  unit: Unit
  /** Words under the field where the server has refused the number. */
  refused?: string
  /** Shown number = kept number × this; 100 for shares kept as fractions. */
  factor?: number
}>()
const value = defineModel<number | null>({ required: true })
const emit = defineEmits<{ enter: [] }>()
const { taste } = useHouse()

const text = ref('')
const wrong = ref('')
let own: number | null = null

watch(
  [value, taste],
  () => {
    if (value.value === null) {
      if (!wrong.value) text.value = ''
      own = null
    } else if (value.value !== own) {
      const shown = toTaste(value.value * (props.factor ?? 1), props.unit, taste.value)
      text.value = inField(shown)
      own = value.value
      wrong.value = ''
    }
  },
  { immediate: true },
)

/** What is typed stays as typed; only a real number goes out. */
function type(next: string) {
  text.value = next
  const read = typed(next)
  wrong.value =
    next.trim() !== '' && Number.isNaN(read)
      ? t('“{next}” is not a number; write it like {it}', {
          next: next.trim(),
          it: number(31.5, 'CELSIUS', { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' }),
        })
      : ''
  own = Number.isNaN(read) ? null : fromTaste(read, props.unit, taste.value) / (props.factor ?? 1)
  value.value = own
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="label"
    :suffix="symbol(unit, taste)"
    :error-messages="wrong || refused || []"
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="type"
    @keydown.enter.prevent="emit('enter')"
  />
</template>
