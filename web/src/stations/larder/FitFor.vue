<script setup lang="ts">
// What a chocolate is fit for by its fat, whether it is tempered for that, and how small it is chopped.
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import JobList from '@/parts/JobList.vue'

defineProps<{ fit: components['schemas']['FitView'] }>()
</script>

<template>
  <section :aria-label="$t('What it is fit for')">
    <h3 class="mt-4">{{ $t('What it is fit for') }}</h3>
    <JobList :jobs="fit.jobs" />
    <FigureString :figure="fit.thickness" />
    <FigureString :figure="fit.underCream" />
    <FigureString :figure="fit.asSeed" />
    <p class="quiet">
      {{ $t('An emulsifier makes a bag more fluid than its fat says: then believe the bag.') }}
    </p>
  </section>
</template>
