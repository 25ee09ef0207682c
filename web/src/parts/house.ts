import { computed, ref, shallowRef } from 'vue'
import { api, ask, words, type House, type HouseDraft } from '@/api/client'
import type { Taste } from '@/parts/units'

const house = shallowRef<House | null>(null)
const trouble = ref('')
const metric: Taste = { temperatureUnit: 'CELSIUS', massUnit: 'GRAM' }
const taste = computed<Taste>(() => house.value?.rules ?? metric)

async function load() {
  try {
    house.value = await ask(api.GET('/api/house'))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
}

async function save(draft: HouseDraft) {
  house.value = await ask(api.PUT('/api/house', { body: draft }))
}

/** What the room's thermometer and hygrometer say now. */
async function readRoom(temperatureC: number, humidityPercent: number) {
  house.value = await ask(api.PUT('/api/house/air', { body: { temperatureC, humidityPercent } }))
}

/** The one house: its air, its rules, and the units its maker reads. */
export function useHouse() {
  return { house, taste, trouble, load, save, readRoom }
}
