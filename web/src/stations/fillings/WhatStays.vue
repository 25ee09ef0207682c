<script setup lang="ts">
// What a balance must leave alone: fruit, cost, what is done, and line by line; with the reason
// where a line stays by itself.
import { computed } from 'vue'
import { inField } from '@/words/locale'
import { freed, locked, toggleFreed, toggleLock } from './locks'
import { useRecipe } from './recipe'

const keep = defineModel<string[]>('keep', { required: true })
const moveOperations = defineModel<boolean>('moveOperations', { required: true })
const { benchWords, lines, sheet } = useRecipe()

function toggleKeep(what: string) {
  keep.value = keep.value.includes(what)
    ? keep.value.filter((k) => k !== what)
    : [...keep.value, what]
}

/** What a balance leaves alone by itself, and why, by the place of its line. */
const staying = computed(() => new Map((sheet.value?.staying ?? []).map((s) => [s.line, s])))
interface Held {
  stays: boolean
  why: string
  fixed: boolean
}
function held(line: number): Held {
  const own = staying.value.get(line)
  if (locked.value.includes(line)) return { stays: true, why: '', fixed: false }
  if (!own || freed.value.includes(line)) return { stays: false, why: '', fixed: false }
  return { stays: true, why: own.words, fixed: !own.main }
}
function toggle(line: number) {
  if (locked.value.includes(line) || !staying.value.has(line)) toggleLock(line)
  else toggleFreed(line)
}
</script>

<template>
  <h2 class="mt-5 mb-2">{{ $t('What must stay') }}</h2>
  <div class="locks mb-2">
    <button
      v-for="k in benchWords?.keeps"
      :key="k.keep"
      type="button"
      :aria-pressed="keep.includes(k.keep)"
      @click="toggleKeep(k.keep)"
    >
      {{ k.words }} <b>{{ keep.includes(k.keep) ? $t('yes') : $t('need not') }}</b>
    </button>
    <button type="button" :aria-pressed="!moveOperations" @click="moveOperations = !moveOperations">
      {{ $t('What is done: boiling down, cooking, pans') }}
      <b>{{ moveOperations ? $t('may move') : $t('stays') }}</b>
    </button>
  </div>
  <div class="locks">
    <button
      v-for="(l, i) in lines"
      :key="i"
      type="button"
      :aria-pressed="held(i).stays"
      :disabled="held(i).fixed"
      @click="toggle(i)"
    >
      <span>
        {{ l.name }} {{ inField(l.line.amount) }} {{ l.line.unit }}
        <small v-if="held(i).why">{{ held(i).why }}</small>
      </span>
      <b>{{ held(i).stays ? $t('stays') : $t('may move') }}</b>
    </button>
  </div>
</template>

<style scoped>
.locks {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.locks button {
  display: flex;
  justify-content: space-between;
  min-height: 44px;
  align-items: center;
  padding: 0 12px;
  border: 1px solid var(--p-line);
  border-radius: 6px;
}
.locks small {
  display: block;
  color: var(--p-quiet);
}
.locks button[disabled] {
  opacity: 0.85;
}
.locks button[aria-pressed='true'] {
  border: 2px solid var(--p-still);
  background: var(--p-fog);
}
</style>
