<script setup lang="ts">
import { computed } from 'vue'
import StationTabs from '@/parts/StationTabs.vue'
import ColourList from './ColourList.vue'
import CouvertureList from './CouvertureList.vue'
import IngredientList from './IngredientList.vue'
import MouldList from './MouldList.vue'

const props = defineProps<{ tab?: string; id?: string }>()
const TABS = [
  { id: 'ingredients', to: '/larder', words: 'Ingredients' },
  { id: 'couvertures', to: '/larder/couvertures', words: 'Couvertures' },
  { id: 'colours', to: '/larder/colours', words: 'Colours' },
  { id: 'moulds', to: '/larder/moulds', words: 'Moulds' },
]
const current = computed(() => props.tab || 'ingredients')
</script>

<template>
  <div class="larder">
    <StationTabs name="Larder" :tabs="TABS" :current="current" />
    <MouldList v-if="current === 'moulds'" :id="id" />
    <ColourList v-else-if="current === 'colours'" :id="id" />
    <CouvertureList v-else-if="current === 'couvertures'" :id="id" />
    <IngredientList v-else :id="id" />
  </div>
</template>

<style scoped>
.larder {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
  height: 100%;
}
</style>
