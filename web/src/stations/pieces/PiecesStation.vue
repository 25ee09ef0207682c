<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type Piece } from '@/api/client'
import PieceSection from './PieceSection.vue'
import PieceSheet from './PieceSheet.vue'
import SolidForm from './SolidForm.vue'

const props = defineProps<{ id?: string }>()
const pieces = ref<Piece[]>([])
const trouble = ref('')
const loaded = ref(false)

const piece = computed(() =>
  props.id ? pieces.value.find((p) => p.id === props.id) : pieces.value[0],
)

const router = useRouter()
/** New, or the one in the address, being written. */
const writing = ref<'new' | 'this' | null>(null)
watch(
  () => props.id,
  () => (writing.value = null),
)
const edited = computed(() =>
  writing.value === 'this' && piece.value?.kind === 'SOLID' ? piece.value : null,
)

async function saved(id: string) {
  await load()
  writing.value = null
  await router.push(`/pieces/${id}`)
}

onMounted(load)

async function load() {
  try {
    pieces.value = (await ask(api.GET('/api/pieces', { params: { query: {} } }))).items
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
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
      <button type="button" class="new" @click="writing = 'new'">New: cast full</button>
    </nav>
    <SolidForm
      v-if="writing"
      :key="writing"
      :piece="edited"
      :taken="pieces.map((p) => p.id)"
      @saved="saved"
      @cancel="writing = null"
    />
    <PieceSheet
      v-else-if="piece"
      :key="`${piece.id} ${piece.version}`"
      :piece="piece"
      @edit="writing = 'this'"
    />
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
.new {
  width: 100%;
  min-height: 56px;
  margin-top: 8px;
  border: 1.5px dashed var(--p-line);
  border-radius: 8px;
  font-weight: 600;
  text-align: center;
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
  .new {
    min-width: 140px;
  }
}
</style>
