<script setup lang="ts">
// The shell cut through, to scale, as it stands turned over: rim below. Another may lie beside it
// as a line.
import { computed } from 'vue'
import type { components } from '@/api/schema'

type Places = components['schemas']['PlaceView'][]
const props = defineProps<{
  wall: components['schemas']['WallView'][]
  places: Places
  /** Of the couverture, for its colour. */
  kind: components['schemas']['CastView']['couvertureKind']
  spoken: string
  beside?: Places | null
}>()

const depth = computed(() => props.wall.at(-1)!.downMm)
const half = computed(() => Math.max(...props.wall.map((p) => p.acrossMm)))
const round = (n: number) => Math.round(n * 100) / 100
const y = (down: number) => round(depth.value - down)

/** Places left out there, where there are many. */
const POLE = computed(() => (props.places.length > 12 ? 2 : 0))

/** Inner side from the floor to the rim, never over the middle. */
function inner(of: Places) {
  const places = of.map((p) => ({
    x: Math.max(0, p.innerAcrossMm),
    y: Math.max(0, p.innerDownMm),
  }))
  // At the very middle the wall has no direction to be followed by: it is as level as beside it.
  const beside = places.slice(POLE.value)
  const floor = { x: 0, y: beside[0]!.y }
  const rim = { x: beside.at(-1)!.x, y: 0 }
  return [floor, ...beside, rim]
}
const chocolate = computed(() => {
  const out = props.wall.map((p) => [p.acrossMm, y(p.downMm)] as const)
  const floor = [0, y(depth.value)] as const
  const back = inner(props.places).map((p) => [p.x, y(p.y)] as const)
  const one = [...out, floor, ...back]
  const side = (s: number) => `M${one.map(([x, down]) => `${round(s * x)} ${down}`).join('L')}Z`
  return side(1) + side(-1)
})
const other = computed(() => {
  if (!props.beside) return ''
  const line = inner(props.beside)
  const side = (s: number) => `M${line.map((p) => `${round(s * p.x)} ${y(p.y)}`).join('L')}`
  return side(1) + side(-1)
})
const mould = computed(() => {
  const line = props.wall.map((p) => [p.acrossMm, y(p.downMm)] as const)
  const side = (s: number) => `M${line.map(([x, down]) => `${round(s * x)} ${down}`).join('L')}`
  return side(1) + side(-1)
})
const box = computed(() => `${-half.value - 2} -2 ${2 * half.value + 4} ${depth.value + 4}`)
</script>

<template>
  <svg class="shell" :viewBox="box" role="img" :aria-label="spoken">
    <path :d="chocolate" :fill="`var(--p-choc-${kind.toLowerCase()})`" />
    <path :d="mould" class="mould" vector-effect="non-scaling-stroke" />
    <path v-if="other" :d="other" class="beside" vector-effect="non-scaling-stroke" />
  </svg>
</template>

<style scoped>
.shell {
  display: block;
  width: 100%;
  max-height: 300px;
}
.mould {
  fill: none;
  stroke: var(--p-quiet);
  stroke-width: 2;
}
.beside {
  fill: none;
  stroke: var(--p-tight);
  stroke-width: 2.5;
  stroke-dasharray: 7 5;
}
</style>
