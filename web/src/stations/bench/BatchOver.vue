<script setup lang="ts">
import { counted, t } from '@/words'
import { computed } from 'vue'
import type { Batch } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

const { taste } = useHouse()
const props = defineProps<{ batch: Batch }>()
const out = computed(() => props.batch.summary.tight + props.batch.summary.off)
/** Nothing read is not the same as all well. */
const said = computed(() => {
  const readings = props.batch.summary.readings
  if (readings === 0) return t('No readings')
  const many = counted('{n} reading | {n} readings', readings)
  return out.value === 0
    ? t('{many}, all in band and in time', { many })
    : t('{many}, {steps} outside their band or their time', {
        many,
        steps: counted('{n} step | {n} steps', out.value),
      })
})
</script>

<template>
  <section class="over">
    <h1>{{ batch.summary.state === 'FINISHED' ? $t('Finished') : $t('Given up') }}</h1>
    <p>
      {{
        $t('{piece}, {count}, lot {lot}. {said}.', {
          piece: batch.summary.pieceName,
          count: quantity(batch.summary.pieces, 'PIECE', taste),
          lot: batch.summary.lot,
          said,
        })
      }}
    </p>
    <div class="acts">
      <v-btn size="x-large" color="primary" :to="`/daybook/${batch.summary.id}`">{{
        $t('Open in the Daybook')
      }}</v-btn>
      <v-btn size="x-large" variant="outlined" to="/pieces">{{ $t('Another piece') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.over {
  padding: 12vh 24px 0;
  text-align: center;
  font-size: 1.4rem;
}
h1 {
  font-size: 4rem;
}
.acts {
  display: flex;
  justify-content: center;
  gap: 16px;
  margin-top: 30px;
}
.acts .v-btn {
  height: 76px !important;
  font-size: 1.25rem;
}
@media (max-width: 700px) {
  h1 {
    font-size: 2.6rem;
  }
  .acts {
    flex-direction: column;
  }
}
</style>
