<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, words, type Piece } from '@/api/client'
import PieceSection from './PieceSection.vue'
import PieceSheet from './PieceSheet.vue'

const props = defineProps<{ id?: string }>()
const pieces = ref<Piece[]>([])
const trouble = ref('')
const loaded = ref(false)

const piece = computed(() =>
  props.id ? pieces.value.find((p) => p.id === props.id) : pieces.value[0],
)

onMounted(async () => {
  try {
    pieces.value = (await ask(api.GET('/api/pieces', { params: { query: {} } }))).items
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
})
</script>

<template>
  <div class="pieces">
    <nav class="list" aria-label="Pieces">
      <router-link
        v-for="each in pieces"
        :key="each.id"
        :to="`/pieces/${each.id}`"
        :class="{ here: each.id === piece?.id }"
      >
        <PieceSection :piece="each" bare />
        <span>
          <b>{{ each.name }}</b>
          <span class="quiet">{{ each.couverture }}</span>
        </span>
      </router-link>
    </nav>
    <PieceSheet v-if="piece" :key="piece.id" :piece="piece" />
    <section v-else class="sheet">
      <p v-if="trouble" class="trouble">{{ trouble }}</p>
      <p v-else-if="!loaded" class="quiet">Looking up the pieces …</p>
      <template v-else-if="id && pieces.length">
        <h1>No piece of that name</h1>
        <p class="quiet">“{{ id }}” is not in the books. Choose one from the list.</p>
      </template>
      <template v-else>
        <h1>No pieces yet</h1>
        <p class="quiet mb-5">Read in ingredients, moulds, fillings and pieces from files.</p>
        <v-btn size="x-large" color="primary" to="/larder">To the Larder</v-btn>
      </template>
    </section>
  </div>
</template>

<style scoped>
.pieces {
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr);
  height: 100%;
}
.list {
  border-right: 1px solid var(--p-line);
  overflow: auto;
  padding: 10px;
}
.list a {
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 12px;
  align-items: center;
  min-height: 72px;
  padding: 6px 8px;
  border-radius: 8px;
  color: inherit;
  text-decoration: none;
}
.list a.here {
  background: var(--p-fog);
  box-shadow: inset 4px 0 0 var(--p-still);
}
.list b,
.list span span {
  display: block;
  line-height: 1.25;
}
@media (max-width: 1000px) {
  .pieces {
    grid-template: auto 1fr / 1fr;
  }
  .list {
    display: flex;
    border-right: 0;
    border-bottom: 1px solid var(--p-line);
  }
  .list a {
    min-width: 210px;
  }
}
@media (max-width: 700px) {
  .list a {
    min-width: 180px;
  }
}
</style>
