<script setup lang="ts">
// Where the melted couverture goes: into the pieces, and back to the bowl, drawn by mass.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed } from 'vue'
import type { Needs, Piece } from '@/api/client'
import BasisButton from '@/parts/BasisButton.vue'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

const props = defineProps<{ needs: Needs; piece: Piece }>()
const { taste } = useHouse()
const grams = (value: number) => quantity(value, 'GRAM', taste.value)
const MARKS = ['a', 'b']

const parts = computed(() => {
  const { kept, comesBack, toMelt, topUps, cap } = props.needs
  const allG = toMelt.value + (topUps?.value ?? 0)
  // Caps of another couverture come out of a bowl of their own.
  const here = cap ? kept.filter((figure) => !figure.name.includes('cap')) : kept
  return [
    ...here.map((figure, i) => ({ figure, words: figure.name, mark: MARKS[i % 2]! })),
    { figure: comesBack, words: t('comes back'), mark: 'c' },
  ].map((part) => ({ ...part, share: (part.figure.value / allG) * 100 }))
})
/** "shell 2.2 g, cap 1.1 g", as each kind of piece has it. */
const each = computed(() => asList(props.piece.parts.map((p) => `${p.name} ${grams(p.value)}`)))
</script>

<template>
  <div>
    <h2>{{ piece.couverture }}</h2>
    <BasisButton :figure="needs.toMelt">
      <i18n-t tag="span" class="melt" scope="global" keypath="{toMelt} to melt, seed included">
        <template #toMelt>
          <b class="num">{{ grams(needs.toMelt.value) }}</b>
        </template>
      </i18n-t>
      <span class="bar" aria-hidden="true">
        <i
          v-for="part in parts"
          :key="part.words"
          :class="part.mark"
          :style="{ flexGrow: part.share }"
        />
      </span>
      <span v-if="needs.topUps" class="turns">
        {{
          $t('In the bowl for each of {turns} turns; {more} more goes in between them.', {
            turns: needs.turns,
            more: grams(needs.topUps.value),
          })
        }}
      </span>
    </BasisButton>
    <div class="parts">
      <BasisButton v-for="part in parts" :key="part.words" :figure="part.figure">
        <span class="dot" :class="part.mark" aria-hidden="true" />
        <b class="num">{{ grams(part.figure.value) }}</b>
        <span class="quiet">{{ part.words }}</span>
      </BasisButton>
    </div>
    <i18n-t
      v-if="needs.cap"
      tag="p"
      class="each"
      scope="global"
      :keypath="
        needs.cap.caps
          ? 'For the caps: {toMelt} of {couverture}, in a bowl of its own.'
          : 'For the second couverture: {toMelt} of {couverture}, in a bowl of its own.'
      "
    >
      <template #toMelt>
        <b class="num">{{ grams(needs.cap.toMelt.value) }}</b>
      </template>
      <template #couverture>
        {{ needs.cap.couverture }}
      </template>
    </i18n-t>
    <p class="quiet each">
      {{ $t('One piece {whole}: {each}.', { whole: grams(piece.whole.value), each }) }}
    </p>
  </div>
</template>

<style scoped>
.melt b {
  font-size: 2.1rem;
  margin-right: 6px;
}
.turns {
  display: block;
  margin-top: 8px;
}
.bar {
  display: flex;
  gap: 3px;
  height: 18px;
  margin-top: 4px;
}
.bar i {
  border-radius: 3px;
  min-width: 2px;
}
.a {
  background: #6b4a3d;
}
.b {
  background: #a8552b;
}
.c {
  background: repeating-linear-gradient(45deg, #8b9793 0 3px, transparent 3px 6px);
  border: 1px solid #8b9793;
}
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(96px, 1fr));
}
.parts b,
.parts .quiet {
  display: block;
}
.parts b {
  font-size: 1.3rem;
}
.dot {
  display: inline-block;
  width: 14px;
  height: 14px;
  border-radius: 3px;
}
.each {
  padding: 0 10px;
}
</style>
