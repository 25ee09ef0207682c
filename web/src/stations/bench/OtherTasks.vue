<script setup lang="ts">
// What runs beside the task in hand, and what may begin: each one press away.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed } from 'vue'
import type { Batch, Step } from '@/api/client'
import { useBatches } from '@/parts/batches'
import { clock, inTaste, timeOfDay } from '@/parts/units'
import { useHouse } from '@/parts/house'

const props = defineProps<{ batch: Batch; chosen: number; busy: boolean }>()
const emit = defineEmits<{ choose: [step: number]; begin: [step: number] }>()
const { elapsed, until } = useBatches()
const { taste } = useHouse()

const others = computed(() => props.batch.steps.filter((s) => s.number !== props.chosen))
const running = computed(() => others.value.filter((s) => s.status === 'UNDER_WAY'))
const ready = computed(() => others.value.filter((s) => s.status === 'READY'))
/** Nothing may begin yet, but a moment for it runs already. */
const pressing = computed(() =>
  others.value.filter((s) => s.status === 'WAITING' && s.latest && until(s.latest.at) < 3600),
)

function ran(step: Step): string {
  if (!step.clock) return clock(elapsed(step))
  const left = step.clock.targetS - elapsed(step)
  return `${left < 0 ? '+' : ''}${clock(left)}`
}

/** When it may, or must, begin. */
function moment(step: Step): { words: string; late: boolean } | null {
  if (step.latest) {
    const left = until(step.latest.at)
    if (left < 0) return { words: inTaste(step.latest.late, taste.value), late: true }
    if (left < 3600) return { words: t('within {left}', { left: clock(left) }), late: false }
  }
  if (step.earliest && until(step.earliest) > 0) {
    return {
      words: t('not before {earliest}', { earliest: timeOfDay(step.earliest) }),
      late: false,
    }
  }
  return step.taken.length
    ? { words: t('{taken} is taken', { taken: asList(step.taken) }), late: false }
    : null
}
</script>

<template>
  <section v-if="running.length || ready.length || pressing.length" :aria-label="$t('Other tasks')">
    <template v-if="running.length">
      <h2>{{ $t('Under way too') }}</h2>
      <button
        v-for="step in running"
        :key="step.number"
        type="button"
        class="task"
        @click="emit('choose', step.number)"
      >
        <span
          ><b>{{ step.title }}</b> <span class="quiet">{{ step.part }}</span></span
        >
        <b class="num" :class="{ late: step.clock && elapsed(step) > step.clock.longestS }">{{
          ran(step)
        }}</b>
      </button>
    </template>
    <template v-if="ready.length">
      <h2>{{ $t('May begin') }}</h2>
      <div v-for="step in ready" :key="step.number" class="task may">
        <button type="button" class="look" @click="emit('choose', step.number)">
          <b>{{ step.title }}</b> <span class="quiet">{{ step.part }}</span>
          <small v-if="moment(step)" :class="{ late: moment(step)!.late }">{{
            moment(step)!.words
          }}</small>
        </button>
        <v-btn variant="outlined" :disabled="busy" @click="emit('begin', step.number)">{{
          $t('Begin')
        }}</v-btn>
      </div>
    </template>
    <p v-for="step in pressing" :key="step.number" class="pressing">
      <b>{{ step.title }}</b>
      <span :class="{ late: moment(step)!.late }">{{ moment(step)!.words }}</span>
    </p>
  </section>
</template>

<style scoped>
section {
  grid-area: other;
  border: 1px solid var(--p-line);
  border-radius: 10px;
  padding: 8px 12px 10px;
}
h2 {
  font-size: 1.05rem;
  color: var(--p-quiet);
  margin: 2px 0;
}
.task {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 56px;
  padding: 2px 6px;
  text-align: left;
  border-radius: 8px;
}
.task + .task {
  border-top: 1px solid var(--p-line);
}
.task .num {
  font-size: 1.5rem;
}
.look {
  min-height: 56px;
  text-align: left;
}
small {
  display: block;
  font-size: 0.95rem;
  line-height: 1.2;
}
.late {
  color: var(--p-off);
}
.may .v-btn {
  min-height: 56px;
}
.pressing {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
  padding: 4px 6px;
}
</style>
