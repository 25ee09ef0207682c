<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'

const props = defineProps<{ tab?: string; id?: string }>()
const TABS = [
  ['plan', 'Plan a curve'],
  ['bowls', 'At the bowl'],
  ['back', 'Read back'],
  ['short', 'Colour, coating, troubles'],
] as const
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
    <nav aria-label="Temper">
      <router-link
        v-for="[place, words] in TABS"
        :key="place"
        :to="`/temper/${place}`"
        :aria-current="current === place ? 'page' : undefined"
        >{{ words }}</router-link
      >
    </nav>
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
nav {
  display: flex;
  flex-wrap: wrap;
  border-bottom: 1px solid var(--p-line);
  padding: 0 14px;
}
nav a {
  min-height: 56px;
  display: flex;
  align-items: center;
  padding: 0 18px;
  color: inherit;
  text-decoration: none;
  border-bottom: 4px solid transparent;
}
nav a[aria-current] {
  border-color: var(--p-still);
  font-weight: 600;
}
</style>
