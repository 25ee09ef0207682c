<script setup lang="ts">
// The mould seen from below, a press for each cavity: loose, stuck, broken, and round again.
import { computed } from 'vue'
import { t } from '@/words'

type Marks = Record<number, 'stuck' | 'broken'>
const props = defineProps<{ cavities: number; rows: number }>()
const marks = defineModel<Marks>({ required: true })

const across = computed(() => Math.ceil(props.cavities / Math.max(1, props.rows)))
const state = (n: number) => marks.value[n] ?? 'loose'
const WORDS = { loose: t('loose'), stuck: t('stuck'), broken: t('broken') }
function press(n: number) {
  const { [n]: was, ...rest } = marks.value
  marks.value =
    was === undefined
      ? { ...rest, [n]: 'stuck' }
      : was === 'stuck'
        ? { ...rest, [n]: 'broken' }
        : rest
}
const counts = computed(() => {
  const all = Object.values(marks.value)
  const stuck = all.filter((m) => m === 'stuck').length
  return t('{loose} loose, {stuck} stuck, {broken} broken', {
    loose: props.cavities - all.length,
    stuck,
    broken: all.length - stuck,
  })
})
</script>

<template>
  <div>
    <div class="mould" role="group" :aria-label="$t('Cavities')" :style="{ '--across': across }">
      <button
        v-for="n in cavities"
        :key="n"
        type="button"
        class="cavity"
        :class="state(n)"
        :aria-label="$t('Cavity {n}: {state}', { n, state: WORDS[state(n)] })"
        @click="press(n)"
      >
        <svg viewBox="-10 -10 20 20" aria-hidden="true">
          <circle r="8" />
          <path v-if="state(n) === 'stuck'" d="M-5 0H5" />
          <path v-else-if="state(n) === 'broken'" d="M-5 -5L-1 1L-4 2L5 5" />
        </svg>
      </button>
    </div>
    <p aria-live="polite">
      <b>{{ counts }}</b>
    </p>
  </div>
</template>

<style scoped>
.mould {
  display: grid;
  grid-template-columns: repeat(var(--across), minmax(0, 72px));
  gap: 4px;
  max-width: calc(var(--across) * 76px + 20px);
  padding: 10px;
  border: 2px solid var(--p-line);
  border-radius: 8px;
}
.cavity {
  aspect-ratio: 1;
  min-width: 0;
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
}
circle {
  fill: var(--p-fog);
  stroke: var(--p-quiet);
  stroke-width: 1.5;
}
path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
}
.stuck circle {
  fill: var(--p-choc-dark);
  stroke: var(--p-tight);
}
.stuck path,
.broken path {
  stroke: var(--p-tight);
}
.broken circle {
  stroke: var(--p-tight);
  stroke-dasharray: 3 3;
}
</style>
