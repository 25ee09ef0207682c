<script setup lang="ts">
// How long the crisp layer of a piece that is being written stays crisp.
import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { api, ask, type Moisture, type MouldedPieceDraft } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { useTurn } from '@/parts/turn'
import { quantity } from '@/parts/units'

const props = defineProps<{ draft: MouldedPieceDraft }>()
const { taste } = useHouse()
const BARRIER_MM = 0.3
const DAYS = 60
const answer = ref<Moisture | null>(null)

const turn = useTurn()
const look = useDebounceFn(async () => {
  const current = turn()
  try {
    const got = await ask(
      api.POST('/api/pieces/trial/moisture', {
        params: { query: { barrierMm: BARRIER_MM, days: DAYS } },
        body: { ...props.draft, name: props.draft.name || t('Unnamed') },
      }),
    )
    if (current()) answer.value = got
  } catch {
    // What is impossible about the piece is said by the piece itself.
    if (current()) answer.value = null
  }
}, 150)
watch(() => JSON.stringify(props.draft), look, { immediate: true })
</script>

<template>
  <div v-if="answer" class="water">
    <p>
      <b>{{ $t('Water between layers:') }}</b> {{ answer.layers[answer.crispLayer] }}
      {{
        answer.daysBare
          ? $t('goes soft after about {daysBare}', {
              daysBare: quantity(answer.daysBare.value, 'DAY', taste),
            })
          : $t('stays crisp {days} and more', { days: quantity(DAYS, 'DAY', taste) })
      }}.
    </p>
    <FigureString v-if="answer.daysBehindFat" :figure="answer.daysBehindFat" />
    <p v-else-if="answer.daysBare" class="quiet">
      {{
        $t('Behind {barrierMm} of cocoa butter it stays crisp {days} and more.', {
          barrierMm: quantity(BARRIER_MM, 'MILLIMETRE', taste),
          days: quantity(DAYS, 'DAY', taste),
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.water {
  margin-top: 10px;
}
</style>
