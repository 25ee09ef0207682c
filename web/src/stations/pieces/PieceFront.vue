<script setup lang="ts">
// A figure from the front, its wall to scale: of a shape pulled straight a cut says little.
import { computed, useId } from 'vue'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import type { Drawn } from './drawn'

const props = defineProps<{ piece: Drawn; bare?: boolean }>()
const { taste } = useHouse()
const clip = useId()
const front = computed(() => props.piece.section.front)
const across = computed(() => front.value.map((p) => p.acrossMm))
const down = computed(() => front.value.map((p) => p.downMm))
const left = computed(() => Math.min(...across.value))
const top = computed(() => Math.min(...down.value))
const wide = computed(() => Math.max(...across.value) - left.value)
const tall = computed(() => Math.max(...down.value) - top.value)
const line = computed(() => `M${front.value.map((p) => `${p.acrossMm} ${p.downMm}`).join('L')}Z`)
const wall = computed(
  () => props.piece.section.regions.find((r) => r.role === 'SHELL')?.measure ?? 2,
)
/** A coat of another couverture outside it. */
const outer = computed(() => props.piece.section.regions.find((r) => r.role === 'SECOND') ?? null)
const outerMm = computed(() => outer.value?.measure ?? 0)
const paint = (kind?: string | null) => `var(--p-choc-${(kind ?? 'DARK').toLowerCase()})`
const chocolate = computed(() => paint(props.piece.couvertureKind))
const box = computed(() => {
  const pad = 4
  // Words stand to the right of it.
  const right = props.bare ? 0 : wide.value * 1.1
  return `${left.value - pad} ${top.value - pad} ${wide.value + right + 2 * pad} ${tall.value + 2 * pad}`
})
const letters = computed(() => tall.value / 17)
const beside = computed(() => left.value + wide.value + 6)
</script>

<template>
  <svg
    class="front"
    :class="{ bare }"
    :style="{ fontSize: `${letters}px` }"
    :viewBox="box"
    role="img"
    :aria-label="$t('{name}, from the front, to scale', { name: piece.name })"
  >
    <clipPath :id="clip"><path :d="line" /></clipPath>
    <path :d="line" class="hollow" />
    <path
      :d="line"
      fill="none"
      :stroke="chocolate"
      :stroke-width="(wall + outerMm) * 2"
      :clip-path="`url(#${clip})`"
    />
    <path
      v-if="outer"
      :d="line"
      fill="none"
      :stroke="paint(outer.of)"
      :stroke-width="outerMm * 2"
      :clip-path="`url(#${clip})`"
    />
    <path :d="line" class="edge" />
    <template v-if="!bare">
      <text :x="beside" :y="top + letters * 2">
        <tspan class="size">{{ quantity(wall, 'MILLIMETRE', taste) }}</tspan>
        {{ $t('wall') }}
      </text>
      <text v-if="outer" :x="beside" :y="top + letters * 7">
        <tspan class="size">{{ quantity(outerMm, 'MILLIMETRE', taste) }}</tspan>
        {{ $t('outside, {couverture}', { couverture: outer.name }) }}
      </text>
      <text :x="beside" :y="top + letters * 3.7" class="quiet-text">
        {{ $t('{tall} tall', { tall: quantity(tall, 'MILLIMETRE', taste) }) }}
      </text>
      <text :x="beside" :y="top + letters * 5.2" class="quiet-text">
        {{ $t('{wide} wide', { wide: quantity(wide, 'MILLIMETRE', taste) }) }}
      </text>
    </template>
  </svg>
</template>

<style scoped>
.front {
  display: block;
  width: 100%;
  height: auto;
  max-height: 100%;
}
.bare {
  max-height: 72px;
}
.hollow {
  fill: var(--p-fog);
}
.edge {
  fill: none;
  stroke: var(--p-still);
  stroke-width: 0.4;
}
text {
  fill: rgb(var(--v-theme-on-background));
}
.size {
  font-weight: 600;
}
.quiet-text {
  fill: var(--p-quiet);
}
</style>
