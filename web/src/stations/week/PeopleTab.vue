<script setup lang="ts">
import { t } from '@/words'
import { onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import ListInOut from '@/parts/ListInOut.vue'
import { newId } from '@/parts/once'
import type { PersonRow } from './week'

type Day = PersonRow['hours'][number]['weekday']
const DAYS: { id: Day; words: string }[] = [
  { id: 'MONDAY', words: t('Monday') },
  { id: 'TUESDAY', words: t('Tuesday') },
  { id: 'WEDNESDAY', words: t('Wednesday') },
  { id: 'THURSDAY', words: t('Thursday') },
  { id: 'FRIDAY', words: t('Friday') },
  { id: 'SATURDAY', words: t('Saturday') },
  { id: 'SUNDAY', words: t('Sunday') },
]
const people = ref<PersonRow[]>([])
const open = ref<PersonRow | null>(null)
const loaded = ref(false)
const trouble = ref('')

async function load() {
  try {
    people.value = await ask(api.GET('/api/week/people'))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
onMounted(() => void load())

function edit(person: PersonRow) {
  open.value = JSON.parse(JSON.stringify(person)) as PersonRow
}
function fresh() {
  open.value = { id: newId(), name: '', hours: [], away: [], archived: false, version: -1 }
}
function addHours(weekday: Day) {
  open.value!.hours.push({ weekday, from: '08:00', to: '12:00', until: '12:00' })
}
const short = (time?: string | null) => (time ?? '').slice(0, 5)
const dayWords = (id: Day) => DAYS.find((d) => d.id === id)!.words
const hoursOf = (person: PersonRow, day: Day) => person.hours.filter((h) => h.weekday === day)

async function save() {
  const person = open.value!
  try {
    await ask(
      api.PUT('/api/week/people/{id}', {
        params: { path: { id: person.id } },
        body: {
          name: person.name,
          hours: person.hours.map((h) => ({
            ...h,
            until: short(h.until) < short(h.to) ? h.to : h.until,
          })),
          away: person.away,
          ...(person.version >= 0 ? { version: person.version } : {}),
        },
      }),
    )
    open.value = null
    await load()
  } catch (problem) {
    trouble.value = words(problem)
  }
}

async function archive() {
  try {
    await ask(api.DELETE('/api/week/people/{id}', { params: { path: { id: open.value!.id } } }))
    open.value = null
    await load()
  } catch (problem) {
    trouble.value = words(problem)
  }
}
</script>

<template>
  <header class="head">
    <h1>{{ $t('People') }}</h1>
    <ListInOut list="people" :what="$t('people')" @taken="load" />
    <v-btn v-if="!open" size="x-large" color="primary" data-main @click="fresh">{{
      $t('Add somebody')
    }}</v-btn>
  </header>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <form v-if="open" class="person" @submit.prevent="save">
    <v-text-field v-model="open.name" :label="$t('Name or role')" />
    <fieldset v-for="day in DAYS" :key="day.id">
      <legend>{{ day.words }}</legend>
      <div v-for="(row, i) in hoursOf(open, day.id)" :key="i" class="hours">
        <v-text-field v-model="row.from" type="time" :label="$t('from')" hide-details />
        <v-text-field v-model="row.to" type="time" :label="$t('to')" hide-details />
        <v-text-field v-model="row.until" type="time" :label="$t('at the latest')" hide-details />
        <v-btn
          size="large"
          variant="text"
          :aria-label="$t('Remove {day}', { day: day.words })"
          @click="open.hours.splice(open.hours.indexOf(row), 1)"
          >{{ $t('Remove') }}</v-btn
        >
      </div>
      <v-btn
        size="large"
        variant="outlined"
        :aria-label="$t('Add hours on {day}', { day: day.words })"
        @click="addHours(day.id)"
        >{{ $t('Add') }}</v-btn
      >
    </fieldset>
    <fieldset>
      <legend>{{ $t('Days away') }}</legend>
      <div v-for="(row, i) in open.away" :key="i" class="hours">
        <v-text-field v-model="row.from" type="date" :label="$t('from')" hide-details />
        <v-text-field v-model="row.to" type="date" :label="$t('to')" hide-details />
        <v-btn
          size="large"
          variant="text"
          :aria-label="$t('Remove days away')"
          @click="open.away.splice(i, 1)"
          >{{ $t('Remove') }}</v-btn
        >
      </div>
      <v-btn
        size="large"
        variant="outlined"
        :aria-label="$t('Add days away')"
        @click="open.away.push({ from: '', to: '' })"
        >{{ $t('Add') }}</v-btn
      >
    </fieldset>
    <div class="acts">
      <v-btn size="x-large" color="primary" type="submit" data-main>{{ $t('Save') }}</v-btn>
      <v-btn size="x-large" variant="outlined" @click="open = null">{{ $t('Cancel') }}</v-btn>
      <v-btn v-if="open.version >= 0" size="x-large" variant="text" @click="archive">{{
        $t('Archive')
      }}</v-btn>
    </div>
  </form>
  <template v-else>
    <p v-if="loaded && !people.length && !trouble" class="quiet">
      {{ $t('Nobody is down yet. Who works here, and when?') }}
    </p>
    <article v-for="person in people" :key="person.id" class="row">
      <h3>{{ person.name }}</h3>
      <ul>
        <li v-for="(row, i) in person.hours" :key="i">
          {{ dayWords(row.weekday) }} {{ short(row.from) }}–{{ short(row.to)
          }}<template v-if="short(row.until) > short(row.to)"
            >, {{ $t('at the latest {at}', { at: short(row.until) }) }}</template
          >
        </li>
      </ul>
      <v-btn
        size="large"
        variant="outlined"
        :aria-label="$t('Change {name}', { name: person.name })"
        @click="edit(person)"
        >{{ $t('Change') }}</v-btn
      >
    </article>
  </template>
</template>

<style scoped>
.head {
  display: flex;
  gap: 12px 24px;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 14px;
}
.person {
  max-width: 52rem;
}
fieldset {
  border: 0;
  border-bottom: 1px solid var(--p-line);
  padding: 8px 0;
}
legend {
  font-weight: 600;
}
.hours {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin: 6px 0;
}
.hours .v-text-field {
  flex: 1 1 8em;
}
.acts {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin-top: 18px;
}
.v-btn {
  min-height: 56px;
}
.row {
  display: flex;
  gap: 12px 24px;
  flex-wrap: wrap;
  justify-content: space-between;
  padding: 14px 0;
  border-bottom: 1px solid var(--p-line);
}
.row ul {
  list-style: none;
  padding: 0;
  columns: 2 14em;
  flex: 1 1 20em;
}
</style>
