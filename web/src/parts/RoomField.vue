<script setup lang="ts">
// How warm the room is; empty, it is as the house rules say.
import { useHouse } from './house'
import NumberField from './NumberField.vue'
import { quantity } from './units'

const celsius = defineModel<number | null>({ required: true })
const { house, taste } = useHouse()
</script>

<template>
  <NumberField
    v-model="celsius"
    :label="
      $t('Room (House rules: {roomTemperatureC})', {
        roomTemperatureC: quantity(house?.rules.roomTemperatureC ?? 20, 'CELSIUS', taste),
      })
    "
    unit="CELSIUS"
  />
</template>
