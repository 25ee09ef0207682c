<script setup lang="ts">
import { t } from '@/words'
import { computed } from 'vue'
import StationTabs from '@/parts/StationTabs.vue'
import ColourList from './ColourList.vue'
import CouvertureList from './CouvertureList.vue'
import IngredientList from './IngredientList.vue'
import MouldList from './MouldList.vue'

const props = defineProps<{ tab?: string; id?: string }>()
const TABS = [
  { id: 'ingredients', to: '/larder', words: t('Ingredients') },
  { id: 'couvertures', to: '/larder/couvertures', words: t('Couvertures') },
  { id: 'colours', to: '/larder/colours', words: t('Colours') },
  { id: 'moulds', to: '/larder/moulds', words: t('Moulds') },
]
const current = computed(() => props.tab || 'ingredients')
</script>

<template>
  <div class="larder">
    <StationTabs :name="$t('Larder')" :tabs="TABS" :current="current" />
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
