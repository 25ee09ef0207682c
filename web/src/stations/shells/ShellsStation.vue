<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import StationTabs from '@/parts/StationTabs.vue'
import { t } from '@/words'

const props = defineProps<{ tab?: string }>()
const TABS = [
  ['colour', t('Colour')],
  ['thickness', t('Thickness')],
  ['drain', t('Drain & scrape')],
  ['coats', t('Coats')],
  ['cold', t('Cold')],
  ['fill', t('Fill & cap')],
  ['demould', t('Demould')],
  ['weigh', t('Weigh back')],
] as const
const tabs = TABS.map(([id, words]) => ({ id, words, to: `/shells/${id}` }))
const current = computed(() => props.tab || 'thickness')
const views = {
  colour: defineAsyncComponent(() => import('./ColourTab.vue')),
  thickness: defineAsyncComponent(() => import('./ThicknessTab.vue')),
  drain: defineAsyncComponent(() => import('./DrainTab.vue')),
  coats: defineAsyncComponent(() => import('./CoatsTab.vue')),
  cold: defineAsyncComponent(() => import('./ColdTab.vue')),
  fill: defineAsyncComponent(() => import('./FillTab.vue')),
  demould: defineAsyncComponent(() => import('./DemouldTab.vue')),
  weigh: defineAsyncComponent(() => import('./WeighTab.vue')),
}
const view = computed(() => views[current.value as keyof typeof views] ?? views.thickness)
</script>

<template>
  <div class="shells">
    <StationTabs :name="$t('Shells')" :tabs="tabs" :current="current" />
    <component :is="view" />
  </div>
</template>

<style scoped>
.shells {
  display: grid;
  grid-template-rows: auto 1fr;
  height: 100%;
  min-height: 0;
}
</style>
