<script setup lang="ts">
// The front of setting on its way through the shell: minutes across, from the mould down to the
// hollow, the darker the more of the fat is solid.
import { computed } from 'vue'
import type { components } from '@/api/schema'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import { t } from '@/words'

type Point = components['schemas']['ColdPointView']
const props = defineProps<{ line: Point[]; kind: 'DARK' | 'MILK' | 'WHITE'; out?: number | null }>()

const { taste } = useHouse()
const MINUTES = 60
/** All that sets in the cold; no more is drawn than that. */
const most = computed(() => Math.max(1, ...props.line.map((p) => Math.max(...p.frontPercent))))
const cells = computed(() =>
  props.line
    .filter((p) => p.minutes < MINUTES && Number.isInteger(p.minutes))
    .flatMap((p) =>
      p.frontPercent.map((percent, layer) => ({
        x: p.minutes,
        y: layer,
        set: Math.round((0.08 + 0.92 * (percent / most.value)) * 100) / 100,
      })),
    ),
)
const layers = computed(() => props.line[0]?.frontPercent.length ?? 1)
/** When a layer is half set, for those who do not see it. */
const half = (layer: number) =>
  props.line.find((p) => p.frontPercent[layer]! > most.value / 2)?.minutes ?? MINUTES
const spoken = computed(() =>
  t('Half set at the mould after {outer}, at the hollow after {inner}', {
    outer: quantity(half(0), 'MINUTE', taste.value),
    inner: quantity(half(layers.value - 1), 'MINUTE', taste.value),
  }),
)
</script>

<template>
  <figure class="front">
    <figcaption>{{ $t('at the mould') }}</figcaption>
    <svg
      :viewBox="`0 0 ${MINUTES} ${layers}`"
      preserveAspectRatio="none"
      shape-rendering="crispEdges"
      role="img"
      :aria-label="spoken"
    >
      <rect
        v-for="(cell, i) in cells"
        :key="i"
        :x="cell.x"
        :y="cell.y"
        width="1"
        height="1"
        :fill="`var(--p-choc-${kind.toLowerCase()})`"
        :fill-opacity="cell.set"
      />
      <path v-if="out" :d="`M${out} 0V${layers}`" class="out" vector-effect="non-scaling-stroke" />
    </svg>
    <figcaption>{{ $t('at the hollow; 0 to 60 minutes, the line where it lets go') }}</figcaption>
  </figure>
</template>

<style scoped>
.front {
  margin: 16px 0;
}
svg {
  display: block;
  width: 100%;
  height: 120px;
  border: 1px solid var(--p-line);
}
.out {
  stroke: var(--p-tight);
  stroke-width: 3;
}
figcaption {
  color: var(--p-quiet);
}
</style>
