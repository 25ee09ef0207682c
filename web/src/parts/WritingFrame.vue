<script setup lang="ts" generic="Draft extends { version?: number | null }">
// Around a thing being written: its title, what comes of it, two states to pick from, the acts.
import type { FieldWords } from './twoStates'
import TwoStates from './TwoStates.vue'

defineProps<{
  title: string
  restored: boolean
  changed: boolean
  isNew: boolean
  trouble: string
  open: string
  busy: boolean
  canUndo: boolean
  canRedo: boolean
  mine: Draft
  theirs: Draft | null
  fields: FieldWords<Draft>[]
}>()
const emit = defineEmits<{
  save: []
  cancel: []
  undo: []
  redo: []
  startOver: []
  settled: [state: Draft]
  keepMine: []
}>()
</script>

<template>
  <form class="writing" @submit.prevent="emit('save')">
    <header>
      <h1>{{ title }}</h1>
      <p v-if="restored" class="quiet">
        {{ $t('What you typed last time stands here again.') }}
        <v-btn variant="text" @click="emit('startOver')">{{ $t('Start over') }}</v-btn>
      </p>
    </header>
    <div class="two">
      <div class="fields"><slot /></div>
      <aside>
        <slot name="drawn" />
        <p v-if="open" class="quiet mt-3">{{ open }}</p>
        <p v-if="trouble" class="trouble mt-3" role="alert">{{ trouble }}</p>
      </aside>
    </div>
    <TwoStates
      v-if="theirs"
      :mine="mine"
      :theirs="theirs"
      :fields="fields"
      @settled="emit('settled', $event)"
      @cancel="emit('keepMine')"
    />
    <footer v-else>
      <v-btn size="x-large" variant="outlined" @click="emit('cancel')">{{ $t('Cancel') }}</v-btn>
      <v-btn size="x-large" variant="outlined" :disabled="!canUndo" @click="emit('undo')">{{
        $t('Undo')
      }}</v-btn>
      <v-btn size="x-large" variant="outlined" :disabled="!canRedo" @click="emit('redo')">{{
        $t('Redo')
      }}</v-btn>
      <v-btn
        size="x-large"
        color="primary"
        type="submit"
        class="save"
        :loading="busy"
        :disabled="!isNew && !changed"
        >{{ $t('Save') }}</v-btn
      >
    </footer>
  </form>
</template>

<style src="./writing.css"></style>
