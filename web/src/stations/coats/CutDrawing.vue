<script setup lang="ts">
// What is cut, seen from above, to scale.
const props = defineProps<{
  length: number
  width: number
  rectangles: { x: number; y: number; wide: number; deep: number }[]
  rounds?: { x: number; y: number }[]
  across?: number
  spoken: string
}>()
</script>

<template>
  <svg
    class="cut"
    :viewBox="`-1 -1 ${props.length + 2} ${props.width + 2}`"
    role="img"
    :aria-label="spoken"
  >
    <rect :width="length" :height="width" class="sheet" />
    <rect
      v-for="(p, i) in rectangles"
      :key="i"
      :x="p.x"
      :y="p.y"
      :width="p.wide"
      :height="p.deep"
      class="piece"
    />
    <circle
      v-for="(p, i) in rounds ?? []"
      :key="`r${i}`"
      :cx="p.x"
      :cy="p.y"
      :r="(across ?? 0) / 2"
      class="piece"
    />
  </svg>
</template>

<style scoped>
.cut {
  display: block;
  width: 100%;
  max-height: 420px;
}
.sheet {
  fill: var(--p-fog);
  stroke: var(--p-quiet);
  vector-effect: non-scaling-stroke;
}
.piece {
  fill: var(--p-choc-dark);
  stroke: var(--p-paper, #fafaf6);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
</style>
