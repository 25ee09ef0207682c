<script setup lang="ts">
// The string: a line between two pegs, thicker where the value ought to lie, plucked by the value.
import { t } from '@/words'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Band, Unit } from '@/api/client'
import { useHouse } from '@/parts/house'
import { draw, outBy, bandStatusOf, bandStatusWords } from '@/parts/string'
import { number, quantity } from '@/parts/units'

const props = defineProps<{
  name: string
  unit: Unit
  band: Band
  value?: number | null
  /** Smallest and largest credible value. */
  spread?: [number, number] | null
  /** Where to aim while nothing has been read. */
  target?: number | null
  /** Leave the pegs unlabelled, for rows of a table. */
  bare?: boolean
}>()

const { taste } = useHouse()

/** Drawn in pixels of the place there is, so that words never shrink with the string. */
const svg = ref<SVGSVGElement | null>(null)
const { width } = useElementSize(svg)
const wide = computed(() =>
  width.value > 0 ? Math.max(180, Math.min(520, Math.round(width.value))) : 520,
)
const low = computed(() => wide.value < 360)
const frame = computed(() => {
  if (props.bare) return { left: 22, right: 238, baseline: 34 }
  return low.value
    ? { left: 20, right: wide.value - 20, baseline: 32 }
    : { left: 40, right: wide.value - 40, baseline: 42 }
})
const size = computed(() => (props.bare ? [260, 46] : [wide.value, low.value ? 62 : 76]))
const under = computed(() => (low.value ? 26 : 30))
const drawing = computed(() =>
  draw(props.band, frame.value, props.value ?? null, props.spread ?? null),
)
const bandStatus = computed(() =>
  props.value == null ? 'IN_BAND' : bandStatusOf(props.value, props.band),
)
const mark = computed(() => (props.value == null ? 'still' : bandStatus.value.toLowerCase()))

const aim = computed(() =>
  props.value == null && props.target != null
    ? draw(props.band, frame.value, props.target).bead
    : null,
)

const show = (value: number) => number(value, props.unit, taste.value)

/** Labels under the good stretch share a place where they would touch. */
const stretchWords = computed(() => {
  const { low, high } = props.band
  return show(low) === show(high) ? show(low) : `${show(low)} – ${show(high)}`
})
const clear = computed(() => (low.value ? 66 : 74))
const stretchMiddle = computed(() => (drawing.value.stretch[0] + drawing.value.stretch[1]) / 2)

const spoken = computed(() => {
  const { band, unit } = props
  const limits = t('good {low} to {high}, limits {lowLimit} to {highLimit}', {
    low: quantity(band.low, unit, taste.value),
    high: quantity(band.high, unit, taste.value),
    lowLimit: quantity(band.lowLimit, unit, taste.value),
    highLimit: quantity(band.highLimit, unit, taste.value),
  })
  if (props.value == null) return `${props.name}: ${limits}`
  const out = outBy(props.value, band)
  const difference: Unit = unit === 'CELSIUS' ? 'KELVIN' : unit
  const how =
    out === 0
      ? t('in band')
      : `${bandStatusWords(bandStatus.value)}, ${quantity(Math.abs(out), difference, taste.value)} ${out < 0 ? t('under') : t('over')}`
  return `${props.name}: ${quantity(props.value, unit, taste.value)}, ${how}; ${limits}`
})
</script>

<template>
  <svg
    ref="svg"
    class="string"
    :class="[mark, { low: low && !bare }]"
    :viewBox="`0 0 ${size[0]} ${size[1]}`"
    role="img"
    :aria-label="spoken"
  >
    <line
      class="stretch"
      :x1="drawing.stretch[0]"
      :x2="Math.max(drawing.stretch[1], drawing.stretch[0] + 2)"
      :y1="frame.baseline"
      :y2="frame.baseline"
    />
    <line
      v-if="drawing.spread"
      class="spread"
      :x1="drawing.spread[0]"
      :x2="Math.max(drawing.spread[1], drawing.spread[0] + 2)"
      :y1="frame.baseline + 7"
      :y2="frame.baseline + 7"
    />
    <path class="line" :d="drawing.path" />
    <g class="peg">
      <path :d="`M${frame.left} ${frame.baseline - 13}v26m-5 -26h10`" />
      <path :d="`M${frame.right} ${frame.baseline - 13}v26m-5 -26h10`" />
    </g>
    <circle v-if="aim" class="aim" :cx="aim.x" :cy="frame.baseline" r="6" />
    <g v-if="drawing.bead" class="bead">
      <circle v-if="bandStatus === 'IN_BAND'" :cx="drawing.bead.x" :cy="drawing.bead.y" r="7" />
      <path
        v-else-if="bandStatus === 'TIGHT'"
        :d="`M${drawing.bead.x} ${drawing.bead.y - 9}l9 15h-18z`"
      />
      <path
        v-else
        :d="`M${drawing.bead.x - 7} ${drawing.bead.y - 7}l14 14m0 -14l-14 14`"
        class="cross"
      />
    </g>
    <g v-if="!bare" class="words">
      <text :x="frame.left" :y="frame.baseline + under" text-anchor="middle">
        {{ show(band.lowLimit) }}
      </text>
      <text :x="frame.right" :y="frame.baseline + under" text-anchor="middle">
        {{ show(band.highLimit) }}
      </text>
      <text
        class="good"
        :x="Math.min(frame.right - clear, Math.max(frame.left + clear, stretchMiddle))"
        :y="frame.baseline + under"
        text-anchor="middle"
      >
        {{ stretchWords }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.string {
  display: block;
  width: 100%;
  height: auto;
  overflow: visible;
  color: var(--p-still);
}
.string.in_band {
  color: var(--p-true);
}
.string.tight {
  color: var(--p-tight);
}
.string.off {
  color: var(--p-off);
}
.stretch {
  stroke: var(--p-true);
  stroke-width: 12;
  stroke-opacity: 0.28;
  stroke-linecap: round;
}
.spread {
  stroke: currentColor;
  stroke-width: 3;
  stroke-linecap: round;
}
.line {
  fill: none;
  stroke: currentColor;
  stroke-width: 2.5;
  stroke-linecap: round;
  stroke-linejoin: round;
  transition: d 120ms ease-out;
}
.tight .line {
  stroke-width: 3;
}
.peg path {
  stroke: var(--p-peg);
  stroke-width: 3;
  stroke-linecap: round;
  fill: none;
}
.aim {
  fill: var(--p-ground);
  stroke: var(--p-true);
  stroke-width: 3;
}
.bead {
  fill: currentColor;
}
.cross {
  stroke: currentColor;
  stroke-width: 4.5;
  stroke-linecap: round;
}
.words {
  fill: var(--p-quiet);
  font-size: 17px;
  font-variant-numeric: tabular-nums;
}
.low .words {
  font-size: 14.5px;
}
.words .good {
  fill: var(--p-true);
  font-weight: 600;
}
</style>
