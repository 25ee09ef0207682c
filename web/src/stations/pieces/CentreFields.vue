<script setup lang="ts">
// A centre: what it is of, how it comes by its shape, and how large it is.
import { watch } from 'vue'
import NumberField from '@/parts/NumberField.vue'
import { FORMINGS, type CentreInForm } from './loose'

defineProps<{ fillings: { id: string; name: string }[]; coated: boolean }>()
const centre = defineModel<CentreInForm>({ required: true })

/** What is cut from a slab has edges; the others are round until somebody says otherwise. */
watch(
  () => centre.value.forming,
  (forming) => {
    const shape = FORMINGS.find((f) => f.id === forming)?.shape
    if (shape && (forming !== 'SHAPED' || centre.value.shape === 'LOG')) centre.value.shape = shape
  },
)
</script>

<template>
  <h2 class="wide">{{ $t('Centre') }}</h2>
  <v-autocomplete
    v-model="centre.filling"
    :items="fillings"
    item-title="name"
    item-value="id"
    :label="$t('Filling')"
    class="wide"
    :no-data-text="$t('No such filling: Fillings has the way to a new one')"
  />
  <v-select
    v-model="centre.forming"
    :items="FORMINGS"
    item-title="words"
    item-value="id"
    :label="$t('How it is formed')"
    class="wide"
  />
  <v-select
    v-if="centre.forming === 'SHAPED'"
    v-model="centre.shape"
    :items="[
      { id: 'BALL', words: $t('round') },
      { id: 'BLOCK', words: $t('with edges') },
    ]"
    item-title="words"
    item-value="id"
    :label="$t('Shape')"
    class="wide"
  />
  <NumberField
    v-if="centre.shape === 'BALL'"
    v-model="centre.massG"
    :label="$t('One centre weighs')"
    unit="GRAM"
  />
  <template v-else-if="centre.shape === 'LOG'">
    <NumberField v-model="centre.lengthMm" :label="$t('Length of a piece')" unit="MILLIMETRE" />
    <NumberField v-model="centre.widthMm" :label="$t('Rope, how thick')" unit="MILLIMETRE" />
  </template>
  <template v-else>
    <NumberField v-model="centre.lengthMm" :label="$t('Length')" unit="MILLIMETRE" />
    <NumberField v-model="centre.widthMm" :label="$t('Width')" unit="MILLIMETRE" />
    <NumberField v-model="centre.heightMm" :label="$t('Height')" unit="MILLIMETRE" />
    <NumberField
      v-if="coated"
      v-model="centre.bottomMm"
      :label="$t('Coat brushed below')"
      unit="MILLIMETRE"
    />
  </template>
</template>
