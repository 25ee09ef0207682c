<script setup lang="ts">
// Which kind of piece a new one is to be.
import { t } from '@/words'
import type { Piece } from '@/api/client'

const emit = defineEmits<{ chosen: [kind: Piece['kind']]; cancel: [] }>()
const KINDS: { id: Piece['kind']; words: string; what: string }[] = [
  { id: 'MOULDED', words: t('Filled'), what: t('a shell out of a mould, fillings, a cap') },
  { id: 'SOLID', words: t('Cast full'), what: t('a bar or tablet, with what is in it') },
  { id: 'DIPPED', words: t('Dipped'), what: t('a square or truffle, coated') },
  { id: 'ROLLED', words: t('Rolled'), what: t('a truffle in cocoa or nuts, without a coat') },
  { id: 'HOLLOW', words: t('Hollow figure'), what: t('one part or two, on a base') },
  { id: 'SHEET', words: t('Plates and rounds'), what: t('cut out of a thin sheet') },
]
</script>

<template>
  <section class="sheet">
    <h1>{{ $t('What kind of piece?') }}</h1>
    <div class="kinds">
      <button v-for="kind in KINDS" :key="kind.id" type="button" @click="emit('chosen', kind.id)">
        <b>{{ kind.words }}</b>
        <span class="quiet">{{ kind.what }}</span>
      </button>
    </div>
    <v-btn variant="text" size="large" @click="emit('cancel')">{{ $t('Cancel') }}</v-btn>
  </section>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 14px;
  margin: 18px 0;
}
.kinds button {
  min-height: 110px;
  padding: 16px 18px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  text-align: left;
}
.kinds button:hover {
  border-color: var(--p-still);
}
.kinds b,
.kinds span {
  display: block;
}
.kinds b {
  font-size: 1.35rem;
}
</style>
