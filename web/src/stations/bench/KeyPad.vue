<script setup lang="ts">
// Digits for one gloved knuckle.
const text = defineModel<string>({ required: true })
defineProps<{ busy: boolean }>()
const emit = defineEmits<{ note: [] }>()

const ROWS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫']

function press(key: string) {
  if (key === '⌫') text.value = text.value.slice(0, -1)
  else if (text.value.length < 7 && !(key === '.' && text.value.includes('.'))) text.value += key
}
</script>

<template>
  <div class="pad" role="group" :aria-label="$t('Digits')">
    <button
      v-for="key in ROWS"
      :key="key"
      type="button"
      :aria-label="key === '⌫' ? $t('Delete last') : key"
      @click="press(key)"
    >
      {{ key }}
    </button>
    <v-btn
      size="x-large"
      color="secondary"
      class="note"
      :disabled="text === '' || busy"
      @click="emit('note')"
      >{{ $t('Note {text}', { text }) }}</v-btn
    >
  </div>
</template>

<style scoped>
.pad {
  grid-area: pad;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 7px;
}
button {
  min-height: 58px;
  border: 1px solid var(--p-line);
  border-radius: 8px;
  font-size: 1.7rem;
  font-weight: 600;
  text-align: center;
}
button:active {
  background: var(--p-fog);
}
.note {
  grid-column: 1 / -1;
  height: 62px !important;
  font-size: 1.35rem;
}
@media (max-width: 1000px) {
  .pad {
    align-self: start;
  }
}
</style>
