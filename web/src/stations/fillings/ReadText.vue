<script setup lang="ts">
// A recipe's text as it was read: what became a line, a thing to do, a number, or nothing.
import { computed } from 'vue'
import { t } from '@/words'
import type { ReadRecipe } from '@/api/client'

const props = defineProps<{ text: string; spans: ReadRecipe['spans'] }>()

type Went = ReadRecipe['spans'][number]['went'] | 'NOTHING'
const WENT: { id: Went; words: string }[] = [
  { id: 'LINE', words: t('goes in') },
  { id: 'DONE', words: t('is done') },
  { id: 'SET', words: t('sets it') },
  { id: 'NOWHERE', words: t('not used') },
]

/** The whole text in stretches, each with where it went. */
const stretches = computed(() => {
  const found: { words: string; went: Went }[] = []
  let at = 0
  for (const span of props.spans) {
    if (span.from > at) found.push({ words: props.text.slice(at, span.from), went: 'NOTHING' })
    found.push({ words: props.text.slice(span.from, span.to), went: span.went })
    at = span.to
  }
  if (at < props.text.length) found.push({ words: props.text.slice(at), went: 'NOTHING' })
  return found
})
</script>

<template>
  <figure>
    <p class="text" :aria-label="$t('The text, and where each part of it went')">
      <template v-for="(s, i) in stretches" :key="i">
        <mark v-if="s.went !== 'NOTHING'" :class="s.went.toLowerCase()">{{ s.words }}</mark>
        <template v-else>{{ s.words }}</template>
      </template>
    </p>
    <figcaption class="quiet">
      <mark v-for="w in WENT" :key="w.id" :class="w.id.toLowerCase()">{{ w.words }}</mark>
    </figcaption>
  </figure>
</template>

<style scoped>
.text {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  line-height: 1.7;
  max-height: 320px;
  overflow: auto;
  padding: 8px 0;
}
figcaption {
  margin-top: 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
mark {
  background: none;
  color: inherit;
  border-bottom: 2px solid transparent;
}
/* Told apart by shape as well as by colour. */
mark.line {
  border-bottom: 2px solid rgb(var(--v-theme-primary));
}
mark.done {
  font-weight: 700;
}
mark.set {
  border-bottom: 2px dotted currentcolor;
}
mark.nowhere {
  background: rgba(var(--v-theme-warning), 0.25);
  outline: 1px dashed rgb(var(--v-theme-warning));
}
</style>
