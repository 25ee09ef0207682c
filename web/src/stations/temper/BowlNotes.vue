<script setup lang="ts">
// What was noted at the bowl: each can be corrected or undone, the first word stays in the books.
import { t } from '@/words'
import { computed, ref } from 'vue'
import type { BowlEventDraft, TemperBowl, Unit } from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'
import { clock, quantity } from '@/parts/units'

const props = defineProps<{ bowl: TemperBowl }>()
const emit = defineEmits<{
  correct: [id: string, draft: Omit<BowlEventDraft, 'id'>]
  takeBack: [id: string]
  retype: [id: string, celsius: number, was: number | null]
  untype: [id: string]
}>()
const { taste } = useHouse()

type BowlEvent = TemperBowl['events'][number]
interface Row {
  id: string
  timeS: number
  words: string
  /** What can be corrected of it, where there is a number. */
  value: number | null
  unit: Unit
  corrected: boolean
  event: BowlEvent | null
}
const GRAMS = ['SEED', 'TOP_UP', 'TAKEN', 'CENTRES']
const SECONDS = ['HEAT', 'BATH', 'PAPER_SET', 'PAPER_NOT_SET', 'TABLED']

function rowOf(h: BowlEvent): Row {
  const numbered = GRAMS.includes(h.kind) || SECONDS.includes(h.kind)
  return {
    id: h.id,
    timeS: h.timeS,
    words: h.words + (h.text ? `: ${h.text}` : ''),
    value: numbered ? (h.kind === 'TABLED' ? h.seconds : h.amount) : null,
    unit: GRAMS.includes(h.kind) ? 'GRAM' : 'SECOND',
    corrected: h.corrected,
    event: h,
  }
}
const rows = computed<Row[]>(() =>
  [
    ...props.bowl.events.map(rowOf),
    ...props.bowl.typed.map((reading) => ({
      id: reading.id,
      timeS: reading.timeS,
      words: t('temperature'),
      value: reading.celsius,
      unit: 'CELSIUS' as Unit,
      corrected: reading.corrected,
      event: null,
    })),
  ].sort((a, b) => b.timeS - a.timeS),
)

const asked = ref<Row | null>(null)
const value = ref<number | null>(null)

function ask(row: Row) {
  asked.value = row
  value.value = row.value
}
function save() {
  const row = asked.value
  if (!row || value.value === null) return
  const h = row.event
  if (!h) emit('retype', row.id, value.value, row.value)
  else
    emit('correct', row.id, {
      kind: h.kind,
      timeS: h.timeS,
      amount: h.kind === 'TABLED' ? h.amount : value.value,
      seconds: h.kind === 'TABLED' ? value.value : h.seconds,
      text: h.text,
    })
  asked.value = null
}
function undo(row: Row) {
  if (row.event) emit('takeBack', row.id)
  else emit('untype', row.id)
}
</script>

<template>
  <details class="notes">
    <summary>
      {{ $t('What was noted ({events})', { events: bowl.events.length + bowl.typed.length }) }}
    </summary>
    <ul>
      <li v-for="row in rows" :key="row.id">
        <span class="num quiet">{{ clock(row.timeS) }}</span>
        <span class="what"
          >{{ row.words }}
          <b v-if="row.value !== null" class="num">{{ quantity(row.value, row.unit, taste) }}</b>{{
            ' '
          }}
          <small v-if="row.corrected" class="quiet">{{ $t('corrected') }}</small></span
        >
        <button
          v-if="row.value !== null"
          type="button"
          :aria-label="
            $t('Correct {words} at {timeS}', { words: row.words, timeS: clock(row.timeS) })
          "
          @click="ask(row)"
        >
          {{ $t('Correct') }}
        </button>
        <button
          type="button"
          :aria-label="$t('Undo {words} at {timeS}', { words: row.words, timeS: clock(row.timeS) })"
          @click="undo(row)"
        >
          {{ $t('Undo') }}
        </button>
      </li>
    </ul>
    <v-dialog
      :model-value="asked !== null"
      max-width="420"
      :aria-label="$t('Correct')"
      @update:model-value="asked = null"
    >
      <v-card v-if="asked" class="pa-6">
        <h2 class="mb-3">{{ asked.words }}, {{ clock(asked.timeS) }}</h2>
        <NumberField v-model="value" :label="$t('It was')" :unit="asked.unit" @enter="save" />
        <p class="quiet mb-3">{{ $t('What stood here first is kept in the books.') }}</p>
        <div class="d-flex ga-3">
          <v-btn size="x-large" variant="outlined" @click="asked = null">{{ $t('Cancel') }}</v-btn>
          <v-btn size="x-large" color="primary" :disabled="value === null" @click="save">{{
            $t('Save')
          }}</v-btn>
        </div>
      </v-card>
    </v-dialog>
  </details>
</template>

<style scoped>
.notes {
  margin-top: 8px;
}
summary {
  min-height: 44px;
  cursor: pointer;
  color: var(--p-quiet);
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  border-top: 1px solid var(--p-line);
}
.what {
  flex: 1;
}
li button {
  min-height: 48px;
  padding: 0 12px;
  text-decoration: underline;
}
</style>
