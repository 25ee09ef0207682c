<script setup lang="ts">
// Files in, all or nothing; the answer names what was taken, or the one place that was wrong.
import { ref } from 'vue'
import { api, ask, refusal, words, type Taken } from '@/api/client'

defineProps<{ label: string }>()
const emit = defineEmits<{ taken: [] }>()

const input = ref<HTMLInputElement | null>(null)
const busy = ref(false)
const open = ref(false)
const taken = ref<Taken[]>([])
const refused = ref('')
const done = ref('')

/** How far a long table has come. */
async function progress() {
  try {
    const p = await ask(api.GET('/api/exchange/progress'))
    if (p.total > 200 && p.done < p.total) done.value = `${p.done} of ${p.total}`
  } catch {
    done.value = ''
  }
}

async function send() {
  const files = [...(input.value?.files ?? [])]
  if (!files.length) return
  busy.value = true
  taken.value = []
  refused.value = ''
  done.value = ''
  const asking = setInterval(() => void progress(), 400)
  const form = new FormData()
  files.forEach((file) => form.append('files', file, file.name))
  try {
    const response = await fetch('/api/exchange/import', { method: 'POST', body: form })
    const answer: unknown = await response.json()
    if (!response.ok) throw refusal(answer, response.status)
    taken.value = answer as Taken[]
    emit('taken')
  } catch (problem) {
    refused.value =
      problem instanceof TypeError
        ? 'The workshop server does not answer. Nothing was taken over.'
        : words(problem)
  } finally {
    clearInterval(asking)
    done.value = ''
    busy.value = false
    open.value = true
    if (input.value) input.value.value = ''
  }
}
</script>

<template>
  <span>
    <v-btn size="large" variant="outlined" :loading="busy" @click="input?.click()">{{
      label
    }}</v-btn>
    <span v-if="busy && done" class="num ml-3" role="status">{{ done }}</span>
    <input
      ref="input"
      type="file"
      multiple
      accept=".csv,.json"
      class="hidden"
      :aria-label="label"
      tabindex="-1"
      @change="send"
    />
    <v-dialog v-model="open" max-width="600" :aria-label="label">
      <v-card class="pa-6">
        <template v-if="refused">
          <h2 class="mb-3">Not taken over</h2>
          <p class="trouble" role="alert">{{ refused }}</p>
        </template>
        <template v-else>
          <h2 class="mb-3">Taken over</h2>
          <p v-for="file in taken" :key="file.file">
            {{ file.file }}: {{ file.rows }} taken{{
              file.alreadyHere ? `, ${file.alreadyHere} here already` : ''
            }}
          </p>
        </template>
        <v-btn size="large" variant="tonal" class="mt-5" autofocus @click="open = false"
          >Close</v-btn
        >
      </v-card>
    </v-dialog>
  </span>
</template>

<style scoped>
.hidden {
  display: none;
}
</style>
