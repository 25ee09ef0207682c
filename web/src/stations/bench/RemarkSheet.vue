<script setup lang="ts">
import { ref } from 'vue'

defineProps<{ step: string; refused: string }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ keep: [text: string]; giveUp: [why: string] }>()
const text = ref('')

function keep() {
  if (text.value.trim()) emit('keep', text.value)
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" :aria-label="$t('Remark')" @after-leave="text = ''">
    <v-card class="pa-6">
      <h2 class="mb-4">{{ $t('Remark at {step}', { step: step.toLowerCase() }) }}</h2>
      <v-textarea
        v-model="text"
        :label="$t('What you saw, did or changed')"
        rows="3"
        counter="2000"
        autofocus
        @keydown.ctrl.enter="keep"
      />
      <p v-if="refused" class="trouble mt-3" role="alert">{{ refused }}</p>
      <div class="d-flex ga-3 mt-5">
        <v-btn size="x-large" variant="outlined" @click="open = false">{{ $t('Cancel') }}</v-btn>
        <v-btn
          size="x-large"
          variant="outlined"
          color="error"
          :disabled="!text.trim()"
          :title="$t('Ends the batch here; the words above are kept as the reason')"
          @click="emit('giveUp', text)"
          >{{ $t('Give the batch up') }}</v-btn
        >
        <v-spacer />
        <v-btn size="x-large" color="primary" :disabled="!text.trim()" @click="keep">{{
          $t('Save')
        }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>
