<script setup lang="ts">
// What a chocolate is fit for by its fat, whether it is tempered for that, and how small it is chopped.
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { sentence } from '@/parts/units'

defineProps<{ fit: components['schemas']['FitView'] }>()
const { taste } = useHouse()
</script>

<template>
  <section :aria-label="$t('What it is fit for')">
    <h3 class="mt-4">{{ $t('What it is fit for') }}</h3>
    <ul class="jobs">
      <li v-for="job in fit.jobs" :key="job.job" :class="job.answer">
        <b>{{ job.words }}</b> <span class="says">{{ job.says }}</span>
        <span v-if="job.answer !== 'NOT'" class="quiet">{{
          job.tempered ? $t('in temper') : $t('without temper')
        }}</span>
        <p class="quiet">{{ sentence(job.why, taste) }}</p>
      </li>
    </ul>
    <FigureString :figure="fit.thickness" />
    <FigureString :figure="fit.underCream" />
    <FigureString :figure="fit.asSeed" />
    <p class="quiet">
      {{ $t('An emulsifier makes a bag more fluid than its fat says: then believe the bag.') }}
    </p>
  </section>
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
