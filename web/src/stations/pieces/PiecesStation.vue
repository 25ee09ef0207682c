<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, isRefused, words, type Piece, type PieceRow } from '@/api/client'
import ListInOut from '@/parts/ListInOut.vue'
import { useTurn } from '@/parts/turn'
import { drawn } from './drawn'
import { TITLES, type LooseKind } from './loose'
import LooseForm from './LooseForm.vue'
import MouldedForm from './MouldedForm.vue'
import NewPiece from './NewPiece.vue'
import PieceSection from './PieceSection.vue'
import PieceSheet from './PieceSheet.vue'
import SolidForm from './SolidForm.vue'

const props = defineProps<{ id?: string }>()
const pieces = ref<PieceRow[]>([])
/** The one that is looked at, whole. */
const piece = ref<Piece>()
const trouble = ref('')
const PAGE = 40
const pages = ref(1)
const total = ref(0)
const loaded = ref(false)

const router = useRouter()
const route = useRoute()
/** New of a kind, or the kind being chosen, or the one in the address or a copy being written. */
const writing = ref<Piece['kind'] | 'which' | 'this' | 'copy' | null>(null)
watch(
  () => props.id,
  () => {
    writing.value = null
    // Whatever is on its way still: who has pressed one sees that one.
    void look()
  },
)
const edited = computed(() =>
  writing.value === 'this' || writing.value === 'copy' ? piece.value : undefined,
)
const filled = computed(() => (edited.value?.kind === 'MOULDED' ? edited.value : null))
const solid = computed(() => (edited.value?.kind === 'SOLID' ? edited.value : null))
const loose = computed(() => (edited.value && 'asked' in edited.value ? edited.value : null))
/** Of which kind what is written is, where it is none of the first two. */
const looseKind = computed<LooseKind | null>(() => {
  if (loose.value) return loose.value.kind
  return writing.value !== null && writing.value in TITLES ? (writing.value as LooseKind) : null
})

async function putAway() {
  const it = piece.value
  if (!it) return
  try {
    await ask(
      api.PUT('/api/pieces/{id}/archived', {
        params: { path: { id: it.id } },
        body: { archived: !it.archived, version: it.version ?? 0 },
      }),
    )
    await load()
    if (!archived.value) await router.push('/pieces')
  } catch (problem) {
    trouble.value = words(problem)
  }
}
const archived = ref(false)
const find = ref('')
const soon = useDebounceFn(load, 150)
watch([archived, find], () => {
  pages.value = 1
  void soon()
})
async function more() {
  pages.value++
  await load()
}

const turn = useTurn()
/** The one in the address, else the first of the list: whole, as it is now. */
async function look() {
  const current = turn()
  const id = props.id ?? pieces.value[0]?.id
  if (!id) {
    piece.value = undefined
    return
  }
  try {
    const one = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }))
    if (current()) piece.value = one.archived === archived.value ? one : undefined
  } catch (problem) {
    if (!current()) return
    piece.value = undefined
    if (!isRefused(problem, 'not-here')) trouble.value = words(problem)
  }
}

async function saved(id: string) {
  await load()
  writing.value = null
  await router.push(`/pieces/${id}`)
}

onMounted(async () => {
  await load()
  // The way from the cards of a new house.
  if ('new' in route.query) {
    const kind = String(route.query.new)
    writing.value = kind in TITLES || kind === 'SOLID' ? (kind as Piece['kind']) : 'MOULDED'
  }
})

async function load() {
  try {
    const query = { find: find.value, archived: archived.value, size: PAGE * pages.value }
    const answer = await ask(api.GET('/api/pieces', { params: { query } }))
    pieces.value = answer.items
    total.value = answer.total
    trouble.value = ''
    await look()
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
</script>

<template>
  <div class="pieces">
    <nav class="list" :aria-label="$t('Pieces')">
      <v-text-field v-model="find" :label="$t('Find')" density="comfortable" class="find" />
      <router-link
        v-for="each in pieces"
        :key="each.id"
        :to="`/pieces/${each.id}`"
        :class="{ here: each.id === piece?.id }"
      >
        <PieceSection :piece="drawn(each)" bare />
        <span>
          <b>{{ each.name }}</b>
          <span class="quiet">{{ each.couverture ?? $t('no coat') }}</span>
        </span>
      </router-link>
      <button v-if="total > PAGE * pages && pages < 5" type="button" class="new" @click="more">
        {{ $t('{total} more', { total: total - PAGE * pages }) }}
      </button>
      <p v-else-if="total > PAGE * pages" class="quiet">
        {{ $t('{total} more: find them by name.', { total: total - PAGE * pages }) }}
      </p>
      <button type="button" class="new" @click="writing = 'which'">
        {{ $t('New piece') }}
      </button>
      <v-switch v-model="archived" :label="$t('Archived')" hide-details class="flex-grow-0" />
      <ListInOut list="pieces" :what="$t('pieces')" @taken="load" />
    </nav>
    <NewPiece v-if="writing === 'which'" @chosen="writing = $event" @cancel="writing = null" />
    <LooseForm
      v-else-if="looseKind"
      :key="`${looseKind} ${writing}`"
      :kind="looseKind"
      :piece="loose"
      :copied="writing === 'copy'"
      @saved="saved"
      @cancel="writing = null"
    />
    <MouldedForm
      v-else-if="writing === 'MOULDED' || filled"
      :key="`moulded ${writing}`"
      :piece="filled"
      :copied="writing === 'copy'"
      :tried="typeof route.query.tried === 'string' ? route.query.tried : undefined"
      @saved="saved"
      @cancel="writing = null"
    />
    <SolidForm
      v-else-if="writing"
      :key="writing"
      :piece="solid"
      :copied="writing === 'copy'"
      @saved="saved"
      @cancel="writing = null"
    />
    <PieceSheet
      v-else-if="piece"
      :key="`${piece.id} ${piece.version}`"
      :piece="piece"
      @edit="writing = 'this'"
      @copy="writing = 'copy'"
      @put-away="putAway"
    />
    <section v-else class="sheet">
      <p v-if="trouble" class="trouble">{{ trouble }}</p>
      <p v-else-if="!loaded" class="quiet">{{ $t('Looking up the pieces …') }}</p>
      <template v-else-if="id && pieces.length">
        <h1>{{ $t('No piece of that name') }}</h1>
        <p class="quiet">
          {{ $t('“{id}” is not in the books. Choose one from the list.', { id }) }}
        </p>
      </template>
      <template v-else>
        <h1>{{ $t('No pieces yet') }}</h1>
        <p class="quiet mb-5">
          {{ $t('A piece wants a mould, a couverture and, where it is filled, a filling.') }}
        </p>
        <v-btn size="x-large" color="primary" @click="writing = 'which'">{{
          $t('New piece')
        }}</v-btn>
        <v-btn size="x-large" variant="outlined" class="ml-3" to="/begin">{{
          $t('To the cards')
        }}</v-btn>
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
.find {
  margin-bottom: 8px;
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
    gap: 8px;
    align-items: center;
    border-right: 0;
    border-bottom: 1px solid var(--p-line);
  }
  .list > * {
    flex: none;
  }
  .list a {
    width: 210px;
  }
  .list .find {
    width: 150px;
    margin-bottom: 0;
  }
  .list .new {
    width: auto;
    margin-top: 0;
    padding: 0 16px;
  }
}
@media (max-width: 700px) {
  .list a {
    width: 180px;
  }
}
</style>
