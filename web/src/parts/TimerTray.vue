<script setup lang="ts">
// Running clocks, nearest first. One that ends sounds once and flashes across the whole width.
import { t } from '@/words'
import { computed, ref, watch } from 'vue'
import { useBatches } from '@/parts/batches'
import { chime } from '@/parts/chime'
import { clock } from '@/parts/units'

const { underWay, elapsed } = useBatches()

const timers = computed(() =>
  underWay.value
    .flatMap((batch) => {
      return batch.steps
        .filter((step) => step.status === 'UNDER_WAY' && step.clock)
        .map((step) => {
          const ran = elapsed(step)
          return {
            key: `${batch.summary.id}/${step.number}/${step.begunAt}`,
            id: batch.summary.id,
            piece: step.part || batch.summary.pieceName,
            what: step.title,
            left: step.clock!.targetS - ran,
            late: ran > step.clock!.longestS,
          }
        })
    })
    .sort((a, b) => a.left - b.left),
)

const rung = new Set<string>()
const flash = ref('')
watch(
  timers,
  (all) => {
    for (const timer of all) {
      const over = timer.left <= 0
      // A clock that ended long ago, before this screen looked, is shown but not sounded.
      if (over && !rung.has(timer.key) && timer.left > -3) {
        chime()
        flash.value = t('{piece}: {what}, time is up', { piece: timer.piece, what: timer.what })
        setTimeout(() => (flash.value = ''), 4000)
      }
      if (over) rung.add(timer.key)
    }
  },
  { immediate: true },
)
</script>

<template>
  <footer v-if="timers.length" class="tray" :aria-label="$t('Clocks')">
    <router-link v-for="timer in timers" :key="timer.key" :to="`/bench/${timer.id}`">
      <b class="num" :class="{ over: timer.left <= 0 && !timer.late, late: timer.late }"
        >{{ timer.left <= 0 ? '+' : '' }}{{ clock(timer.left) }}</b
      >
      <span
        >{{ timer.what }} <span class="quiet">{{ timer.piece }}</span>{{ ' ' }}
        <em v-if="timer.late">{{ $t('too long') }}</em></span
      >
    </router-link>
  </footer>
  <div v-if="flash" class="flash" role="alert">{{ flash }}</div>
</template>

<style scoped>
.tray {
  grid-area: tray;
  display: flex;
  gap: 8px;
  padding: 6px 18px;
  border-top: 1px solid var(--p-line);
  background: var(--p-fog);
  overflow-x: auto;
}
a {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 56px;
  padding: 4px 16px;
  border-radius: 8px;
  background: var(--p-ground);
  color: inherit;
  text-decoration: none;
  white-space: nowrap;
}
b {
  font-size: 1.6rem;
  font-weight: 600;
}
.over {
  color: var(--p-tight);
}
.late,
em {
  color: var(--p-off);
  font-style: normal;
}
.flash {
  position: fixed;
  inset: auto 0 0;
  z-index: 3000;
  padding: 26px;
  background: #a8552b;
  color: #fff;
  font-size: 2rem;
  text-align: center;
  animation: blink 0.6s steps(2) 4;
}
@keyframes blink {
  50% {
    background: #39464b;
  }
}
@media (prefers-reduced-motion: reduce) {
  .flash {
    animation: none;
  }
}
</style>
