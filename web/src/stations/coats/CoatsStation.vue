<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import StationTabs from '@/parts/StationTabs.vue'
import { t } from '@/words'

const props = defineProps<{ tab?: string }>()
const TABS = [
  ['dip', t('Dip')],
  ['enrobe', t('Enrobe')],
  ['slab', t('Slab')],
  ['pipe', t('Pipe')],
  ['sheet', t('Sheet')],
  ['line', t('Lines')],
  ['weigh', t('Weigh back')],
] as const
const tabs = TABS.map(([id, words]) => ({ id, words, to: `/coats/${id}` }))
const current = computed(() => props.tab || 'dip')
const views = {
  dip: defineAsyncComponent(() => import('./DipTab.vue')),
  slab: defineAsyncComponent(() => import('./SlabTab.vue')),
  enrobe: defineAsyncComponent(() => import('./EnrobeTab.vue')),
  pipe: defineAsyncComponent(() => import('./PipeTab.vue')),
  sheet: defineAsyncComponent(() => import('./SheetTab.vue')),
  line: defineAsyncComponent(() => import('./LineTab.vue')),
  weigh: defineAsyncComponent(() => import('./CoatWeighTab.vue')),
}
const view = computed(() => views[current.value as keyof typeof views] ?? views.dip)
</script>

<template>
  <div class="coats">
    <StationTabs :name="$t('Coats')" :tabs="tabs" :current="current" />
    <component :is="view" />
  </div>
</template>

<style scoped>
.coats {
  display: grid;
  grid-template-rows: auto 1fr;
  height: 100%;
  min-height: 0;
}
</style>
