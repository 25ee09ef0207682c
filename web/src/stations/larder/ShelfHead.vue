<script setup lang="ts">
// Above a list of the larder: found by name, those put away apart, in and out as a table, a new one.
import { useTemplateRef } from 'vue'
import { useKeys } from '@/parts/keys'
import ListInOut from '@/parts/ListInOut.vue'

defineProps<{
  title: string
  list: string
  /** What it is called within a sentence: "moulds". */
  what: string
  /** What the button says, and where it leads. */
  add: string
  to: string
}>()
const emit = defineEmits<{ taken: [] }>()
const find = defineModel<string>('find', { required: true })
const archived = defineModel<boolean>('archived', { required: true })
const box = useTemplateRef<{ focus: () => void }>('box')
useKeys({ '/': () => box.value?.focus() })
</script>

<template>
  <header>
    <h1>{{ title }}</h1>
    <v-text-field
      ref="box"
      v-model="find"
      :label="$t('Find ( / )')"
      density="comfortable"
      class="find"
      clearable
      @click:clear="find = ''"
    />
    <v-switch v-model="archived" :label="$t('Archived')" hide-details class="flex-grow-0" />
    <ListInOut :list="list" :what="what" @taken="emit('taken')" />
    <slot />
    <v-btn size="x-large" color="primary" :to="to">{{ add }}</v-btn>
  </header>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 20px;
  margin-bottom: 16px;
}
.find {
  flex: 1 1 200px;
  max-width: 340px;
  margin-left: auto;
}
@media (max-width: 1000px) {
  header {
    gap: 10px;
  }
  .find {
    flex: 1 0 100%;
    max-width: none;
    margin-left: 0;
  }
}
</style>
