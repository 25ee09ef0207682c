<script setup lang="ts">
// What something holds, by its packet. Nothing chosen is: nobody has read it; none is a choice of its own.
import { computed } from 'vue'
import { t } from '@/words'
import { ALLERGENS, type Allergen } from './kinds'

defineProps<{ label: string }>()
const held = defineModel<Allergen[] | null>({ required: true })

const NONE = 'NONE'
const CHOICES = [{ id: NONE, words: t('none, by its packet') }, ...ALLERGENS]
const chosen = computed<string[]>({
  get: () => (held.value === null ? [] : held.value.length ? held.value : [NONE]),
  set: (ids) => {
    const allergens = ids.filter((id): id is Allergen => id !== NONE)
    // What was chosen last speaks: none after some takes them away, some after none takes it away.
    if (ids.length === 0) held.value = null
    else held.value = ids[ids.length - 1] === NONE ? [] : allergens
  },
})
</script>

<template>
  <v-select
    v-model="chosen"
    :label="label"
    :items="CHOICES"
    item-title="words"
    item-value="id"
    multiple
    clearable
    :hint="held === null ? $t('Nobody has read its packet yet.') : undefined"
    :persistent-hint="held === null"
  />
</template>
