<script setup lang="ts">
import { t } from '@/words'
import { computed, ref } from 'vue'
import { useHouse } from '@/parts/house'
import StationTabs from '@/parts/StationTabs.vue'
import HouseRules from './HouseRules.vue'
import InAndOut from './InAndOut.vue'

const props = defineProps<{ tab?: string }>()
const TABS = [
  { id: 'rules', to: '/house', words: t('House rules') },
  { id: 'exchange', to: '/house/exchange', words: t('Import & export') },
]
const { house, trouble } = useHouse()
/** After a save the form begins anew on what was saved. */
const saves = ref(0)
const current = computed(() => props.tab || 'rules')
</script>

<template>
  <div class="house">
    <StationTabs :name="$t('House')" :tabs="TABS" :current="current" />
    <InAndOut v-if="current === 'exchange'" />
    <HouseRules
      v-else-if="house"
      :key="saves"
      :rules="house.rules"
      :kept="saves > 0"
      @saved="saves++"
    />
    <p v-else class="sheet quiet">{{ trouble || $t('Looking them up …') }}</p>
  </div>
</template>

<style scoped>
.house {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
  height: 100%;
}
</style>
