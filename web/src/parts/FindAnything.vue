<script setup lang="ts">
// Finds anything by its name, and goes there; stations and acts are found too.
import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type Found } from '@/api/client'
import { useTurn } from '@/parts/turn'
import { RAIL } from '@/stations'

const open = defineModel<boolean>({ required: true })
const router = useRouter()
const text = ref('')
const found = ref<Found[]>([])
const trouble = ref('')
const at = ref(0)

type Place = { what: string; name: string; to: string }
const ACTS: Place[] = [
  { what: t('act'), name: t('New ingredient'), to: '/larder/ingredients/new' },
  { what: t('act'), name: t('New mould'), to: '/larder/moulds/new' },
  { what: t('act'), name: t('New couverture'), to: '/larder/couvertures/new' },
  { what: t('act'), name: t('New mixture of couvertures'), to: '/larder/couvertures/mixture' },
  { what: t('act'), name: t('New colour'), to: '/larder/colours/new' },
  { what: t('act'), name: t('New filled piece'), to: '/pieces?new' },
  { what: t('act'), name: t('Start a filling'), to: '/fillings/recipe?start' },
  { what: t('act'), name: t('Begin the house'), to: '/begin' },
  { what: t('act'), name: t('Sample workshop and own workshop'), to: '/begin' },
  { what: t('act'), name: t('Plan a curve'), to: '/temper/plan' },
  { what: t('act'), name: t('Read an archive of a whole house'), to: '/house/exchange' },
  { what: t('act'), name: t('Import or export'), to: '/house/exchange' },
]
const STATIONS: Place[] = RAIL.map((s) => ({ what: t('station'), name: s.name, to: s.path }))
const WORDS: Record<Found['kind'], [string, (id: string) => string]> = {
  PIECE: [t('piece'), (id) => `/pieces/${id}`],
  FILLING: [t('filling'), (id) => `/fillings/recipe/${id}`],
  INGREDIENT: [t('ingredient'), (id) => `/larder/ingredients/${id}`],
  COUVERTURE: [t('couverture'), (id) => `/larder/couvertures/${id}`],
  COLOUR: [t('colour'), (id) => `/larder/colours/${id}`],
  MOULD: [t('mould'), (id) => `/larder/moulds/${id}`],
  BATCH: [t('batch'), (id) => `/daybook/${id}`],
  LOT: [t('lot'), (id) => `/larder/ingredients/${id}`],
}

const places = computed<Place[]>(() => {
  const part = text.value.trim().toLowerCase()
  const own = [...STATIONS, ...ACTS].filter((p) => p.name.toLowerCase().includes(part))
  const books = found.value.map((f) => ({
    what: WORDS[f.kind][0],
    name: f.name,
    to: WORDS[f.kind][1](f.id),
  }))
  return part ? [...books, ...own] : own
})

const turn = useTurn()
const look = useDebounceFn(async () => {
  const current = turn()
  try {
    const answer = await ask(api.GET('/api/find', { params: { query: { q: text.value } } }))
    if (!current()) return
    found.value = answer
    trouble.value = ''
  } catch (problem) {
    if (current()) trouble.value = words(problem)
  }
}, 80)
watch(text, () => {
  at.value = 0
  void look()
})
watch(open, (now) => {
  if (!now) return
  text.value = ''
  found.value = []
  at.value = 0
})

function step(by: number) {
  const many = places.value.length
  if (many) at.value = (at.value + by + many) % many
}
function go(place: Place | undefined) {
  if (!place) return
  open.value = false
  void router.push(place.to)
}
</script>

<template>
  <v-dialog v-model="open" max-width="640" :aria-label="$t('Find anything')">
    <v-card class="pa-4">
      <v-text-field
        v-model="text"
        :label="$t('Find anything')"
        autofocus
        autocomplete="off"
        role="combobox"
        aria-controls="found"
        :aria-expanded="places.length > 0"
        :aria-activedescendant="places.length ? `found-${at}` : undefined"
        @keydown.down.prevent="step(1)"
        @keydown.up.prevent="step(-1)"
        @keydown.enter.prevent="go(places[at])"
        @keydown.esc="open = false"
      />
      <p v-if="trouble" class="trouble mt-2" role="alert">{{ trouble }}</p>
      <ul id="found" role="listbox" :aria-label="$t('Found')">
        <li
          v-for="(place, i) in places"
          :id="`found-${i}`"
          :key="place.what + place.to"
          role="option"
          tabindex="-1"
          :aria-selected="i === at"
          @click="go(place)"
          @keydown.enter="go(place)"
        >
          <span class="quiet">{{ place.what }}</span> {{ place.name }}
        </li>
      </ul>
      <p v-if="!places.length && !trouble" class="quiet mt-3">
        {{ $t('Nothing called “{text}”.', { text }) }}
      </p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin-top: 8px;
  max-height: 56vh;
  overflow: auto;
}
li {
  min-height: 56px;
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 0 12px;
  border-radius: 8px;
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--p-fog);
  box-shadow: inset 4px 0 0 var(--p-still);
}
li .quiet {
  flex: 0 0 96px;
}
</style>
