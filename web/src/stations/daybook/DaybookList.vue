<script setup lang="ts">
import { when } from '@/words/locale'
import type { BatchSummary } from '@/api/client'
import { ref } from 'vue'
import ImportDialog from '@/parts/ImportDialog.vue'
import { clock } from '@/parts/units'

defineProps<{ rows: BatchSummary[]; total: number; page: number; more: boolean }>()
defineEmits<{ page: [at: number]; taken: [] }>()

const importing = ref(false)

function day(at: string) {
  return when(at, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  })
}
function took(row: BatchSummary) {
  return row.endedAt ? clock((Date.parse(row.endedAt) - Date.parse(row.beganAt)) / 1000) : ''
}
</script>

<template>
  <header>
    <h1>{{ $t('Daybook') }}</h1>
    <span class="quiet">{{ $t('{n} batch | {n} batches', total) }}</span>
    <v-btn size="large" variant="outlined" @click="importing = true">{{
      $t('Import a batch')
    }}</v-btn>
    <ImportDialog v-model="importing" list="" :what="$t('a batch')" @taken="$emit('taken')" />
  </header>
  <p v-if="!rows.length" class="quiet none">
    {{ $t('No finished batch yet. Whatever the Bench finishes is written down here.') }}
  </p>
  <table v-else class="rows">
    <thead>
      <tr>
        <th>{{ $t('Day') }}</th>
        <th>{{ $t('Piece') }}</th>
        <th>{{ $t('Lot') }}</th>
        <th class="right">{{ $t('Pieces') }}</th>
        <th class="right">{{ $t('Took') }}</th>
        <th>{{ $t('Readings') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id">
        <td>{{ day(row.beganAt) }}</td>
        <td>
          <router-link :to="`/daybook/${row.id}`">{{ row.pieceName }}</router-link>
        </td>
        <td>{{ row.lot }}</td>
        <td class="right">{{ row.pieces }}</td>
        <td class="right">{{ took(row) }}</td>
        <td>
          <span v-if="row.state === 'ABANDONED'" class="off">{{ $t('given up') }}</span>
          <template v-else>
            <span v-if="row.off" class="off">{{
              $t('✕ {off} out of range', { off: row.off })
            }}</span>
            <span v-if="row.tight" class="tight">{{
              $t('▲ {tight} near the limit or not in time', { tight: row.tight })
            }}</span>
            <span v-if="!row.readings" class="quiet">{{ $t('no readings') }}</span>
            <span v-else-if="!row.off && !row.tight" class="true">{{
              $t('● all {readings} in band and in time', { readings: row.readings })
            }}</span>
          </template>
        </td>
      </tr>
    </tbody>
  </table>
  <div v-if="page > 0 || more" class="d-flex ga-3 mt-5">
    <v-btn
      size="large"
      variant="outlined"
      :disabled="page === 0"
      @click="$emit('page', page - 1)"
      >{{ $t('Newer') }}</v-btn
    >
    <v-btn size="large" variant="outlined" :disabled="!more" @click="$emit('page', page + 1)">{{
      $t('Older')
    }}</v-btn>
  </div>
</template>

<style scoped>
header {
  display: flex;
  align-items: baseline;
  gap: 18px;
  margin-bottom: 12px;
}
header > .v-btn {
  margin-left: auto;
}
td a {
  display: inline-block;
  padding: 6px 0;
  color: inherit;
  font-weight: 600;
}
.none {
  font-size: 1.2rem;
  margin-top: 8vh;
  text-align: center;
}
td span + span {
  margin-left: 14px;
}
.true {
  color: var(--p-true);
}
.tight {
  color: var(--p-tight);
}
.off {
  color: var(--p-off);
}
@media (max-width: 700px) {
  header {
    flex-wrap: wrap;
  }
  header > .v-btn {
    margin-left: 0;
  }
}
</style>
