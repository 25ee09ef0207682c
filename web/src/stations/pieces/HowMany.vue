<script setup lang="ts">
import { t } from '@/words'
import { computed, ref, watch } from 'vue'
import type { Needs } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity, typed } from '@/parts/units'

/** In what pieces are counted besides: moulds, sheets, or nothing. */
const props = defineProps<{
  needs: Needs | null
  refused: string
  holder: 'MOULD' | 'SHEET' | null
}>()
const count = defineModel<number | null>('count', { required: true })
const by = defineModel<'moulds' | 'pieces'>('by', { required: true })
const { taste } = useHouse()

const manyHolders = computed(() =>
  props.holder === 'SHEET' ? t('How many sheets') : t('How many moulds'),
)
const text = ref(String(count.value ?? ''))
watch(count, (n) => {
  if (n !== null && typed(text.value) !== n) text.value = String(n)
})

/** Only whole numbers go out; the server says which of them it takes. */
function type() {
  const n = typed(text.value)
  count.value = Number.isInteger(n) ? n : null
}

function step(by: number) {
  count.value = Math.max(1, (count.value ?? 0) + by)
}

function change(to: 'moulds' | 'pieces') {
  if (to === by.value) return
  by.value = to
  if (props.needs) count.value = to === 'moulds' ? props.needs.moulds : props.needs.pieces
}
</script>

<template>
  <div class="many">
    <div class="row">
      <button type="button" :aria-label="$t('One less')" @click="step(-1)">−</button>
      <input
        v-model="text"
        inputmode="numeric"
        :aria-label="by === 'pieces' ? $t('How many pieces') : manyHolders"
        :aria-invalid="refused !== ''"
        @input="type"
      />
      <button type="button" :aria-label="$t('One more')" @click="step(1)">+</button>
    </div>
    <div v-if="holder" class="choice" role="group" :aria-label="$t('Count by')">
      <button
        v-for="what in ['moulds', 'pieces'] as const"
        :key="what"
        type="button"
        :aria-pressed="by === what"
        @click="change(what)"
      >
        {{ what === 'pieces' ? $t('pieces') : holder === 'SHEET' ? $t('sheets') : $t('moulds') }}
      </button>
    </div>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <p v-else-if="needs && !holder" class="quiet">
      {{
        $t('{pieces}, {steps} steps.', {
          pieces: quantity(needs.pieces, 'PIECE', taste),
          steps: needs.steps,
        })
      }}
    </p>
    <p v-else-if="needs" class="quiet">
      {{
        $t('{pieces} in {moulds}, {steps} steps.', {
          pieces: quantity(needs.pieces, 'PIECE', taste),
          moulds: quantity(needs.moulds, holder ?? 'MOULD', taste),
          steps: needs.steps,
        })
      }}
      <b v-if="holder === 'MOULD' && needs.moulds > needs.mouldsOwned" class="short">{{
        needs.turns > 1
          ? $t('You have {mouldsOwned}: cast in {turns} turns, one after the other.', {
              mouldsOwned: needs.mouldsOwned,
              turns: needs.turns,
            })
          : $t('You have {mouldsOwned}: make it several batches, one after the other.', {
              mouldsOwned: needs.mouldsOwned,
            })
      }}</b>
    </p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 72px 1fr 72px;
  gap: 8px;
}
button,
input {
  height: 72px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  font-size: 2rem;
  text-align: center;
  width: 100%;
}
input {
  border-color: var(--p-still);
  font-size: 2.6rem;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
  color: inherit;
}
.choice {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 8px 0;
}
.choice button {
  height: 56px;
  font-size: 1.15rem;
}
.choice button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
  font-weight: 600;
}
.short {
  color: var(--p-tight);
}
</style>
