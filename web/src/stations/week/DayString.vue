<script setup lang="ts">
// A day, or a batch, as a string between two pegs: work is where it is thick, what waits is thin.
import { computed } from 'vue'

const props = defineProps<{
  /** Moments of the two pegs, ms. */
  from: number
  until: number
  /** What is drawn on it, ms. */
  thick: { id: string; start: number; end: number; tone?: string }[]
  /** Stretches nobody is there, ms. */
  away?: { from: number; to: number }[]
  /** A moment that matters: when it is due. */
  due?: number
  chosen?: string
}>()

const WIDE = 1000
const span = computed(() => Math.max(1, Math.max(props.until, props.due ?? 0) - props.from))
const x = (at: number) => 10 + ((at - props.from) / span.value) * (WIDE - 20)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDE} 34`" preserveAspectRatio="none" aria-hidden="true">
    <path :d="`M10 17H${WIDE - 10}`" class="thin" />
    <path
      v-for="(gap, i) in away ?? []"
      :key="i"
      :d="`M${x(gap.from)} 17H${x(gap.to)}`"
      class="gap"
    />
    <path d="M10 3V31" class="peg" />
    <path :d="`M${x(due ?? until)} 3V31`" :class="due ? 'due' : 'peg'" />
    <rect
      v-for="one in thick"
      :key="one.id"
      :x="x(one.start)"
      y="9"
      :width="Math.max(3, x(one.end) - x(one.start) - 1)"
      height="16"
      rx="3"
      :class="[one.tone, { chosen: one.id === chosen }]"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 34px;
  display: block;
}
path {
  fill: none;
  vector-effect: non-scaling-stroke;
}
.thin {
  stroke: var(--p-still);
  stroke-width: 1.5;
}
.gap {
  stroke: var(--p-ground);
  stroke-width: 3;
}
.peg {
  stroke: var(--p-peg);
  stroke-width: 4;
}
.due {
  stroke: var(--p-tight);
  stroke-width: 4;
}
rect {
  fill: var(--p-true);
}
rect.tight {
  fill: var(--p-tight);
}
rect.off {
  fill: var(--p-off);
}
rect.begun {
  fill: var(--p-still);
}
rect.chosen {
  stroke: #4b4a8a;
  stroke-width: 4;
}
</style>
