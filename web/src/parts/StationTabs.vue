<script setup lang="ts">
// The tabs of a station, each a place with an address of its own.
defineProps<{
  /** What they are the tabs of. */
  name: string
  tabs: { id: string; to: string; words: string }[]
  current: string
}>()
</script>

<template>
  <nav :aria-label="name">
    <router-link
      v-for="tab in tabs"
      :key="tab.id"
      :to="tab.to"
      :aria-current="current === tab.id ? 'page' : undefined"
      >{{ tab.words }}</router-link
    >
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  border-bottom: 1px solid var(--p-line);
  padding: 0 14px;
}
a {
  min-height: 56px;
  display: flex;
  align-items: center;
  padding: 0 16px;
  color: inherit;
  text-decoration: none;
  border-bottom: 4px solid transparent;
}
@media (max-width: 700px) {
  nav {
    flex-wrap: nowrap;
    overflow-x: auto;
    padding: 0 4px;
    scrollbar-width: none;
  }
  a {
    flex: none;
    padding: 0 12px;
  }
}
a[aria-current] {
  border-color: var(--p-still);
  font-weight: 600;
}
</style>
