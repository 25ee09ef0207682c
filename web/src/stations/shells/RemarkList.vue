<script setup lang="ts">
// What a maker should know before doing it: each a line, beside a bar one sees from afar.
import type { components } from '@/api/schema'
import { useHouse } from '@/parts/house'
import { sentence } from '@/parts/units'

defineProps<{ remarks: components['schemas']['SentenceView'][] }>()
const { taste } = useHouse()
</script>

<template>
  <ul v-if="remarks.length" class="remarks">
    <li v-for="remark in remarks" :key="remark.template">{{ sentence(remark, taste) }}</li>
  </ul>
</template>

<style scoped>
.remarks {
  margin: 10px 0;
  padding: 10px 14px 10px 30px;
  border-left: 6px solid var(--p-tight);
  background: var(--p-fog);
}
</style>
