<script setup lang="ts">
// A piece cut through, to scale, as it stands: rim below. Regions in, words beside; of which kind
// the piece is, the drawing need not know.
import { useElementSize } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import PieceFront from './PieceFront.vue'
import type { Drawn } from './drawn'
import { labelsOf, sides, shape, skin } from './section'

const props = defineProps<{ piece: Drawn; bare?: boolean }>()
const { taste } = useHouse()

const FILLINGS = ['var(--p-fill-a)', 'var(--p-fill-b)', 'var(--p-fill-c)']
const cut = computed(() => props.piece.section)
const depth = computed(() => cut.value.outer.at(-1)!.depthMm)
/** Two halves rim to rim stand twice as tall. */
const tall = computed(() => depth.value * (cut.value.twice ? 2 : 1))
const one = useId()
const half = computed(() => Math.max(...cut.value.outer.map((p) => p.halfWidthMm)))
const chocolate = computed(
  () => `var(--p-choc-${(props.piece.couvertureKind ?? 'DARK').toLowerCase()})`,
)
const film = computed(() => skin(cut.value.outer, depth.value))
const clip = useId()
/** Coats from the innermost out, so that all are seen; no film is to scale. */
const coats = computed(() =>
  props.piece.coats
    .map((coat, i) => ({ tint: coat.tint ?? '#8e3b6b', wide: 1.1 * (i + 1) }))
    .toReversed(),
)
const capFill = computed(() =>
  props.piece.capKind && props.piece.capKind !== props.piece.couvertureKind
    ? `var(--p-choc-${props.piece.capKind.toLowerCase()})`
    : '',
)

const kindFill = (kind: string) => `var(--p-choc-${kind.toLowerCase()})`

const regions = computed(() => {
  let fillings = 0
  return cut.value.regions.map((region) => ({
    ...region,
    fill:
      region.role === 'FILLING'
        ? FILLINGS[fillings++ % FILLINGS.length]
        : {
            SECOND: kindFill(region.of ?? 'DARK'),
            SHELL: chocolate.value,
            SEAL: chocolate.value,
            SOLID: chocolate.value,
            RELIEF: 'var(--p-ground)',
          }[region.role as 'SHELL'],
    path: shape(region.outline, depth.value),
    // Where the cap meets the shell it was scraped into.
    line: region.role === 'CAP' ? sides(region.outline, depth.value) : '',
  }))
})

const svg = ref<SVGSVGElement | null>(null)
const { width } = useElementSize(svg)
/** Room around the piece and on the way to its words, mm. */
const ROUND_MM = 9
const LEAST_PX = 14
/** Ems of the longest words beside the drawing: a letter is about half of one. */
const EM_PER_LETTER = 0.5
const longest = computed(
  () =>
    EM_PER_LETTER *
    Math.max(20, ...cut.value.regions.map((region) => region.name.length + 'xxx.x mm '.length)),
)
/** Much wider than tall: its words stand below. */
const flat = computed(() => half.value > 1.6 * tall.value)

/** Letters keep their size on screen whatever the size of the piece, and stay legible on a phone. */
const letters = computed(() => {
  const usual = half.value / (flat.value ? 16 : 8)
  if (width.value <= 0) return usual
  // Flat: as many pixels as the drawing is wide. Else the words take their part of the width.
  const least = flat.value
    ? (LEAST_PX * half.value * 2.1) / width.value
    : (LEAST_PX * (2 * half.value + ROUND_MM)) /
      Math.max(width.value / 3, width.value - LEAST_PX * longest.value)
  return Math.max(usual, least)
})

/** Words of a flat drawing run towards its middle, so that none is cut off. */
const inward = (x: number) => (x > half.value / 4 ? -1 : 1)

