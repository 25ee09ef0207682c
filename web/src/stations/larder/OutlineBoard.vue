<script setup lang="ts">
// A line set by hand: points are dragged, moved by arrow keys, or typed; a photo may lie beneath.
import { t } from '@/words'
import { useObjectUrl } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import NumberField from '@/parts/NumberField.vue'

type Point = { acrossMm: number; downMm: number }
const props = defineProps<{
  /** A profile runs from the rim to the floor and is mirrored; an opening is closed. */
  kind: 'profile' | 'opening'
  /** Address of the photo that is kept with it. */
  kept?: string
}>()
const emit = defineEmits<{ photo: [file: File | null] }>()
const points = defineModel<Point[]>({ required: true })

const STEP_MM = 0.5
const chosen = ref(0)
const svg = ref<SVGSVGElement | null>(null)

// While a point is dragged the board keeps its size, so that nothing runs from under the finger.
const bounds = ref({ x: 0, y: 0, w: 1, h: 1 })
const dragged = ref<number | null>(null)
watch(
  [points, dragged],
  () => {
    if (dragged.value !== null) return
    const across = points.value.map((p) => p.acrossMm)
    const down = points.value.map((p) => p.downMm)
    const left = props.kind === 'profile' ? -Math.max(...across) : Math.min(...across)
    const width = Math.max(...across) - left
    const height = Math.max(...down) - Math.min(...down)
    const pad = Math.max(4, 0.15 * Math.max(width, height))
    bounds.value = {
      x: left - pad,
      y: Math.min(...down) - pad,
      w: width + 2 * pad,
      h: height + 2 * pad,
    }
  },
  { deep: true, immediate: true },
)
const box = computed(
  () => `${bounds.value.x} ${bounds.value.y} ${bounds.value.w} ${bounds.value.h}`,
)
const dot = computed(() => Math.max(bounds.value.w, bounds.value.h) / 38)
const line = computed(() => {
  const right = points.value.map((p) => `${p.acrossMm} ${p.downMm}`)
  const left =
    props.kind === 'profile'
      ? points.value.toReversed().map((p) => `${-p.acrossMm} ${p.downMm}`)
      : []
  return `M${[...right, ...left].join('L')}Z`
})

function tenth(n: number) {
  return Math.round(n * 10) / 10
}

/** The rim stays at the rim, and no side crosses the middle. */
function put(i: number, acrossMm: number, downMm: number) {
  const fixed = props.kind === 'profile'
  points.value = points.value.map((p, k) =>
    k === i
      ? {
          acrossMm: tenth(fixed ? Math.max(0, acrossMm) : acrossMm),
          downMm: fixed && i === 0 ? 0 : tenth(downMm),
        }
      : p,
  )
}

function begin(i: number, event: PointerEvent) {
  chosen.value = i
  dragged.value = i
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}

function move(event: PointerEvent) {
  const matrix = svg.value?.getScreenCTM()
  if (dragged.value === null || !matrix) return
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  put(dragged.value, at.x, at.y)
}

const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-STEP_MM, 0],
  ArrowRight: [STEP_MM, 0],
  ArrowUp: [0, -STEP_MM],
  ArrowDown: [0, STEP_MM],
}
function press(i: number, event: KeyboardEvent) {
  const by = KEYS[event.key]
  const p = points.value[i]
  if (!by || !p) return
  event.preventDefault()
  put(i, p.acrossMm + by[0], p.downMm + by[1])
}

const least = computed(() => (props.kind === 'profile' ? 2 : 3))
function add() {
  const i = Math.min(chosen.value, points.value.length - 1)
  // After the last of a profile comes nothing: the new point goes before it.
  const from = props.kind === 'profile' && i === points.value.length - 1 ? i - 1 : i
  const a = points.value[from]!
  const b = points.value[(from + 1) % points.value.length]!
  const middle = {
    acrossMm: tenth((a.acrossMm + b.acrossMm) / 2),
    downMm: tenth((a.downMm + b.downMm) / 2),
  }
  points.value = points.value.toSpliced(from + 1, 0, middle)
  chosen.value = from + 1
}
function remove() {
  points.value = points.value.toSpliced(chosen.value, 1)
  chosen.value = Math.max(0, chosen.value - 1)
}
const point = computed(() => points.value[chosen.value] ?? points.value[0]!)

