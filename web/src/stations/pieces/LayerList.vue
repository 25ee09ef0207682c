<script setup lang="ts">
// The layers of a piece in the order they go in: filling, amount, and what is set into them.
import type { FillingSummary, IngredientName } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import { BYS, newLayer, type LayerInForm } from './mouldedForm'
import OneWeighs from './OneWeighs.vue'

defineProps<{ fillings: FillingSummary[]; larder: IngredientName[] }>()
const layers = defineModel<LayerInForm[]>({ required: true })

function move(i: number, by: number) {
  const next = [...layers.value]
  const [moved] = next.splice(i, 1)
  next.splice(i + by, 0, moved!)
  layers.value = next
}
const unitOf = (layer: LayerInForm) => BYS.find((b) => b.id === layer.by)?.unit ?? null
/** A second layer that fills the rest cannot be: the first one already does. */
const nextBy = () => (layers.value.some((l) => l.by === 'REST') ? 'GRAMS' : 'REST')
</script>

<template>
  <div class="layers">
    <fieldset v-for="(layer, i) in layers" :key="i">
      <legend>
        {{
          $t('Layer {place}{it}', {
            place: i + 1,
            it: i === 0 && layers.length > 1 ? $t(', goes in first') : '',
          })
        }}
      </legend>
      <v-autocomplete
        v-model="layer.filling"
        :items="fillings"
        item-title="name"
        item-value="id"
        :label="$t('Filling')"
        class="filling"
        :no-data-text="$t('No such filling: Fillings has the way to a new one')"
      />
      <v-select
        v-model="layer.by"
        :items="BYS"
        item-title="words"
        item-value="id"
        :label="$t('How much')"
      />
      <NumberField
        v-if="unitOf(layer)"
        v-model="layer.amount"
        :label="$t('Amount')"
        :unit="unitOf(layer)!"
      />
      <div v-for="(flavour, k) in layer.flavours" :key="`f${k}`" class="insert">
        <v-autocomplete
          v-model="flavour.ingredient"
          :items="larder"
          item-title="name"
          item-value="id"
          :label="$t('Stirred into this part of the base')"
        />
        <NumberField v-model="flavour.per100G" :label="$t('To 100 g of it')" unit="GRAM" />
        <v-btn
          variant="text"
          :aria-label="$t('Remove a flavour of layer {place}', { place: i + 1 })"
          @click="layer.flavours.splice(k, 1)"
          >{{ $t('Remove') }}</v-btn
        >
      </div>
      <div v-for="(insert, k) in layer.inserts" :key="k" class="insert">
        <v-autocomplete
          v-model="insert.ingredient"
          :items="larder"
          item-title="name"
          item-value="id"
          :label="$t('Set in whole')"
        />
        <NumberField v-model="insert.eachG" :label="$t('In each')" unit="GRAM" />
        <OneWeighs v-model="insert.eachG" :ingredient="insert.ingredient" :larder="larder" />
        <v-btn
          variant="text"
          :aria-label="$t('Remove what is set into layer {place}', { place: i + 1 })"
          @click="layer.inserts.splice(k, 1)"
          >{{ $t('Remove') }}</v-btn
        >
      </div>
      <v-autocomplete
        v-model="layer.inside"
        :items="fillings.filter((f) => f.id !== layer.filling)"
        item-title="name"
        item-value="id"
        :label="$t('Another filling piped into its middle, if there is one')"
        :class="{ filling: !layer.inside }"
        clearable
        :no-data-text="$t('No such filling: Fillings has the way to a new one')"
      />
      <NumberField
        v-if="layer.inside"
        v-model="layer.insideG"
        :label="$t('Of it in each')"
        unit="GRAM"
      />
      <NumberField
        v-if="i < layers.length - 1"
        v-model="layer.sealMm"
        :label="$t('Couverture poured over it (none if empty)')"
        unit="MILLIMETRE"
        class="seal"
      />
      <div class="acts">
        <v-btn variant="text" @click="layer.inserts.push({ ingredient: '', eachG: null })">{{
          $t('Add a nut or berry')
        }}</v-btn>
        <v-btn variant="text" @click="layer.flavours.push({ ingredient: '', per100G: null })">{{
          $t('Add a flavour')
        }}</v-btn>
        <v-btn variant="text" :disabled="i === 0" @click="move(i, -1)">{{ $t('Earlier') }}</v-btn>
        <v-btn variant="text" :disabled="i === layers.length - 1" @click="move(i, 1)">{{
          $t('Later')
        }}</v-btn>
        <v-btn
          variant="text"
          :aria-label="$t('Remove layer {place}', { place: i + 1 })"
          @click="layers.splice(i, 1)"
          >{{ $t('Remove') }}</v-btn
        >
      </div>
    </fieldset>
    <v-btn variant="outlined" size="large" @click="layers.push(newLayer(nextBy()))">{{
      $t('Add a layer')
    }}</v-btn>
  </div>
</template>

<style scoped>
.layers {
  display: grid;
  gap: 12px;
}
fieldset {
  border: 1px solid var(--p-line);
  border-radius: 8px;
  padding: 10px 12px 4px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
legend {
  padding: 0 6px;
  font-weight: 600;
}
.filling,
.seal,
.insert {
  grid-column: 1 / -1;
}
.insert {
  display: grid;
  grid-template-columns: 1.6fr 1fr auto auto;
  gap: 10px;
  align-items: center;
}
@media (max-width: 520px) {
  fieldset {
    grid-template-columns: 1fr;
  }
  .insert {
    grid-template-columns: 1fr auto;
  }
  .insert > :first-child {
    grid-column: 1 / -1;
  }
}
.acts {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
}
.acts .v-btn,
.layers > .v-btn {
  min-height: 56px;
}
</style>
