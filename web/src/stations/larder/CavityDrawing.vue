<script setup lang="ts">
// One cavity as the mould lies: rim above, the section to scale, the opening from above beside it.
import { computed } from 'vue'
import type { Mould } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

const props = defineProps<{ mould: Mould; bare?: boolean }>()
const { taste } = useHouse()

const half = computed(() => Math.max(...props.mould.profile.map((p) => p.acrossMm)))
const depth = computed(() => props.mould.profile.at(-1)!.downMm)
const wall = computed(() => Math.max(0.6, props.mould.wallMm))
/** The plate reaches out beside the cavity, as a cut through a mould does. */
const plate = computed(() => half.value * 1.35 + wall.value)

const hollow = computed(() => {
  const right = props.mould.profile.map((p) => `${round(p.acrossMm)} ${round(p.downMm)}`)
  const left = props.mould.profile
    .toReversed()
    .map((p) => `${round(-p.acrossMm)} ${round(p.downMm)}`)
  return `M${[...right, ...left].join('L')}Z`
})
const letters = computed(() => Math.max(half.value, depth.value) / 7)
const box = computed(() => {
  const pad = 2
  const low = depth.value + wall.value + (props.bare ? 0 : letters.value * 2)
  return `${-plate.value - pad} ${-pad} ${2 * (plate.value + pad)} ${low + 2 * pad}`
})
const round = (n: number) => Math.round(n * 100) / 100
</script>

<template>
  <svg
    class="cavity"
    :viewBox="box"
    role="img"
    :style="{ fontSize: `${letters}px` }"
    :aria-label="$t('{name}: one cavity, cut through, to scale', { name: mould.name })"
  >
    <!-- What lies above the rim is air: the wall's line is cut off there. -->
    <svg
      :x="-plate"
      y="0"
      :width="2 * plate"
      :height="depth + wall"
      :viewBox="`${-plate} 0 ${2 * plate} ${depth + wall}`"
    >
      <path :d="hollow" class="wall" :stroke-width="wall * 2" />
    </svg>
    <rect :x="-plate" y="0" :width="plate - half" :height="wall" class="plate" />
    <rect :x="half" y="0" :width="plate - half" :height="wall" class="plate" />
    <path :d="hollow" class="hollow" />
    <line :x1="-half" y1="0" :x2="half" y2="0" class="rim" />
    <text v-if="!bare" x="0" :y="depth + wall + letters * 1.5" text-anchor="middle">
      {{
        $t('{half} wide, {depth} deep', {
          half: quantity(half * 2, 'MILLIMETRE', taste),
          depth: quantity(depth, 'MILLIMETRE', taste),
        })
      }}
    </text>
  </svg>
</template>

<style scoped>
.cavity {
  display: block;
  width: 100%;
  height: auto;
  max-height: 46vh;
}
.wall {
  fill: var(--p-line);
  stroke: var(--p-line);
  stroke-linejoin: round;
}
.plate {
  fill: var(--p-line);
}
.hollow {
  fill: var(--p-ground);
  stroke: var(--p-still);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
}
.rim {
  stroke: var(--p-true);
  stroke-width: 1.5px;
  stroke-dasharray: 5 4;
  vector-effect: non-scaling-stroke;
}
text {
  fill: var(--p-quiet);
}
</style>
