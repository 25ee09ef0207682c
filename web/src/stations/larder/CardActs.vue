<script setup lang="ts">
defineProps<{ archived: boolean }>()
const emit = defineEmits<{ copy: []; putAway: [] }>()
</script>

<template>
  <div class="acts">
    <v-btn variant="text" @click="emit('copy')">{{ $t('Copy') }}</v-btn>
    <v-btn variant="text" @click="emit('putAway')">{{
      archived ? $t('Bring back') : $t('Archive')
    }}</v-btn>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  justify-content: space-between;
  margin: 6px -8px -8px;
}
.acts .v-btn {
  min-height: 56px;
}
</style>