const file = ref<File | null>(null)
const chosenPhoto = useObjectUrl(file)
/** One that is chosen now, or the one that is kept with the mould. */
const photo = computed(() => chosenPhoto.value ?? props.kept)
const notAPicture = ref('')
const photoMm = ref<number | null>(60)
const LARGEST = 10 * 1024 * 1024
const KEPT = ['image/jpeg', 'image/png']
const notKept = ref('')
watch(file, (now) => {
  notAPicture.value = ''
  notKept.value =
    now && !KEPT.includes(now.type)
      ? t('Drawn over now, not kept with the mould: JPEG and PNG are.')
      : now && now.size > LARGEST
        ? t('Drawn over now, not kept with the mould: it is larger than 10 MB.')
        : ''
  emit('photo', notKept.value ? null : now)
})
function refuse() {
  // One that is kept is asked for before anybody knows whether there is one.
  if (!file.value) return
  notAPicture.value = t('“{name}” is no picture this screen can show; PNG, JPEG or WebP is', {
    name: file.value?.name,
  })
  file.value = null
}
</script>

<template>
  <div class="board">
    <svg
      ref="svg"
      :viewBox="box"
      role="group"
      :aria-label="kind === 'profile' ? $t('Profile, rim above') : $t('Opening, seen from above')"
      @pointermove="move"
      @pointerup="dragged = null"
      @pointercancel="dragged = null"
    >
      <image
        v-if="photo"
        :href="photo"
        :x="-(photoMm ?? 60) / 2"
        :y="kind === 'profile' ? 0 : -(photoMm ?? 60) / 2"
        :width="photoMm ?? 60"
        :height="photoMm ?? 60"
        preserveAspectRatio="xMidYMid meet"
        opacity="0.5"
        @error="refuse"
      />
      <line
        v-if="kind === 'profile'"
        x1="0"
        :y1="bounds.y"
        x2="0"
        :y2="bounds.y + bounds.h"
        class="axis"
      />
      <path :d="line" class="line" />
      <g
        v-for="(p, i) in points"
        :key="i"
        tabindex="0"
        role="slider"
        :aria-label="$t('Point {place}', { place: i + 1 })"
        :aria-valuetext="
          $t('{acrossMm} mm across, {downMm} mm down', { acrossMm: p.acrossMm, downMm: p.downMm })
        "
        :aria-valuenow="p.downMm"
        :class="{ chosen: i === chosen }"
        @pointerdown="begin(i, $event)"
        @focus="chosen = i"
        @keydown="press(i, $event)"
      >
        <circle :cx="p.acrossMm" :cy="p.downMm" :r="dot * 2.4" class="touch" />
        <circle :cx="p.acrossMm" :cy="p.downMm" :r="dot" class="dot" />
      </g>
    </svg>
    <div class="acts">
      <NumberField
        :model-value="point.acrossMm"
        :label="$t('Point {chosen}: across', { chosen: chosen + 1 })"
        unit="MILLIMETRE"
        @update:model-value="$event !== null && put(chosen, $event, point.downMm)"
      />
      <NumberField
        :model-value="point.downMm"
        :label="$t('Down')"
        unit="MILLIMETRE"
        @update:model-value="$event !== null && put(chosen, point.acrossMm, $event)"
      />
      <v-btn size="large" variant="outlined" @click="add">{{ $t('Add a point') }}</v-btn>
      <v-btn size="large" variant="outlined" :disabled="points.length <= least" @click="remove">{{
        $t('Remove point {chosen}', { chosen: chosen + 1 })
      }}</v-btn>
      <v-file-input
        v-model="file"
        :label="$t('Photo to draw over')"
        accept="image/*"
        variant="outlined"
        hide-details="auto"
        prepend-icon=""
        :error-messages="notAPicture || []"
        :messages="notKept || []"
      />
      <NumberField v-if="photo" v-model="photoMm" :label="$t('Photo is wide')" unit="MILLIMETRE" />
    </div>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  gap: 12px;
}
svg {
  width: 100%;
  max-height: 46vh;
  border: 1px solid var(--p-line);
  border-radius: 8px;
  touch-action: none;
  background: var(--p-ground);
}
.line {
  fill: var(--p-fog);
  fill-opacity: 0.6;
  stroke: var(--p-still);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.axis {
  stroke: var(--p-quiet);
  stroke-dasharray: 6 5;
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
g[role='slider'] {
  cursor: grab;
}
.touch {
  fill: transparent;
}
.dot {
  fill: var(--p-ground);
  stroke: var(--p-still);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.chosen .dot {
  fill: var(--p-true);
  stroke: var(--p-true);
}
.acts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.acts .v-btn {
  height: 56px !important;
}
</style>
