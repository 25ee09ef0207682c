<script setup lang="ts">
// The couvertures of the workshop; each is an ingredient that is tempered and cast.
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type Ingredient } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import ListInOut from '@/parts/ListInOut.vue'
import { useTurn } from '@/parts/turn'
import { quantity } from '@/parts/units'
import CouvertureForm from './CouvertureForm.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const router = useRouter()
const find = ref('')
const archived = ref(false)
const page = ref(0)
const SIZE = 24
const couvertures = ref<Ingredient[]>([])
const total = ref(0)
const loaded = ref(false)
const trouble = ref('')
const box = ref<{ focus: () => void } | null>(null)
const chosen = ref<Ingredient | null>(null)
const copied = ref(false)
const writing = computed(
  () => Boolean(props.id) && (props.id === 'new' || chosen.value?.id === props.id),
)

const turn = useTurn()
async function load() {
  const current = turn()
  try {
    const query = {
      couvertures: true,
      find: find.value,
      archived: archived.value,
      page: page.value,
      size: SIZE,
    }
    const answer = await ask(api.GET('/api/ingredients', { params: { query } }))
    if (!current()) return
    couvertures.value = answer.items
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
      chosen.value = await ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } }))
      trouble.value = ''
    } catch (problem) {
      trouble.value = words(problem)
    }
  },
  { immediate: true },
)

async function saved() {
  await load()
  await router.push('/larder/couvertures')
}

async function putAway(it: Ingredient) {
  try {
    await ask(
      api.PUT('/api/ingredients/{id}/archived', {
        params: { path: { id: it.id } },
        body: { archived: !it.archived, version: it.version },
      }),
    )
  } catch (problem) {
    trouble.value = words(problem)
  }
  await load()
}

async function copy(it: Ingredient) {
  await router.push(`/larder/couvertures/${it.id}`)
  copied.value = true
}
const pages = computed(() => Math.ceil(total.value / SIZE))
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <CouvertureForm
      v-if="writing"
      :key="`${id} ${chosen?.version} ${copied}`"
      :couverture="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="router.push('/larder/couvertures')"
    />
    <template v-else>
      <header>
        <h1>Couvertures</h1>
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
        <ListInOut list="couvertures" what="couvertures" @taken="load" />
        <v-btn size="x-large" color="primary" to="/larder/couvertures/new">New couverture</v-btn>
      </header>
      <div class="cards">
        <v-card v-for="each in couvertures" :key="each.id" border class="pa-4">
          <router-link :to="`/larder/couvertures/${each.id}`" class="to">
            <span class="block" :class="each.couverture?.toLowerCase()" aria-hidden="true" />
            <b>{{ each.name }}</b>
          </router-link>
          <p class="quiet">
            {{ each.couverture?.toLowerCase() }},
            {{ quantity(each.fatPercent, 'PERCENT', taste) }} fat<template
              v-if="each.traits.pricePerKg != null"
              >, {{ quantity(each.traits.pricePerKg, 'MONEY', taste) }} a kilogram</template
            >
          </p>
          <p class="quiet">
            {{
              each.allergens.length
                ? `Allergens: ${each.allergens.join(', ').toLowerCase()}`
                : 'no allergens named'
            }}
          </p>
          <div class="acts">
            <v-btn variant="text" @click="copy(each)">Copy</v-btn>
            <v-btn variant="text" @click="putAway(each)">{{
              each.archived ? 'Bring back' : 'Archive'
            }}</v-btn>
          </div>
        </v-card>
      </div>
      <v-empty-state
        v-if="loaded && !couvertures.length && !trouble"
        :title="
          find
            ? `No couverture called “${find}”`
            : archived
              ? 'Nothing archived'
              : 'No couvertures yet'
        "
        text="A couverture is written from three numbers of its bag: cocoa, fat and sugars."
        action-text="New couverture"
        @click:action="router.push('/larder/couvertures/new')"
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
.block {
  height: 64px;
  border-radius: 6px;
  background: var(--p-choc-dark);
}
.block.milk {
  background: var(--p-choc-milk);
}
.block.white {
  background: var(--p-choc-white);
}
</style>
