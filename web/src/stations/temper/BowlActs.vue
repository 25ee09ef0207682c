<script setup lang="ts">
// What can be done at a bowl: one press, then the number where there is one.
import { t } from '@/words'
import { computed, nextTick, ref } from 'vue'
import type { BowlEventKind, Unit } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import { fromTaste, symbol, typed as readTyped } from '@/parts/units'

const props = defineProps<{ typed: boolean; massG: number }>()
const emit = defineEmits<{
  read: [celsius: number]
  act: [kind: BowlEventKind, amount?: number, seconds?: number, text?: string]
  test: []
  over: []
}>()
const { taste } = useHouse()

type Act = { kind: BowlEventKind | 'READ'; words: string; unit?: Unit; seconds?: boolean }
const ACTS: Act[] = [
  { kind: 'READ', words: t('Note a temperature'), unit: 'CELSIUS' },
  { kind: 'HEAT', words: t('Heated'), unit: 'SECOND' },
  { kind: 'BATH', words: t('Cold bath'), unit: 'SECOND' },
  { kind: 'SEED', words: t('Seed stirred in'), unit: 'GRAM' },
  { kind: 'TABLED', words: t('Tabled, two thirds'), unit: 'SECOND', seconds: true },
  { kind: 'TOP_UP', words: t('Warm couverture'), unit: 'GRAM' },
  { kind: 'TAKEN', words: t('Taken out'), unit: 'GRAM' },
  { kind: 'CENTRES', words: t('Cold centres dipped'), unit: 'GRAM' },
  { kind: 'STREAKS', words: t('Streaks') },
  { kind: 'TACK', words: t('Tacky') },
  { kind: 'DULL', words: t('Dull') },
]
const acts = computed(() => ACTS.filter((a) => a.kind !== 'READ' || props.typed))
const asked = ref<Act | null>(null)
const text = ref('')
const field = ref<HTMLInputElement | null>(null)
const wrong = ref('')

async function press(act: Act) {
  wrong.value = ''
  if (!act.unit) {
    emit('act', act.kind as BowlEventKind)
    return
  }
  asked.value = act
  text.value = ''
  await nextTick()
  field.value?.focus()
}

function send() {
  const act = asked.value
  if (!act?.unit) return
  const value = readTyped(text.value)
  if (Number.isNaN(value)) {
    wrong.value = t('“{text}” is not a number.', { text: text.value })
    return
  }
  const kept = fromTaste(value, act.unit, taste.value)
  if (act.kind === 'READ') emit('read', kept)
  else if (act.seconds) emit('act', act.kind, 2 / 3, kept)
  else emit('act', act.kind, kept)
  asked.value = null
}
useKeys({ t: () => props.typed && void press(ACTS[0]!) })
</script>

<template>
  <div class="acts">
    <form v-if="asked" @submit.prevent="send">
      <label
        >{{ asked.words }}
        <input ref="field" v-model="text" inputmode="decimal" autocomplete="off" />
        {{ symbol(asked.unit!, taste) }}</label
      >
      <p v-if="wrong" class="trouble" role="alert">{{ wrong }}</p>
      <v-btn size="x-large" variant="outlined" @click="asked = null">{{ $t('Cancel') }}</v-btn>
      <v-btn size="x-large" color="primary" type="submit">{{ $t('Note it') }}</v-btn>
    </form>
    <template v-else>
      <v-btn size="x-large" color="primary" class="main" @click="emit('test')">{{
        $t('Paper test')
      }}</v-btn>
      <button v-for="act in acts" :key="act.kind" type="button" @click="press(act)">
        {{ act.words }}
      </button>
      <button type="button" class="over" @click="emit('over')">
        {{ $t('Bowl is done with') }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
.acts > button,
.main {
  min-height: 56px;
  height: 56px !important;
  padding: 0 16px;
  border-radius: 8px;
}
.acts > button:not(.main) {
  border: 1.5px solid var(--p-line);
}
.over {
  margin-left: auto;
}
form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  width: 100%;
}
label {
  font-size: 1.3rem;
}
input {
  width: 130px;
  height: 60px;
  font-size: 1.8rem;
  text-align: right;
  padding: 0 10px;
  margin: 0 6px;
  border: 2px solid var(--p-still);
  border-radius: 8px;
  font-variant-numeric: tabular-nums;
}
</style>
