<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, words, type Batch, type BatchSummary } from '@/api/client'
import BatchRecord from './BatchRecord.vue'
import DaybookList from './DaybookList.vue'

const props = defineProps<{ id?: string }>()
const PAGE = 50

const rows = ref<BatchSummary[]>([])
const total = ref(0)
const page = ref(0)
const batch = ref<Batch | null>(null)
const trouble = ref('')
const loaded = ref(false)
const more = computed(() => total.value > (page.value + 1) * PAGE)

async function list(at: number) {
  try {
    const answer = await ask(
      api.GET('/api/batches', { params: { query: { page: at, size: PAGE } } }),
    )
    rows.value = answer.items
    total.value = answer.total
    page.value = at
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}

async function one(id: string) {
  batch.value = null
  try {
    batch.value = await ask(api.GET('/api/batches/{id}', { params: { path: { id } } }))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
}

watch(
  () => props.id,
  (id) => void (id ? one(id) : list(page.value)),
  { immediate: true },
)
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="id">
      <BatchRecord v-if="batch" :batch="batch" />
      <p v-else-if="!trouble" class="quiet">{{ $t('Opening the record …') }}</p>
      <v-btn v-else to="/daybook" size="large" variant="outlined" class="mt-4">{{
        $t('All days')
      }}</v-btn>
    </template>
    <DaybookList
      v-else-if="loaded && !trouble"
      :rows="rows"
      :total="total"
      :page="page"
      :more="more"
      @page="list"
      @taken="list(0)"
    />
  </section>
</template>
