<script setup lang="ts">
// The moulds of the workshop: found by name, a page at a time, those put away apart.
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type Mould } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import ListInOut from '@/parts/ListInOut.vue'
import { useTurn } from '@/parts/turn'
import { quantity } from '@/parts/units'
import CavityDrawing from './CavityDrawing.vue'
import MouldForm from './MouldForm.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const router = useRouter()
const find = ref('')
const archived = ref(false)
const page = ref(0)
const SIZE = 24
const moulds = ref<Mould[]>([])
const total = ref(0)
const loaded = ref(false)
const trouble = ref('')
const box = ref<{ focus: () => void } | null>(null)

/** The one in the address, or a copy of it. */
const chosen = ref<Mould | null>(null)
const copied = ref(false)
const writing = computed(
  () => Boolean(props.id) && (props.id === 'new' || chosen.value?.id === props.id),
)

const turn = useTurn()
async function load() {
  const current = turn()
  try {
    const query = { find: find.value, archived: archived.value, page: page.value, size: SIZE }
    const answer = await ask(api.GET('/api/moulds', { params: { query } }))
    if (!current()) return
    moulds.value = answer.items
    total.value = answer.total
    trouble.value = ''
  } catch (problem) {
    if (current()) trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
const soon = useDebounceFn(load, 150)
watch([find, archived], () => {
  page.value = 0
  void soon()
})
watch(page, load)
onMounted(load)
useKeys({ '/': () => box.value?.focus() })

watch(
  () => props.id,
  async (id) => {
    copied.value = false
    chosen.value = null
    if (!id || id === 'new') return
    try {
      chosen.value = await ask(api.GET('/api/moulds/{id}', { params: { path: { id } } }))
      trouble.value = ''
    } catch (problem) {
      trouble.value = words(problem)
    }
  },
  { immediate: true },
)

async function saved() {
  await load()
  await router.push('/larder/moulds')
}

async function putAway(mould: Mould) {
  try {
    await ask(
      api.PUT('/api/moulds/{id}/archived', {
        params: { path: { id: mould.id } },
        body: { archived: !mould.archived, version: mould.version ?? 0 },
      }),
    )
  } catch (problem) {
    trouble.value = words(problem)
  }
  await load()
}

async function copy(mould: Mould) {
  await router.push(`/larder/moulds/${mould.id}`)
  copied.value = true
}
const pages = computed(() => Math.ceil(total.value / SIZE))
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <MouldForm
      v-if="writing"
      :key="`${id} ${chosen?.version} ${copied}`"
      :mould="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="router.push('/larder/moulds')"
    />
    <template v-else>
      <header>
        <h1>Moulds</h1>
        <v-text-field
          ref="box"
          v-model="find"
          label="Find ( / )"
          density="comfortable"
          class="find"
          clearable
          @click:clear="find = ''"
        />
        <v-switch v-model="archived" label="Archived" hide-details class="flex-grow-0" />
        <ListInOut list="moulds" what="moulds" @taken="load" />
        <v-btn size="x-large" color="primary" to="/larder/moulds/new">New mould</v-btn>
      </header>
      <div class="cards">
        <v-card v-for="mould in moulds" :key="mould.id" border class="pa-4">
          <router-link :to="`/larder/moulds/${mould.id}`" class="to">
            <CavityDrawing :mould="mould" bare />
            <b>{{ mould.name }}</b>
          </router-link>
          <p class="quiet">
            {{ mould.cavities }} cavities of {{ quantity(mould.cavityMl, 'MILLILITRE', taste) }},
            {{ mould.owned }} owned<template v-if="mould.scratched">, scratched</template>
          </p>
          <p v-if="mould.lastHeld.length" class="held">
            last held {{ mould.lastHeld.join(', ').toLowerCase() }}
          </p>
          <div class="acts">
            <v-btn variant="text" @click="copy(mould)">Copy</v-btn>
            <v-btn variant="text" @click="putAway(mould)">{{
              mould.archived ? 'Bring back' : 'Archive'
            }}</v-btn>
          </div>
        </v-card>
      </div>
      <v-empty-state
        v-if="loaded && !moulds.length && !trouble"
        :title="
          find ? `No mould called “${find}”` : archived ? 'Nothing archived' : 'No moulds yet'
        "
        text="A mould is written by the shape of one cavity, or simply weighed with water."
        action-text="New mould"
        @click:action="router.push('/larder/moulds/new')"
      />
      <v-pagination
        v-if="pages > 1"
        :model-value="page + 1"
        :length="pages"
        @update:model-value="page = $event - 1"
      />
    </template>
  </section>
</template>

<style scoped src="./cards.css"></style>
<style scoped>
.to :deep(.cavity) {
  height: 110px;
}
.held {
  color: var(--p-off);
  font-weight: 600;
}
</style>
