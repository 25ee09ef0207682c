<script setup lang="ts">
// What a piece is rolled in, what is laid on it or strewn over it: a line each.
import type { IngredientName } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import type { OnInForm } from './loose'
import OneWeighs from './OneWeighs.vue'

const props = defineProps<{
  larder: IngredientName[]
  places: { id: OnInForm['placing']; words: string }[]
  /** What stands above the grams, and on the button that adds a line. */
  each?: string
  add?: string
}>()
const lines = defineModel<OnInForm[]>({ required: true })

function more() {
  lines.value.push({ ingredient: '', eachG: null, placing: props.places[0]!.id })
}
</script>

<template>
  <div v-for="(line, i) in lines" :key="i" class="wide line" :class="{ placed: places.length > 1 }">
    <v-autocomplete
      v-model="line.ingredient"
      :items="larder"
      item-title="name"
      item-value="id"
      :label="$t('What')"
      hide-details
    />
    <NumberField
      v-model="line.eachG"
      :label="each ?? (line.placing === 'SET_IN' ? $t('In one') : $t('On one'))"
      unit="GRAM"
    />
    <v-select
      v-if="places.length > 1"
      v-model="line.placing"
      :items="places"
      item-title="words"
      item-value="id"
      :label="$t('Where')"
      hide-details
    />
    <OneWeighs
      v-if="line.placing === 'SET_IN'"
      v-model="line.eachG"
      :ingredient="line.ingredient"
      :larder="larder"
      class="one"
    />
    <v-btn
      variant="text"
      :aria-label="$t('Remove line {place}', { place: i + 1 })"
      @click="lines.splice(i, 1)"
      >{{ $t('Remove') }}</v-btn
    >
  </div>
  <v-btn variant="outlined" size="large" class="wide" @click="more">{{
    add ?? $t('Add what is on it')
  }}</v-btn>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1.6fr 1fr auto;
  gap: 10px;
  align-items: center;
}
/* What it is has the whole width: names and places are read, not guessed. */
.placed {
  grid-template-columns: 1fr 1.5fr auto;
}
.placed > :first-child {
  grid-column: 1 / -1;
}
.one {
  grid-column: 1 / -1;
  grid-row: 3;
  justify-self: start;
}
.line .v-btn {
  min-height: 56px;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: 1fr 1fr;
  }
  .line > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
