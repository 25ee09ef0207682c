<script setup lang="ts">
import { t } from '@/words'
import { computed } from 'vue'
import StationTabs from '@/parts/StationTabs.vue'
import OrdersTab from './OrdersTab.vue'
import PeopleTab from './PeopleTab.vue'
import WeekDays from './WeekDays.vue'

const props = defineProps<{ tab?: string }>()
const TABS = [
  { id: 'days', to: '/week', words: t('Days') },
  { id: 'orders', to: '/week/orders', words: t('Orders') },
  { id: 'people', to: '/week/people', words: t('People') },
]
const current = computed(() => props.tab || 'days')
</script>

<template>
  <div>
    <StationTabs class="no-print" :name="$t('Week')" :tabs="TABS" :current="current" />
    <section class="sheet">
      <OrdersTab v-if="current === 'orders'" />
      <PeopleTab v-else-if="current === 'people'" />
      <WeekDays v-else />
    </section>
  </div>
</template>
