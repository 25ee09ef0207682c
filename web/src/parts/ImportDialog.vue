<script setup lang="ts">
// Files or pasted rows in: first what they would change is shown, then they are taken, all or none.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed, ref, watch } from 'vue'
import { words, type Brought } from '@/api/client'
import { bring, columnWords, pasted, summary } from './exchange'
import { useImporting } from './importing'

const props = defineProps<{
  /** The list it goes into where a file does not say; empty for batches. */
  list: string
  what: string
}>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ taken: [] }>()

const files = ref<File[]>([])
const rows = ref('')
const seen = ref<Brought[] | null>(null)
const done = ref(false)
const refused = ref('')
const { busy, far, during, cancel: giveUp } = useImporting()

watch(open, (now) => {
  if (!now) return
  files.value = []
  rows.value = ''
  seen.value = null
  done.value = false
  refused.value = ''
})

const given = computed(() => files.value.length > 0 || rows.value.trim() !== '')
const changing = computed(() => (seen.value ?? []).some((f) => f.fresh + f.changed > 0))
const cautions = computed(() => (seen.value ?? []).flatMap((f) => f.cautions))
const unread = computed(() => (seen.value ?? []).flatMap((f) => f.unread))

/** How far a long table has come. */
const howFar = computed(() =>
  far.value && far.value.total > 200 && far.value.done < far.value.total
    ? t('{done} of {total}', { done: far.value.done, total: far.value.total })
    : '',
)

/** Closes the dialog; what is being read in is given up first, and the dialog says so. */
async function cancel() {
  if (!busy.value) {
    open.value = false
    return
  }
  try {
    await giveUp()
  } catch (problem) {
    refused.value = words(problem)
  }
}

async function send(preview: boolean) {
  if (!given.value || busy.value) return
  refused.value = ''
  try {
    const all = rows.value.trim() ? [...files.value, pasted(rows.value)] : files.value
    const rests = preview ? [] : (seen.value ?? []).map((file) => file.rests)
    seen.value = await during(() => bring(all, props.list, preview, rests))
    done.value = !preview
    if (!preview) emit('taken')
  } catch (problem) {
    seen.value = null
    refused.value =
      problem instanceof TypeError
        ? t('The workshop server does not answer. Nothing was imported.')
        : words(problem)
  }
}
</script>

<template>
  <v-dialog
    v-model="open"
    :persistent="busy"
    max-width="860"
    scrollable
    :aria-label="$t('Import {what}', { what })"
  >
    <v-card class="pa-6 import">
      <h2 class="mb-3">{{ done ? $t('Imported') : $t('Import {what}', { what }) }}</h2>
      <div v-if="!seen" class="give">
        <v-file-input
          v-model="files"
          multiple
          :label="$t('Files: .csv, .xlsx or .json')"
          accept=".csv,.tsv,.txt,.xlsx,.json"
          prepend-icon=""
          hide-details
        />
        <template v-if="list">
          <v-textarea
            v-model="rows"
            :label="$t('Or paste rows from a spreadsheet')"
            rows="6"
            hide-details
            class="rows"
          />
          <p class="quiet">
            {{
              $t(
                'The first row names the columns, as an export of this list has them. A column that is not there stays as it is; an empty cell empties.',
              )
            }}
          </p>
        </template>
      </div>
      <div v-else class="seen">
        <section v-for="file in seen" :key="file.file">
          <h3>{{ file.file }}: {{ summary(file) }}</h3>
          <table v-if="file.changed && !done" class="changes">
            <thead>
              <tr>
                <th>{{ $t('Changed') }}</th>
                <th></th>
                <th>{{ $t('Now') }}</th>
                <th>{{ $t('Then') }}</th>
              </tr>
            </thead>
            <tbody v-for="thing in file.things.filter((t) => t.what === 'CHANGED')" :key="thing.id">
              <tr v-for="(cell, i) in thing.cells" :key="cell.column">
                <th v-if="i === 0" :rowspan="thing.cells.length">{{ thing.name }}</th>
                <td>{{ columnWords(cell.column) }}</td>
                <td class="quiet">{{ cell.before || '—' }}</td>
                <td>
                  <b>{{ cell.after || '—' }}</b>
                </td>
              </tr>
            </tbody>
          </table>
          <p v-if="file.fresh && !done">
            <b>{{ $t('New:') }}</b>{{ ' '
            }}{{ asList(file.things.filter((t) => t.what === 'NEW').map((t) => t.name)) }}{{ ' '
            }}<span v-if="file.fresh + file.changed > file.things.length" class="quiet">
              {{
                $t('and {fresh} more', { fresh: file.fresh + file.changed - file.things.length })
              }}</span
            >
          </p>
        </section>
        <p v-if="unread.length" class="unread" role="alert">
          {{ $t('Means nothing here and is not imported: {unread}.', { unread: asList(unread) }) }}
        </p>
        <p v-for="caution in cautions" :key="caution" class="caution" role="alert">
          {{ caution }}
        </p>
        <p v-if="!changing && !done" class="quiet">
          {{ $t('Everything in it is here already, as it is.') }}
        </p>
      </div>
      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
      <p v-if="busy && howFar" class="num" role="status">{{ howFar }}</p>
      <div class="acts">
        <v-btn v-if="done" size="x-large" color="primary" autofocus @click="open = false">{{
          $t('Close')
        }}</v-btn>
        <template v-else>
          <v-btn size="x-large" variant="outlined" @click="cancel">{{ $t('Cancel') }}</v-btn>
          <v-btn v-if="seen" size="x-large" variant="outlined" @click="seen = null">{{
            $t('Back')
          }}</v-btn>
          <v-btn
            v-if="seen"
            size="x-large"
            color="primary"
            :loading="busy"
            :disabled="!changing"
            @click="send(false)"
            >{{ $t('Import') }}</v-btn
          >
          <v-btn
            v-else
            size="x-large"
            color="primary"
            :loading="busy"
            :disabled="!given"
            @click="send(true)"
            >{{ $t('Preview') }}</v-btn
          >
        </template>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.give {
  display: grid;
  gap: 14px;
}
.rows :deep(textarea) {
  font-family: ui-monospace, monospace;
  white-space: pre;
  overflow-x: auto;
}
.seen {
  overflow: auto;
}
h3 {
  margin: 10px 0 6px;
}
.changes {
  width: 100%;
  border-collapse: collapse;
}
.changes th,
.changes td {
  text-align: left;
  vertical-align: top;
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--p-line);
  overflow-wrap: anywhere;
}
.unread {
  margin-top: 12px;
  color: var(--p-tight);
  font-weight: 600;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 18px;
}
.acts > :last-child {
  margin-left: auto;
}
</style>
