<script setup lang="ts">
// The room as it is now: read off its thermometer and hygrometer, or said to be as before.
import { t } from '@/words'
import { ref, watch } from 'vue'
import { words } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'

const shown = defineModel<boolean>({ required: true })
const { house, readRoom } = useHouse()
const temperature = ref<number | null>(null)
const humidity = ref<number | null>(null)
const refused = ref('')

watch(shown, (open) => {
  if (!open || !house.value) return
  temperature.value = house.value.rules.roomTemperatureC
  humidity.value = house.value.rules.humidityPercent
  refused.value = ''
})

async function save() {
  if (temperature.value === null || humidity.value === null) {
    refused.value = t('Both are wanted: the room’s temperature and its humidity.')
    return
  }
  try {
    await readRoom(temperature.value, humidity.value)
    shown.value = false
  } catch (problem) {
    refused.value = words(problem)
  }
}
</script>

<template>
  <v-dialog v-model="shown" max-width="460" :aria-label="$t('The room now')">
    <v-card class="pa-6">
      <h2 class="mb-3">{{ $t('The room now') }}</h2>
      <NumberField v-model="temperature" :label="$t('Temperature')" unit="CELSIUS" @enter="save" />
      <NumberField v-model="humidity" :label="$t('Humidity')" unit="PERCENT" @enter="save" />
      <p v-if="refused" class="trouble mb-3" role="alert">{{ refused }}</p>
      <div class="d-flex ga-3">
        <v-btn size="x-large" variant="outlined" @click="shown = false">{{ $t('Cancel') }}</v-btn>
        <v-btn size="x-large" color="primary" @click="save">{{ $t('Save') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>
