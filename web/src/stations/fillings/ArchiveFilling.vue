<script setup lang="ts">
// Fillings go out of the lists and come back; nothing is deleted.
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type FillingSummary } from '@/api/client'
import { everyPage } from '@/parts/everyPage'
import { useRecipe } from './recipe'

const router = useRouter()
const { bench, loadAll } = useRecipe()
const archived = ref<FillingSummary[]>([])
const trouble = ref('')
const known = computed(() => bench.value.number > 0)

async function load() {
  archived.value = await everyPage((query) =>
    ask(api.GET('/api/fillings', { params: { query: { ...query, archived: true } } })),
  )
}

async function put(id: string, away: boolean, version: number) {
  await ask(
    api.PUT('/api/fillings/{id}/archived', {
      params: { path: { id } },
      body: { archived: away, version },
    }),
  )
  await Promise.all([loadAll(), load()])
  await router.push(away ? '/fillings/versions' : `/fillings/versions/${id}`)
}

async function bringBack(id: string) {
  const it = await ask(api.GET('/api/fillings/{id}', { params: { path: { id } } }))
  await put(id, false, it.recipe.version ?? 0)
}

/** Whatever goes wrong is said here. */
function said(work: Promise<void>) {
  trouble.value = ''
  work.catch((problem: unknown) => (trouble.value = words(problem)))
}
onMounted(() => said(load()))
</script>

<template>
  <section class="away no-print" :aria-label="$t('Archive')">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <v-btn
      v-if="known"
      size="large"
      variant="outlined"
      @click="said(put(bench.id, true, bench.recipe.version ?? 0))"
      >{{ $t('Archive {name}', { name: bench.recipe.name }) }}</v-btn
    >
    <p v-if="known" class="quiet">{{ $t('Out of the lists; pieces and old batches keep it.') }}</p>
    <v-btn
      v-for="each in archived"
      :key="each.id"
      size="large"
      variant="text"
      @click="said(bringBack(each.id))"
      >{{ $t('Bring back {name}', { name: each.name }) }}</v-btn
    >
  </section>
</template>

<style scoped>
.away {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 12px 18px;
  border-top: 1px solid var(--p-line);
}
</style>
