<script setup lang="ts">
// The last entries of this batch; a reading can be corrected by pressing it.
import { computed, ref } from 'vue'
import type { Batch, Unit } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { bandStatusWords } from '@/parts/string'
import { quantity } from '@/parts/units'

const props = defineProps<{ batch: Batch }>()
const emit = defineEmits<{ correct: [id: string, value: number, step: number] }>()
const { taste } = useHouse()
const SHOWN = 4

const notes = computed(() =>
  props.batch.steps
    .flatMap((step) =>
      step.notes.map((note) => ({ ...note, step, unit: step.reading!.unit as Unit })),
    )
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
    .slice(0, SHOWN),
)

const changing = ref<(typeof notes.value)[number] | null>(null)
const value = ref<number | null>(null)

function change(note: (typeof notes.value)[number]) {
  changing.value = note
  value.value = note.value
}
function keep() {
  if (changing.value && value.value !== null) {
    emit('correct', changing.value.id, value.value, changing.value.step.number)
    changing.value = null
  }
}
</script>

<template>
  <section v-if="notes.length" class="past" :aria-label="$t('Last readings')">
    <button v-for="note in notes" :key="note.id" type="button" @click="change(note)">
      <span>{{ note.step.title }}</span>
      <b class="num">{{ quantity(note.value, note.unit, taste) }}</b>
      <em :class="note.bandStatus.toLowerCase()">{{
        note.corrected ? $t('corrected') : bandStatusWords(note.bandStatus)
      }}</em>
    </button>
  </section>
  <v-dialog
    :model-value="changing !== null"
    max-width="420"
    :aria-label="$t('Correct a reading')"
    @update:model-value="changing = null"
  >
    <v-card v-if="changing" class="pa-6">
      <h2 class="mb-2">
        {{ $t('Correct {title}', { title: changing.step.title.toLowerCase() }) }}
      </h2>
      <p class="quiet mb-4">{{ $t('The first number stays on record beside the new one.') }}</p>
      <NumberField
        v-model="value"
        :label="changing.step.reading!.what"
        :unit="changing.unit"
        autofocus
        @enter="keep"
      />
      <div class="d-flex ga-3 mt-5">
        <v-btn size="large" variant="outlined" @click="changing = null">{{ $t('Cancel') }}</v-btn>
        <v-btn size="large" color="primary" :disabled="value === null" @click="keep">{{
          $t('Correct')
        }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.past {
  grid-area: past;
  border-top: 1px solid var(--p-line);
  padding-top: 6px;
}
.past button {
  display: grid;
  grid-template-columns: 1fr auto 84px;
  gap: 12px;
  width: 100%;
  min-height: 40px;
  align-items: center;
  text-align: left;
  padding: 2px 8px;
  border-radius: 6px;
}
.past button:hover {
  background: var(--p-fog);
}
em {
  font-style: normal;
  text-align: right;
}
.in_band {
  color: var(--p-true);
}
.tight {
  color: var(--p-tight);
}
.off {
  color: var(--p-off);
}
</style>
