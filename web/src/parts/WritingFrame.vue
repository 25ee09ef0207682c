<script setup lang="ts" generic="Draft extends { version?: number | null }">
// Around a thing being written: its title, what comes of it, two states to pick from, the acts.
import type { FieldWords } from './twoStates'
import TwoStates from './TwoStates.vue'
import type { Framed } from './writing'

const props = defineProps<{
  title: string
  writing: Framed<Draft>
  fields: FieldWords<Draft>[]
  isNew: boolean
  /** What is wrong around it; why it is refused or not saved is known here. */
  trouble?: string
  /** What is still to be said; the form's own question where nothing is given. */
  open?: string
}>()
const emit = defineEmits<{ cancel: [] }>()
const {
  restored,
  changed,
  busy,
  canUndo,
  canRedo,
  mine,
  theirs,
  refused,
  notSaved,
  open: missing,
} = props.writing

function cancel() {
  props.writing.forget()
  emit('cancel')
}
</script>

<template>
  <form class="writing" @submit.prevent="writing.save">
    <header>
      <h1>{{ title }}</h1>
      <p v-if="restored" class="quiet">
        {{ $t('What you typed last time stands here again.') }}
        <v-btn variant="text" @click="writing.startOver">{{ $t('Start over') }}</v-btn>
      </p>
    </header>
    <div class="two">
      <div class="fields"><slot /></div>
      <aside>
        <slot name="drawn" />
        <p v-if="open ?? missing" class="quiet mt-3">{{ open ?? missing }}</p>
        <p v-if="notSaved || refused || trouble" class="trouble mt-3" role="alert">
          {{ notSaved || refused || trouble }}
        </p>
      </aside>
    </div>
    <TwoStates
      v-if="theirs"
      :mine="mine"
      :theirs="theirs"
      :fields="fields"
      @settled="writing.settle"
      @cancel="theirs = null"
    />
    <footer v-else>
      <v-btn size="x-large" variant="outlined" @click="cancel">{{ $t('Cancel') }}</v-btn>
      <v-btn size="x-large" variant="outlined" :disabled="!canUndo" @click="writing.undo">{{
        $t('Undo')
      }}</v-btn>
      <v-btn size="x-large" variant="outlined" :disabled="!canRedo" @click="writing.redo">{{
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
