<script setup lang="ts">
// The clock of a step: time left to the target, and the shortest and longest on a string.
import { t } from '@/words'
import { computed } from 'vue'
import type { Band, Step } from '@/api/client'
import { useBatches } from '@/parts/batches'
import TautString from '@/parts/TautString.vue'
import { clock } from '@/parts/units'

const props = defineProps<{ step: Step; stepClock: NonNullable<Step['clock']> }>()
const { elapsed } = useBatches()

const ran = computed(() => Math.max(0, elapsed(props.step)))
const left = computed(() => props.stepClock.targetS - ran.value)
const minutes = computed(() => props.stepClock.longestS > 180)
const scale = computed(() => (minutes.value ? 60 : 1))
const band = computed<Band>(() => ({
  lowLimit: 0,
  low: props.stepClock.shortestS / scale.value,
  high: props.stepClock.longestS / scale.value,
  highLimit: (props.stepClock.longestS * 1.25) / scale.value,
}))
const state = computed(() => {
  if (ran.value > props.stepClock.longestS) return { mark: 'off', words: t('too long') }
  if (left.value <= 0) return { mark: 'tight', words: t('time is up') }
  if (ran.value < props.stepClock.shortestS) return { mark: 'still', words: t('not before') }
  return { mark: 'in_band', words: t('to go') }
})
</script>

<template>
  <div class="clock" :class="state.mark" role="timer">
    <p class="left num">{{ left < 0 ? '+' : '' }}{{ clock(left) }}</p>
    <p class="words">
      {{ state.words }}
      <span class="quiet num">{{
        $t('aim {targetS}, at the latest {longestS}', {
          targetS: clock(stepClock.targetS),
          longestS: clock(stepClock.longestS),
        })
      }}</span>
    </p>
    <TautString
      :name="$t('time')"
      :unit="minutes ? 'MINUTE' : 'SECOND'"
      :band="band"
      :value="ran / scale"
      bare
    />
  </div>
</template>

<style scoped>
.clock {
  grid-area: clock;
  border: 1px solid var(--p-line);
  border-radius: 10px;
  padding: 8px 18px 6px;
}
.left {
  font-size: 2.9rem;
  font-weight: 600;
  line-height: 1.1;
}
.words {
  display: flex;
  justify-content: space-between;
  gap: 10px;
}
.tight .left {
  color: var(--p-tight);
}
.off .left {
  color: var(--p-off);
}
.in_band .left {
  color: var(--p-true);
}
</style>
