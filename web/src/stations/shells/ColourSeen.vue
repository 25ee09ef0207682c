<script setup lang="ts">
// One cavity from outside, through its wall: the last coat lies at the back, the first in front.
import { computed } from 'vue'
import { wordsOf } from '@/parts/kinds'
import { t } from '@/words'
import { HOWS, type CoatInForm } from '@/stations/pieces/worn'

const props = defineProps<{
  coats: { name: string; how: CoatInForm['how']; tint: string | null }[]
}>()
const RADIUS = 46
/** Blots that look thrown, and are the same at every look. */
const blots = (seed: number) =>
  Array.from({ length: 14 }, (_, i) => {
    const turn = (i * 137.5 + seed * 61) * (Math.PI / 180)
    const out = RADIUS * Math.sqrt((i + 0.5) / 14)
    return {
      x: Math.round(out * Math.cos(turn) * 10) / 10,
      y: Math.round(out * Math.sin(turn) * 10) / 10,
      r: 3 + ((i * 5 + seed) % 5),
    }
  })
const layers = computed(() =>
  props.coats
    .map((coat, i) => ({ ...coat, i, tint: coat.tint ?? '#9a9a92', blots: blots(i) }))
    .reverse(),
)
const spoken = computed(() =>
  t('From outside inwards: {coats}', {
    coats: props.coats.map((c) => `${c.name}, ${wordsOf(HOWS, c.how)}`).join('; '),
  }),
)
</script>

<template>
  <svg class="seen" viewBox="-50 -50 100 100" role="img" :aria-label="spoken">
    <defs>
      <clipPath id="seen-cavity"><circle :r="RADIUS" /></clipPath>
    </defs>
    <circle :r="RADIUS" class="behind" />
    <g clip-path="url(#seen-cavity)">
      <g v-for="coat in layers" :key="coat.i" :fill="coat.tint" :stroke="coat.tint">
        <circle v-if="coat.how === 'SPRAYED'" :r="RADIUS" stroke="none" />
        <g v-else-if="coat.how === 'BRUSHED'" stroke="none">
          <circle :r="RADIUS" />
          <path
            d="M-50 -18Q0 -34 50 -14M-50 4Q0 -12 50 8M-50 26Q0 10 50 30"
            fill="none"
            stroke="#fff"
            stroke-opacity="0.25"
            stroke-width="2"
          />
        </g>
        <path
          v-else-if="coat.how === 'FINGER'"
          d="M-40 12C-44 -30 6 -52 26 -30C44 -8 10 4 2 22C-6 42 -36 40 -40 12Z"
          stroke="none"
        />
        <path
          v-else-if="coat.how === 'LINED'"
          :d="`M-50 ${-20 + 9 * coat.i}L50 ${-44 + 9 * coat.i}M-50 ${4 + 9 * coat.i}L50 ${-20 + 9 * coat.i}M-50 ${28 + 9 * coat.i}L50 ${4 + 9 * coat.i}`"
          fill="none"
          stroke-width="3"
        />
        <path
          v-else-if="coat.how === 'DETAIL' || coat.how === 'CONED'"
          d="M0 -14L4 -4L14 0L4 4L0 14L-4 4L-14 0L-4 -4Z"
          stroke="none"
        />
        <circle v-else-if="coat.how === 'LUSTRE'" :r="RADIUS" stroke="none" fill-opacity="0.45" />
        <path
          v-else-if="coat.how === 'FILM'"
          d="M-30 -18H30M-30 -6H30M-30 6H30M-30 18H30M-18 -30V30M-6 -30V30M6 -30V30M18 -30V30"
          fill="none"
          stroke-width="2.5"
        />
        <g v-else stroke="none">
          <circle v-for="(b, k) in coat.blots" :key="k" :cx="b.x" :cy="b.y" :r="b.r" />
        </g>
      </g>
    </g>
    <circle :r="RADIUS" class="edge" />
  </svg>
</template>

<style scoped>
.seen {
  display: block;
  width: 100%;
}
.behind {
  fill: var(--p-choc-dark);
}
.edge {
  fill: none;
  stroke: var(--p-quiet);
  stroke-width: 1.5;
}
</style>