/** Words kept apart, each with the point its line leads to. */
const labels = computed(() => {
  const all = labelsOf(cut.value, depth.value).map((label) => ({
    ...label,
    size:
      label.measure == null || label.unit == null
        ? ''
        : quantity(label.measure, label.unit, taste.value),
  }))
  if (flat.value) {
    const top = tall.value + 3 + letters.value * 1.4
    return all.map((label, i) => ({ ...label, at: top + i * letters.value * 1.5 }))
  }
  let last = -99
  return all.map((label) => {
    last = Math.max(label.y, last + letters.value * 1.9)
    return { ...label, at: last }
  })
})
const scaleY = computed(() =>
  flat.value ? (labels.value.at(-1)?.at ?? tall.value) + letters.value : tall.value,
)

const box = computed(() => {
  const pad = props.bare ? 2 : 4
  if (props.bare) {
    return `${-half.value - pad} ${-pad} ${2 * (half.value + pad)} ${tall.value + 2 * pad}`
  }
  const right = flat.value
    ? half.value + pad
    : Math.max(half.value * 2.75, half.value + 5 + letters.value * longest.value)
  const low = scaleY.value + 4 + letters.value * 3
  return `${-half.value - pad} ${-pad} ${half.value + pad + right} ${low + pad}`
})
</script>

<template>
  <PieceFront v-if="cut.front.length" :piece="piece" :bare="bare" />
  <svg
    v-else
    ref="svg"
    class="section"
    :style="{ fontSize: `${letters}px` }"
    :viewBox="box"
    role="img"
    :aria-label="$t('{name}, cut through, to scale', { name: piece.name })"
  >
    <g :id="one">
      <template v-for="region in regions" :key="region.role + region.name">
        <path v-if="region.role === 'CAP' && capFill" :d="region.path" :fill="capFill" />
        <path v-if="region.line && !bare" :d="region.line" class="cap" />
        <path v-else-if="region.fill" :d="region.path" :fill="region.fill" :class="region.role" />
        <path v-else-if="region.role === 'ON_TOP'" :d="region.path" class="strewn" />
      </template>
      <circle
        v-for="(fleck, i) in cut.flecks"
        :key="i"
        :cx="fleck.acrossMm"
        :cy="depth - fleck.depthMm"
        :r="fleck.radiusMm"
        class="fleck"
      />
      <template v-if="coats.length">
        <clipPath :id="clip"><path :d="shape(cut.outer, depth)" /></clipPath>
        <g :clip-path="`url(#${clip})`">
          <path
            v-for="coat in coats"
            :key="coat.wide"
            :d="film"
            class="colour"
            :stroke="coat.tint"
            :stroke-width="coat.wide"
          />
        </g>
      </template>
    </g>
    <use v-if="cut.twice" :href="`#${one}`" :transform="`matrix(1 0 0 -1 0 ${2 * depth})`" />
    <template v-if="!bare">
      <g class="labels">
        <template v-for="label in labels" :key="label.what">
          <polyline
            v-if="flat"
            :points="`${label.x},${label.y} ${label.x},${label.at - letters * 0.35} ${label.x + letters * 0.4 * inward(label.x)},${label.at - letters * 0.35}`"
          />
          <polyline
            v-else
            :points="`${label.x},${label.y} ${half + 2},${label.at} ${half + 4},${label.at}`"
          />
          <circle :cx="label.x" :cy="label.y" r="0.35" />
          <text
            :x="flat ? label.x + letters * 0.6 * inward(label.x) : half + 4.8"
            :text-anchor="flat && inward(label.x) < 0 ? 'end' : 'start'"
            :y="flat ? label.at : label.at + letters * 0.33"
          >
            <tspan class="size">{{ label.size }}</tspan>
            {{ label.what }}
          </text>
        </template>
      </g>
      <g class="scale">
        <path :d="`M${-half} ${scaleY + 3}v2m0 -1h${half * 2}m0 -1v2`" />
        <text :x="-half" :y="scaleY + 5 + letters * 1.3">
          {{
            $t('{half} wide, {depth} tall', {
              half: quantity(half * 2, 'MILLIMETRE', taste),
              depth: quantity(tall, 'MILLIMETRE', taste),
            })
          }}
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
.SHELL,
.SOLID {
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
.fleck,
.strewn {
  fill: #c79a5b;
  stroke: var(--p-still);
  stroke-width: 0.1;
}
.colour {
  fill: none;
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
