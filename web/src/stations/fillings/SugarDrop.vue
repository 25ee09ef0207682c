<script setup lang="ts">
// A drop of cooked sugar from the side, to scale: on a plate, or on the floor of a glass of water.
import type { components } from '@/api/schema'
import { computed } from 'vue'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

const props = defineProps<{ drop: components['schemas']['DropShapeView']; water?: boolean }>()
const { taste } = useHouse()
const WIDE_MM = 34
const HIGH_MM = 13
const FLOOR_MM = 11

/** A ball, or the profile of a pool that ran out: h·(1 − r²)^⅓. */
const path = computed(() => {
  const { acrossMm, highMm, ball } = props.drop
  const r = acrossMm / 2
  if (ball) {
    const low = FLOOR_MM - highMm
    return `M${-r} ${low + r}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`
  }
  const points = Array.from({ length: 33 }, (_, i) => {
    const x = i / 16 - 1
    return `${(x * r).toFixed(2)} ${(FLOOR_MM - highMm * Math.cbrt(1 - x * x)).toFixed(2)}`
  })
  return `M${points.join('L')}Z`
})
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
</script>

<template>
  <svg
    class="drop"
    :viewBox="`${-WIDE_MM / 2} 0 ${WIDE_MM} ${HIGH_MM}`"
    role="img"
    :aria-label="
      $t('{across} across, {high} high', { across: mm(drop.acrossMm), high: mm(drop.highMm) })
    "
  >
    <rect v-if="water" :x="-WIDE_MM / 2" y="0" :width="WIDE_MM" :height="FLOOR_MM" class="water" />
    <path :d="path" class="sugar" />
    <path :d="`M${-WIDE_MM / 2} ${FLOOR_MM}h${WIDE_MM}`" class="floor" />
  </svg>
</template>

<style scoped>
.drop {
  width: 92px;
  height: 35px;
  display: block;
}
.water {
  fill: var(--p-fog);
}
.sugar {
  fill: #c98a3a;
}
.floor {
  stroke: var(--p-still);
  stroke-width: 0.8;
}
</style>
