<script setup lang="ts">
// The shell cut through, to scale, as it stands turned over: rim below. Another may lie beside it
// as a line.
import { computed } from 'vue'
import type { components } from '@/api/schema'
import { t } from '@/words'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

type Cast = components['schemas']['CastView']
const props = defineProps<{ cast: Cast; beside?: Cast | null }>()
const { taste } = useHouse()

const depth = computed(() => props.cast.wall.at(-1)!.downMm)
const half = computed(() => Math.max(...props.cast.wall.map((p) => p.acrossMm)))
const round = (n: number) => Math.round(n * 100) / 100
const y = (down: number) => round(depth.value - down)

/** Inner side from the floor to the rim, never over the middle. */
function inner(cast: Cast) {
  const places = cast.places.map((p) => ({
    x: Math.max(0, p.innerAcrossMm),
    y: Math.max(0, p.innerDownMm),
  }))
  const floor = { x: 0, y: places[0]!.y }
  const rim = { x: places.at(-1)!.x, y: 0 }
  return [floor, ...places, rim]
}
const chocolate = computed(() => {
  const out = props.cast.wall.map((p) => [p.acrossMm, y(p.downMm)] as const)
  const floor = [0, y(depth.value)] as const
  const back = inner(props.cast).map((p) => [p.x, y(p.y)] as const)
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
  const line = props.cast.wall.map((p) => [p.acrossMm, y(p.downMm)] as const)
  const side = (s: number) => `M${line.map(([x, down]) => `${round(s * x)} ${down}`).join('L')}`
  return side(1) + side(-1)
})
const box = computed(() => `${-half.value - 2} -2 ${2 * half.value + 4} ${depth.value + 4}`)
const spoken = computed(() =>
  t('Shell of {mean} in the mean, {floor} on the floor, {wall} on the wall', {
    mean: quantity(props.cast.mean.value, 'MILLIMETRE', taste.value),
    floor: quantity(props.cast.floor.value, 'MILLIMETRE', taste.value),
    wall: quantity(props.cast.side.value, 'MILLIMETRE', taste.value),
  }),
)
</script>

<template>
  <svg class="shell" :viewBox="box" role="img" :aria-label="spoken">
    <path :d="chocolate" :fill="`var(--p-choc-${cast.couvertureKind.toLowerCase()})`" />
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
