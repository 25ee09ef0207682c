<script setup lang="ts">
// What goes with an ingredient: as pieces tasted here say, then by practice.
import { onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { written } from '@/words/locale'
import { counted } from '@/words'

const props = defineProps<{ ingredient: string }>()
const answer = ref<components['schemas']['FlavourPairsView'] | null>(null)
const trouble = ref('')
/** More of them are a list nobody reads. */
const FIRST = 8
const all = ref(false)

onMounted(async () => {
  try {
    answer.value = await ask(
      api.GET('/api/pairs/{ingredient}', { params: { path: { ingredient: props.ingredient } } }),
    )
  } catch (problem) {
    trouble.value = words(problem)
  }
})
</script>

<template>
  <section :aria-label="$t('What goes with it')">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="answer?.family">
      <h3 class="mt-4">{{ $t('What goes with it') }}</h3>
      <ul>
        <li
          v-for="pair in all ? answer.pairs : answer.pairs.slice(0, FIRST)"
          :key="pair.id"
          :class="{ off: pair.disliked }"
        >
          <router-link :to="`/larder/ingredients/${pair.id}`">{{ pair.name }}</router-link>
          <span v-if="pair.score != null">
            {{ pair.liked ? $t('liked here') : $t('not liked here') }}:
            {{ $t('{score} of 10', { score: written(pair.score, 1) }) }},
            {{ counted('{n} tasting | {n} tastings', pair.tasted) }}
          </span>
          <span v-else class="quiet">{{ $t('by practice') }}</span>
        </li>
      </ul>
      <p v-if="!answer.pairs.length" class="quiet">{{ $t('Nothing in the larder, so far.') }}</p>
      <v-btn
        v-if="!all && answer.pairs.length > FIRST"
        variant="text"
        size="large"
        @click="all = true"
        >{{ $t('All {count} of them', { count: answer.pairs.length }) }}</v-btn
      >
      <p class="quiet">
        {{
          $t(
            'Tastings of whole pieces of this house come first; then families of aroma that makers put together: common practice, no source.',
          )
        }}
      </p>
    </template>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  padding: 10px 0;
  border-bottom: 1px solid var(--p-line);
}
li a {
  font-weight: 600;
  color: inherit;
}
li.off a {
  font-weight: 400;
}
</style>
