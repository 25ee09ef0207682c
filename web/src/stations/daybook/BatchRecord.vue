<script setup lang="ts">
import { when } from '@/words/locale'
import { t } from '@/words'
import { computed } from 'vue'
import type { Batch } from '@/api/client'
import { useHouse } from '@/parts/house'
import { bandStatusWords } from '@/parts/string'
import TautString from '@/parts/TautString.vue'
import { allergenList } from '@/parts/kinds'
import { clock, number, quantity, sentence, symbol } from '@/parts/units'

const props = defineProps<{ batch: Batch }>()
const { taste } = useHouse()

const began = computed(() =>
  when(props.batch.summary.beganAt, {
    dateStyle: 'full',
    timeStyle: 'short',
  }),
)
/** Sheets and single pieces stand in no moulds. */
const inMoulds = computed(
  () =>
    props.batch.moulds > 0 &&
    props.batch.steps.some((s) => s.kind === 'MOULD' || s.kind === 'POLISH'),
)
const file = (kind: string) => `/api/exchange/batches/${props.batch.summary.id}.${kind}`

function difference(step: Batch['steps'][number]): string {
  if (step.noted == null || !step.reading) return ''
  if (step.outBy === 0) return bandStatusWords(step.bandStatus)
  const unit = step.reading.unit === 'CELSIUS' ? 'KELVIN' : step.reading.unit
  const side = step.outBy < 0 ? t('under') : t('over')
  return `${bandStatusWords(step.bandStatus)}, ${quantity(Math.abs(step.outBy), unit, taste.value)} ${side}`
}
</script>

<template>
  <header>
    <div>
      <router-link to="/daybook" class="back">{{ $t('Daybook') }}</router-link>
      <h1>{{ batch.summary.pieceName }}</h1>
      <p class="quiet">
        {{
          inMoulds
            ? $t('{began}, lot {lot}, {pieces} in {moulds}', {
                began,
                lot: batch.summary.lot,
                pieces: quantity(batch.summary.pieces, 'PIECE', taste),
                moulds: quantity(batch.moulds, 'MOULD', taste),
              })
            : $t('{began}, lot {lot}, {pieces}', {
                began,
                lot: batch.summary.lot,
                pieces: quantity(batch.summary.pieces, 'PIECE', taste),
              })
        }}
      </p>
    </div>
    <div class="files">
      <v-btn size="large" variant="outlined" :href="file('csv')" download>{{ $t('CSV') }}</v-btn>
      <v-btn size="large" variant="outlined" :href="file('json')" download>{{ $t('JSON') }}</v-btn>
    </div>
  </header>

  <section v-if="batch.declared" class="declared">
    <p>
      {{
        batch.declared.allergens.length
          ? $t('Contains {allergens}.', { allergens: allergenList(batch.declared.allergens) })
          : $t('No allergens are named in what goes in.')
      }}
      <b v-if="batch.declared.alcohol">{{
        $t('Contains alcohol, {alcohol} by mass of what is in it.', {
          alcohol: quantity(batch.declared.alcoholPercent, 'PERCENT', taste),
        })
      }}</b>
    </p>
    <p v-if="batch.declared.unread" class="caution">
      {{ sentence({ template: batch.declared.unread, values: [] }, taste) }}
    </p>
    <p v-if="batch.declared.keepCold" class="caution">
      {{
        $t(
          'To be kept at {cold} or colder; not for the shelf until a laboratory has assessed it.',
          {
            cold: quantity(4, 'CELSIUS', taste),
          },
        )
      }}
    </p>
  </section>

  <table class="rows">
    <thead>
      <tr>
        <th>{{ $t('Step') }}</th>
        <th class="right">{{ $t('Planned') }}</th>
        <th class="right">{{ $t('Noted') }}</th>
        <th class="wide">{{ $t('On its string') }}</th>
        <th></th>
        <th class="right">{{ $t('Took') }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="step in batch.steps" :key="step.number">
        <tr>
          <td>
            <span class="quiet num">{{ step.number }}</span> {{ step.title }}
            <span v-if="step.part" class="quiet">{{ step.part }}</span>
          </td>
          <td class="right">
            <template v-if="step.reading">
              {{ number(step.reading.band.low, step.reading.unit, taste) }} –
              {{ number(step.reading.band.high, step.reading.unit, taste) }}
              {{ symbol(step.reading.unit, taste) }}
            </template>
            <template v-else-if="step.clock">{{ clock(step.clock.targetS) }}</template>
          </td>
          <td class="right">
            <b v-if="step.noted != null && step.reading">{{
              quantity(step.noted, step.reading.unit, taste)
            }}</b>
            <span v-else-if="step.reading" class="quiet">{{ $t('not read') }}</span>
          </td>
          <td class="wide">
            <TautString
              v-if="step.reading && step.noted != null"
              :name="step.reading.what"
              :unit="step.reading.unit"
              :band="step.reading.band"
              :value="step.noted"
              bare
            />
          </td>
          <td :class="step.bandStatus.toLowerCase()">
            {{ difference(step) }}
            <span v-if="step.notes.length > 1" class="quiet">{{
              $t('of {notes}', { notes: step.notes.length })
            }}</span>
            <span v-if="step.notes.some((n) => n.corrected)" class="quiet">{{
              $t('corrected')
            }}</span>
            <span v-if="step.takenBack.length && step.reading" class="quiet">{{
              $t('taken back: {readings}', {
                readings: step.takenBack
                  .map((value) => quantity(value, step.reading!.unit, taste))
                  .join(', '),
              })
            }}</span>
          </td>
          <td class="right">
            <span v-if="step.timeKept !== 'AS_PLANNED'" class="tight time">{{
              step.timeKeptWords
            }}</span>
            <span v-if="step.tookS != null" :class="{ tight: step.timeKept !== 'AS_PLANNED' }">{{
              clock(step.tookS)
            }}</span>
          </td>
        </tr>
        <tr v-for="remark in step.remarks" :key="remark.id" class="remark">
          <td></td>
          <td colspan="5">“{{ remark.text }}”</td>
        </tr>
      </template>
    </tbody>
  </table>

  <h2 class="mt-8 mb-2">{{ $t('As planned to need') }}</h2>
  <table class="rows needs">
    <tbody>
      <tr v-for="(line, i) in batch.materials" :key="i">
        <td>{{ line.name }}</td>
        <td class="right">{{ quantity(line.grams, 'GRAM', taste) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: flex-end;
  margin-bottom: 14px;
}
.back {
  color: inherit;
}
.files {
  display: flex;
  gap: 10px;
}
.rows td {
  padding: 3px 10px;
  height: 42px;
  white-space: nowrap;
}
.time {
  margin-right: 8px;
}
.wide {
  width: 280px;
  min-width: 180px;
}
.remark td {
  white-space: normal;
  font-style: italic;
}
.declared p {
  margin-bottom: 8px;
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
.needs {
  max-width: 560px;
}
@media print {
  .files,
  .back {
    display: none;
  }
}
</style>
