<script setup lang="ts">
// A piece while it is written: what one weighs, cut through, what matters of it, another beside it.
import type { Piece } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import { asList } from '@/words/locale'
import BesidePiece from './BesidePiece.vue'
import PieceQualities from './PieceQualities.vue'
import PieceSection from './PieceSection.vue'

defineProps<{
  piece: Piece
  /** What is drawn is from before: what is written now was refused. */
  old: boolean
  /** Its own id where it is in the books: nothing is laid beside itself. */
  own?: string
}>()
const { taste } = useHouse()
const g = (value: number) => quantity(value, 'GRAM', taste.value)
</script>

<template>
  <p class="weight num">{{ g(piece.whole.value) }}</p>
  <p class="quiet">
    {{
      $t('one piece: {parts}', {
        parts: asList(piece.parts.map((p) => `${p.name.toLowerCase()} ${g(p.value)}`)),
      })
    }}
  </p>
  <PieceSection :piece="piece" :class="{ old }" />
  <PieceQualities v-if="piece.qualities" :qualities="piece.qualities" :class="{ old }" />
  <slot />
  <BesidePiece :mine="piece" :own="own" />
</template>
