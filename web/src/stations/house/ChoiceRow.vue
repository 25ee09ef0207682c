<script setup lang="ts" generic="T extends string">
defineProps<{ label: string; choices: [T, string, string][] }>()
const value = defineModel<T>({ required: true })
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <button
      v-for="[id, words, why] in choices"
      :key="id"
      type="button"
      :aria-pressed="value === id"
      @click="value = id"
    >
      <b>{{ words }}</b>
      <span v-if="why">{{ why }}</span>
    </button>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
legend {
  color: var(--p-quiet);
  margin-bottom: 4px;
}
button {
  min-height: 56px;
  min-width: 110px;
  padding: 8px 18px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  text-align: left;
  max-width: 380px;
}
button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
}
b,
span {
  display: block;
}
</style>
