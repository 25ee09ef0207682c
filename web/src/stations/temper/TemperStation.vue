<script setup lang="ts">
import { t } from '@/words'
import { computed, defineAsyncComponent } from 'vue'
import StationTabs from '@/parts/StationTabs.vue'

const props = defineProps<{ tab?: string; id?: string }>()
const TABS = [
  ['plan', t('Plan')],
  ['bowls', t('Live')],
  ['back', t('Review')],
  ['short', t('Colour, coating, leftovers')],
] as const
const tabs = TABS.map(([id, words]) => ({ id, words, to: `/temper/${id}` }))
const current = computed(() => props.tab || 'plan')
const views = {
  plan: defineAsyncComponent(() => import('./PlanCurve.vue')),
  bowls: defineAsyncComponent(() => import('./AtTheBowl.vue')),
  back: defineAsyncComponent(() => import('./ReadBack.vue')),
  short: defineAsyncComponent(() => import('./ShortPaths.vue')),
}
const view = computed(() => views[current.value as keyof typeof views] ?? views.plan)
</script>

<template>
  <div class="temper">
    <StationTabs :name="$t('Temper')" :tabs="tabs" :current="current" />
    <component :is="view" :id="id || undefined" />
  </div>
</template>

<style scoped>
.temper {
  display: grid;
  grid-template-rows: auto 1fr;
  height: 100%;
  min-height: 0;
}
</style>
