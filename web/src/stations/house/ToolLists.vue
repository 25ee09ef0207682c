<script setup lang="ts">
// What stands in the workshop: cold places, scales, thermometers, melters. Each sets a limit
// somewhere, and what is not named sets none.
import { t } from '@/words'
import type { HouseDraft } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'

export interface Tools {
  cabinets: HouseDraft['cabinets']
  scales: NonNullable<HouseDraft['scales']>
  thermometers: NonNullable<HouseDraft['thermometers']>
  melters: NonNullable<HouseDraft['melters']>
}
const tools = defineModel<Tools>({ required: true })
const AIRS = [
  { id: 'MOVING', words: t('air moves') },
  { id: 'STILL', words: t('air is still') },
]
/** A field that was emptied is refused by the server, by name. */
const or = (value: number | null) => value ?? Number.NaN
</script>

<template>
  <h2>{{ $t('Cold places') }}</h2>
  <p class="quiet">
    {{ $t('The first is used for every batch: waiting times, condensation, how many moulds.') }}
  </p>
  <div v-for="(cold, i) in tools.cabinets" :key="`c${i}`" class="row">
    <v-text-field v-model="cold.name" :label="$t('Cold place {place}', { place: i + 1 })" />
    <NumberField
      :model-value="cold.temperatureC"
      :label="$t('Temperature')"
      unit="CELSIUS"
      @update:model-value="cold.temperatureC = or($event)"
    />
    <v-select
      v-model="cold.air"
      :items="AIRS"
      item-title="words"
      item-value="id"
      :label="$t('Air')"
    />
    <NumberField
      :model-value="cold.moulds ?? null"
      :label="$t('Moulds at once')"
      unit="ONE"
      @update:model-value="cold.moulds = $event"
    />
    <v-btn
      variant="text"
      :disabled="tools.cabinets.length < 2"
      :aria-label="$t('Remove cold place {place}', { place: i + 1 })"
      @click="tools.cabinets.splice(i, 1)"
      >{{ $t('Remove') }}</v-btn
    >
  </div>
  <v-btn
    size="large"
    variant="outlined"
    @click="tools.cabinets.push({ name: '', temperatureC: 12, air: 'MOVING' })"
    >{{ $t('Add a cold place') }}</v-btn
  >

  <h2>{{ $t('Scales') }}</h2>
  <p class="quiet">{{ $t('A recipe says where the last digit cannot tell what is weighed.') }}</p>
  <div v-for="(scale, i) in tools.scales" :key="`s${i}`" class="row">
    <v-text-field v-model="scale.name" :label="$t('Scale {place}', { place: i + 1 })" />
    <NumberField
      :model-value="scale.stepG"
      :label="$t('Counts in steps of')"
      unit="GRAM"
      @update:model-value="scale.stepG = or($event)"
    />
    <NumberField
      :model-value="scale.mostG"
      :label="$t('Bears up to')"
      unit="GRAM"
      @update:model-value="scale.mostG = or($event)"
    />
    <v-btn
      variant="text"
      :aria-label="$t('Remove scale {place}', { place: i + 1 })"
      @click="tools.scales.splice(i, 1)"
      >{{ $t('Remove') }}</v-btn
    >
  </div>
  <v-btn
    size="large"
    variant="outlined"
    @click="tools.scales.push({ name: 'Scale', stepG: 1, mostG: 5000 })"
    >{{ $t('Add a scale') }}</v-btn
  >

  <h2>{{ $t('Thermometers') }}</h2>
  <p class="quiet">
    {{ $t('Where the best of them cannot tell the window, the paper test is trusted more.') }}
  </p>
  <div v-for="(probe, i) in tools.thermometers" :key="`t${i}`" class="row">
    <v-text-field v-model="probe.name" :label="$t('Thermometer {place}', { place: i + 1 })" />
    <NumberField
      :model-value="probe.errorK"
      :label="$t('May be off by')"
      unit="KELVIN"
      @update:model-value="probe.errorK = or($event)"
    />
    <v-switch v-model="probe.surfaceOnly" :label="$t('Surface only')" hide-details />
    <v-btn
      variant="text"
      :aria-label="$t('Remove thermometer {place}', { place: i + 1 })"
      @click="tools.thermometers.splice(i, 1)"
      >{{ $t('Remove') }}</v-btn
    >
  </div>
  <v-btn
    size="large"
    variant="outlined"
    @click="tools.thermometers.push({ name: 'Probe', errorK: 0.5, surfaceOnly: false })"
    >{{ $t('Add a thermometer') }}</v-btn
  >

  <h2>{{ $t('Melters and bowls') }}</h2>
  <p class="quiet">{{ $t('The largest says whether a batch can be melted at once.') }}</p>
  <div v-for="(melter, i) in tools.melters" :key="`m${i}`" class="row">
    <v-text-field v-model="melter.name" :label="$t('Melter or bowl {place}', { place: i + 1 })" />
    <NumberField
      :model-value="melter.holdsG"
      :label="$t('Holds')"
      unit="GRAM"
      @update:model-value="melter.holdsG = or($event)"
    />
    <v-btn
      variant="text"
      :aria-label="$t('Remove melter {place}', { place: i + 1 })"
      @click="tools.melters.splice(i, 1)"
      >{{ $t('Remove') }}</v-btn
    >
  </div>
  <v-btn
    size="large"
    variant="outlined"
    @click="tools.melters.push({ name: 'Melter', holdsG: 3000 })"
    >{{ $t('Add a melter') }}</v-btn
  >
</template>

<style scoped>
h2 {
  margin: 22px 0 4px;
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
  align-items: center;
  margin: 8px 0;
}
.v-btn {
  min-height: 56px;
}
</style>
