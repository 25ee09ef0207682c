<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import { useBatches } from '@/parts/batches'
import BatchOver from './BatchOver.vue'
import StepNow from './StepNow.vue'

const props = defineProps<{ id?: string }>()
const { open, underWay, loaded, trouble, loadOne } = useBatches()

/** An own house begins without pieces: then the way leads to them. */
const nothingToMake = ref(false)
onMounted(async () => {
  try {
    const pieces = await ask(api.GET('/api/pieces', { params: { query: { size: 1 } } }))
    nothingToMake.value = pieces.total === 0
  } catch {
    // The Bench itself says when the server is away.
    nothingToMake.value = false
  }
})

const lost = ref('')
/** The batch in the address, or else the one begun last. */
const batch = computed(() => (props.id ? open.get(props.id) : underWay.value[0]))

watch(
  () => props.id,
  async (id) => {
    lost.value = ''
    if (!id || open.has(id)) return
    try {
      await loadOne(id)
    } catch (problem) {
      lost.value = words(problem)
    }
  },
  { immediate: true },
)
</script>

<template>
  <p v-if="trouble" class="trouble away" role="status">{{ trouble }}</p>
  <nav v-if="underWay.length > 1" class="tabs" :aria-label="$t('Batches under way')">
    <router-link
      v-for="other in underWay"
      :key="other.summary.id"
      :to="`/bench/${other.summary.id}`"
      :class="{ here: other.summary.id === batch?.summary.id }"
    >
      {{ other.summary.pieceName }}
      <span>{{ other.steps[other.step - 1]?.title }}</span>
    </router-link>
  </nav>
  <StepNow v-if="batch?.summary.state === 'RUNNING'" :key="batch.summary.id" :batch="batch" />
  <BatchOver v-else-if="batch" :batch="batch" />
  <section v-else-if="lost" class="sheet">
    <h1>{{ $t('Not on the bench') }}</h1>
    <p class="trouble mt-4">{{ lost }}</p>
    <v-btn to="/pieces" color="primary" size="x-large" class="mt-6">{{
      $t('Choose a piece')
    }}</v-btn>
  </section>
  <section v-else-if="loaded" class="sheet empty">
    <h1>{{ $t('The bench is clear') }}</h1>
    <template v-if="nothingToMake">
      <p>{{ $t('There is no piece to make yet: a few cards lead to the first one.') }}</p>
      <v-btn to="/begin" color="primary" size="x-large" class="mt-6 wide">{{
        $t('Begin the house')
      }}</v-btn>
    </template>
    <template v-else>
      <p>{{ $t('Choose a piece and how much of it; then begin.') }}</p>
      <v-btn to="/pieces" color="primary" size="x-large" class="mt-6 wide">{{
        $t('Choose a piece')
      }}</v-btn>
    </template>
  </section>
  <section v-else class="sheet quiet">{{ $t('Looking at the bench …') }}</section>
</template>

<style scoped>
.away {
  margin: 12px 24px 0;
}
.tabs {
  display: flex;
  gap: 8px;
  padding: 10px 24px 0;
  overflow-x: auto;
}
.tabs a {
  padding: 8px 16px;
  min-height: 56px;
  border: 1px solid var(--p-line);
  border-radius: 8px;
  color: inherit;
  text-decoration: none;
  font-weight: 600;
  white-space: nowrap;
}
.tabs a.here {
  border-color: var(--p-still);
  box-shadow: inset 0 -4px 0 var(--p-still);
}
.tabs span {
  display: block;
  font-weight: 400;
  color: var(--p-quiet);
}
.empty {
  padding-top: 12vh;
  text-align: center;
  font-size: 1.3rem;
}
.empty h1 {
  font-size: 3rem;
}
.wide {
  min-width: 320px;
  min-height: 72px;
  font-size: 1.3rem;
}
@media (max-width: 700px) {
  .empty h1 {
    font-size: 2.2rem;
  }
  .wide {
    min-width: 0;
    width: 100%;
  }
}
</style>
