<script setup lang="ts">
// Every list of the house in and out, and the whole house as one file.
import { when } from '@/words/locale'
import { t } from '@/words'
import { computed, ref } from 'vue'
import { isRefused, words, type HouseLabel } from '@/api/client'
import { bringHouse, LISTS } from '@/parts/exchange'
import { useImporting } from '@/parts/importing'
import ListInOut from '@/parts/ListInOut.vue'

const input = ref<HTMLInputElement | null>(null)
const { busy, far, during, cancel } = useImporting()
const refused = ref('')
const taken = ref<HouseLabel | null>(null)
/** Waits for the word that rules, cabinets and tools of this house may go. */
const waiting = ref<File | null>(null)

/** Of the archive unpacked; bringing old books up to date comes after it. */
const percent = computed(() =>
  far.value?.total ? Math.min(100, Math.round((100 * far.value.done) / far.value.total)) : 0,
)

function chosen() {
  const file = input.value?.files?.[0]
  if (file) void send(file, false)
}

async function send(file: File, over: boolean) {
  refused.value = ''
  taken.value = null
  waiting.value = null
  try {
    taken.value = await during(() => bringHouse(file, over))
  } catch (problem) {
    if (isRefused(problem, 'in-the-way')) waiting.value = file
    refused.value =
      problem instanceof TypeError
        ? t('The workshop server does not answer. Nothing was imported.')
        : words(problem)
  } finally {
    if (input.value) input.value.value = ''
  }
}

/** Who gave up is told so by what was sent. */
async function giveUp() {
  try {
    await cancel()
  } catch (problem) {
    refused.value = words(problem)
  }
}
</script>

<template>
  <section class="sheet">
    <h1>{{ $t('Import & export') }}</h1>
    <h2>{{ $t('The whole house') }}</h2>
    <p class="quiet">
      {{
        $t(
          'Everything in one file: recipes with all versions, lots, batches, bowls, what is archived. Read into an empty house it is the same house. A good thing to have on another machine.',
        )
      }}
    </p>
    <div class="acts">
      <v-btn size="x-large" color="primary" href="/api/exchange/house.zip" download>{{
        $t('Export whole house')
      }}</v-btn>
      <v-btn size="x-large" variant="outlined" :loading="busy" @click="input?.click()">{{
        $t('Import whole house')
      }}</v-btn>
      <input
        ref="input"
        type="file"
        accept=".zip"
        class="hidden"
        :aria-label="$t('House archive')"
        tabindex="-1"
        @change="chosen"
      />
    </div>
    <div v-if="busy" class="acts" role="status">
      <span class="far">{{ $t('{percent} % is read', { percent }) }}</span>
      <v-btn size="x-large" variant="outlined" @click="giveUp">{{ $t('Cancel') }}</v-btn>
    </div>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <div v-if="waiting" class="acts">
      <v-btn size="x-large" variant="outlined" @click="send(waiting, true)">{{
        $t('Let them go and read it in')
      }}</v-btn>
    </div>
    <p v-if="taken" class="kept" role="status">
      {{
        $t('{house} is here, as it was on {new}.', {
          house: taken.house,
          new: when(taken.madeAt, { dateStyle: 'medium', timeStyle: 'short' }),
        })
      }}
    </p>
    <h2>{{ $t('Each list') }}</h2>
    <table>
      <tbody>
        <tr v-for="list in LISTS" :key="list.id">
          <th scope="row">{{ list.words }}</th>
          <td><ListInOut :list="list.id" :what="list.words.toLowerCase()" /></td>
        </tr>
      </tbody>
    </table>
    <p class="quiet mt-4">
      {{ $t('What the JSON of a list holds is described in') }}
      <a href="/api/exchange/schema/lists-1.schema.json" download>{{ $t('its schema') }}</a>.
    </p>
  </section>
</template>

<style scoped>
h2 {
  margin: 22px 0 8px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 12px 0;
}
.far {
  align-self: center;
  font-variant-numeric: tabular-nums;
}
.hidden {
  display: none;
}
.kept {
  color: var(--p-true);
}
th {
  text-align: left;
  padding: 8px 24px 8px 0;
  font-weight: 600;
}
td {
  padding: 6px 0;
}
</style>
