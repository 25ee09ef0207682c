<script setup lang="ts">
// What a chocolate is fit for, job by job.
import type { components } from '@/api/schema'
import { useHouse } from '@/parts/house'
import { sentence } from '@/parts/units'

defineProps<{ jobs: components['schemas']['JobView'][] }>()
const { taste } = useHouse()
</script>

<template>
  <ul class="jobs">
    <li v-for="job in jobs" :key="job.job" :class="job.answer">
      <b>{{ job.words }}</b> <span class="says">{{ job.says }}</span>
      <span v-if="job.answer !== 'NOT'" class="quiet">{{
        job.tempered ? $t('in temper') : $t('without temper')
      }}</span>
      <p class="quiet">{{ sentence(job.why, taste) }}</p>
    </li>
  </ul>
</template>

<style scoped>
.jobs {
  list-style: none;
  padding: 0;
}
.jobs li {
  border-left: 6px solid var(--p-line);
  padding: 6px 0 6px 14px;
  margin: 6px 0;
}
.jobs .FIT {
  border-left-color: var(--p-true);
}
.jobs .NEAR {
  border-left-color: var(--p-tight);
}
.jobs .NOT {
  border-left-style: dotted;
}
.says {
  margin: 0 8px;
}
.jobs p {
  margin: 0;
}
</style>
