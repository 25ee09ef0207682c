<script setup lang="ts">
// A list in and out: its import with a preview, its export as a table or as JSON.
import { ref } from 'vue'
import ImportDialog from './ImportDialog.vue'

defineProps<{
  list: string
  /** What it is called within a sentence: "moulds". */
  what: string
}>()
const emit = defineEmits<{ taken: [] }>()
const importing = ref(false)
</script>

<template>
  <span class="in-out">
    <v-btn size="large" variant="outlined" @click="importing = true">{{ $t('Import') }}</v-btn>
    <v-menu>
      <template #activator="{ props: menu }">
        <v-btn
          v-bind="menu"
          size="large"
          variant="outlined"
          :aria-label="$t('Export {what}', { what })"
          >{{ $t('Export') }}</v-btn
        >
      </template>
      <v-list>
        <v-list-item
          min-height="56"
          :title="$t('As a table (CSV)')"
          :href="`/api/exchange/lists/${list}.csv`"
          download
        />
        <v-list-item
          min-height="56"
          :title="$t('As JSON')"
          :href="`/api/exchange/lists/${list}.json`"
          download
        />
      </v-list>
    </v-menu>
    <ImportDialog v-model="importing" :list="list" :what="what" @taken="emit('taken')" />
  </span>
</template>

<style scoped>
.in-out {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 8px;
}
.in-out .v-btn {
  min-height: 56px;
}
</style>
