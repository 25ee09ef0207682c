<script setup lang="ts">
// A piece cut through, to scale, as it stands: rim and cap below. Lines in, words beside.
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Piece } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import { between, shape, skin, widthAt } from './section'

const props = defineProps<{ piece: Piece; bare?: boolean }>()
const { taste } = useHouse()

const FILLINGS = ['var(--p-fill-a)', 'var(--p-fill-b)', 'var(--p-fill-c)']
const cut = computed(() => props.piece.cutaway)
const depth = computed(() => cut.value.outer.at(-1)!.depthMm)
const half = computed(() => Math.max(...cut.value.outer.map((p) => p.halfWidthMm)))
const shell = computed(() => shape(cut.value.outer, depth.value))
const colour = computed(() => skin(cut.value.outer, depth.value))
/** Where the cap meets the shell it was scraped into. */
const capLine = computed(() => {
  const half = between(cut.value.inner, 0, cut.value.capMm)
  return [1, -1]
    .map((side) => {
      const points = half.map((p) => `${side * p.halfWidthMm} ${depth.value - p.depthMm}`)
      return `M${points.join('L')}`
    })
    .join('')
})
const chocolate = computed(() => `var(--p-choc-${props.piece.couvertureKind.toLowerCase()})`)
const layers = computed(() =>
  cut.value.layers.map((layer, i) => ({
    ...layer,
    fill: FILLINGS[i % FILLINGS.length],
    path: shape(between(cut.value.inner, layer.fromMm, layer.toMm), depth.value),
    middle: depth.value - (layer.fromMm + layer.toMm) / 2,
  })),
)

const svg = ref<SVGSVGElement | null>(null)
const { width } = useElementSize(svg)
/** Half the piece, its words beside it: the drawing is as wide as so many halves. */
const HALVES = 3.9
const LEAST_PX = 14
/** Letters beside the drawing: "1.8 mm cap, head room". */
const LONGEST = 10

/** Letters keep their size on screen whatever the size of the piece, and stay legible on a phone. */
const letters = computed(() =>
  Math.max(half.value / 8, width.value > 0 ? (LEAST_PX * half.value * HALVES) / width.value : 0),
)

const box = computed(() => {
  const pad = props.bare ? 2 : 4
  const right = props.bare
    ? half.value + pad
    : Math.max(half.value * 2.75, half.value + 5 + letters.value * LONGEST)
  const low = props.bare ? depth.value + pad : depth.value + 4 + letters.value * 3
  return `${-half.value - pad} ${-pad} ${half.value + pad + right} ${low + pad}`
})

/** Words beside the drawing, kept apart, each with the point its line leads to. */
const labels = computed(() => {
  const capY = depth.value - cut.value.capMm / 2
  const floor = cut.value.inner.at(-1)!.depthMm
  const all = [
    {
      y: (depth.value - floor) / 2 + 0.2,
      x: 1,
      what: 'shell',
      size: quantity(props.piece.shellMm, 'MILLIMETRE', taste.value),
    },
    ...layers.value.map((layer, i) => ({
      y: layer.middle,
      x: widthAt(cut.value.inner, depth.value - layer.middle) * 0.55,
      what: layer.name.toLowerCase(),
      size: quantity(props.piece.layers[i]!.value, 'GRAM', taste.value),
    })),
    {
      y: capY,
      x: widthAt(cut.value.inner, cut.value.capMm / 2) * 0.8,
      what: 'cap, head room',
      size: quantity(props.piece.headRoomMm, 'MILLIMETRE', taste.value),
    },
  ]
  let floorY = -99
  return all.map((label) => {
    floorY = Math.max(label.y, floorY + letters.value * 1.9)
    return { ...label, at: floorY }
  })
})
</script>

<template>
  <svg
    ref="svg"
    class="section"
    :style="{ fontSize: `${letters}px` }"
    :viewBox="box"
    role="img"
    :aria-label="`${piece.name}, cut through, to scale`"
  >
    <path :d="shell" :fill="chocolate" class="shell" />
    <path v-for="layer in layers" :key="layer.name" :d="layer.path" :fill="layer.fill" />
    <path v-if="!bare" :d="capLine" class="cap" />
    <path v-if="piece.colour" :d="colour" class="colour" />
    <template v-if="!bare">
      <g class="labels">
        <template v-for="label in labels" :key="label.what">
          <polyline
            :points="`${label.x},${label.y} ${half + 2},${label.at} ${half + 4},${label.at}`"
          />
          <circle :cx="label.x" :cy="label.y" r="0.35" />
          <text :x="half + 4.8" :y="label.at + letters * 0.33">
            <tspan class="size">{{ label.size }}</tspan>
            {{ label.what }}
          </text>
        </template>
      </g>
      <g class="scale">
        <path :d="`M${-half} ${depth + 3}v2m0 -1h${half * 2}m0 -1v2`" />
        <text :x="0" :y="depth + 5 + letters * 1.3" text-anchor="middle">
          {{ quantity(half * 2, 'MILLIMETRE', taste) }} wide,
          {{ quantity(depth, 'MILLIMETRE', taste) }} tall
        </text>
      </g>
    </template>
  </svg>
</template>

<style scoped>
.section {
  --p-fill-a: #d09b73;
  --p-fill-b: #ead9b2;
  --p-fill-c: #8e5a6b;
  display: block;
  width: 100%;
  height: auto;
  max-height: 100%;
}
.shell {
  stroke: var(--p-still);
  stroke-width: 0.15;
}
.cap {
  fill: none;
  stroke: #fafaf6;
  stroke-width: 0.12;
  stroke-dasharray: 0.5 0.4;
  opacity: 0.7;
}
.colour {
  fill: none;
  stroke: #8e3b6b;
  stroke-width: 0.55;
}
.labels polyline {
  fill: none;
  stroke: var(--p-quiet);
  stroke-width: 0.16;
}
.labels circle {
  fill: var(--p-ground);
  stroke: var(--p-quiet);
  stroke-width: 0.16;
}
text {
  fill: rgb(var(--v-theme-on-background));
}
.size {
  font-weight: 600;
}
.scale path {
  fill: none;
  stroke: var(--p-quiet);
  stroke-width: 0.16;
}
.scale text {
  fill: var(--p-quiet);
}
</style>
