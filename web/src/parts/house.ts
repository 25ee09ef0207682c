import { computed, ref, shallowRef } from 'vue'
import { api, ask, words, type House, type HouseDraft, type Houses } from '@/api/client'
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

/** Whose house this is, and the one next door. */
const houses = shallowRef<Houses | null>(null)

async function lookNextDoor() {
  try {
    houses.value = await ask(api.GET('/api/house/houses'))
  } catch {
    // Then it is asked again when the houses are next looked at.
    houses.value = null
  }
}

/** Where the other house is entered: this machine, by the name it was reached by, another door. */
function otherDoor(): string | null {
  const port = houses.value?.other?.port
  return port ? `${window.location.protocol}//${window.location.hostname}:${port}/` : null
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
  return { house, houses, taste, trouble, load, save, readRoom, lookNextDoor, otherDoor }
}
