<script setup lang="ts">
// Below a list of cards: that there is nothing, and what would be; the other pages.
defineProps<{
  empty: boolean
  archived: boolean
  /** Said where nothing is found by that name; empty where nothing was looked for. */
  notFound: string
  none: string
  text: string
  pages: number
}>()
const page = defineModel<number>({ required: true })
</script>

<template>
  <v-empty-state
    v-if="empty"
    :title="notFound || (archived ? $t('Nothing archived') : none)"
    :text="text"
  />
  <v-pagination
    v-if="pages > 1"
    :model-value="page + 1"
    :length="pages"
    @update:model-value="page = $event - 1"
  />
</template>
