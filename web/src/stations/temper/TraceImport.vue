<script setup lang="ts">
// A logger's file: how it would be read is shown first, and can be put right.
import { heard } from '@/words/heard'
import { computed, onMounted, ref, watch } from 'vue'
import { refusal, words, type TracePreview } from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import { newId } from '@/parts/once'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { clock, inTaste, quantity } from '@/parts/units'

const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ taken: [id: string] }>()
const { taste } = useHouse()
const { all, load } = useLarder()
const couvertures = computed(() => all.value.filter((i) => i.couverture))
onMounted(async () => {
  await load()
  if (!couvertures.value.some((c) => c.id === couverture.value)) {
    couverture.value = couvertures.value[0]?.id ?? ''
  }
})

const file = ref<File | null>(null)
const preview = ref<TracePreview | null>(null)
const refused = ref('')
const busy = ref(false)
const name = ref('')
const couverture = ref('dark-66')
const massG = ref<number | null>(3000)
const timeColumn = ref<number | null>(null)
const temperatureColumn = ref<number | null>(null)
const fahrenheit = ref<boolean | null>(null)
let id = ''

watch(couvertures, (known) => {
  if (known[0] && !known.some((c) => c.id === couverture.value)) couverture.value = known[0].id
})
watch(open, (is) => {
  if (!is) return
  file.value = null
  preview.value = null
  refused.value = ''
  id = newId()
})

function query(): URLSearchParams {
  const q = new URLSearchParams()
  if (timeColumn.value !== null) q.set('timeColumn', String(timeColumn.value))
  if (temperatureColumn.value !== null) q.set('temperatureColumn', String(temperatureColumn.value))
  if (fahrenheit.value !== null) q.set('fahrenheit', String(fahrenheit.value))
  return q
}
async function send<T>(path: string, q: URLSearchParams): Promise<T> {
  const form = new FormData()
  form.append('file', file.value!, file.value!.name)
  const response = await fetch(`/api/exchange/traces${path}?${q}`, { method: 'POST', body: form })
  const answer: unknown = await response.json()
  if (!response.ok) throw refusal(answer, response.status)
  return heard(answer as T)
}

function chosen(event: Event) {
  file.value = (event.target as HTMLInputElement).files?.[0] ?? null
  timeColumn.value = temperatureColumn.value = fahrenheit.value = null
  name.value = file.value?.name.replace(/\.\w+$/, '') ?? ''
  void look()
}
async function look() {
  if (!file.value) return
  busy.value = true
  try {
    preview.value = await send<TracePreview>('/preview', query())
    timeColumn.value = preview.value.timeColumn
    temperatureColumn.value = preview.value.temperatureColumn
    refused.value = ''
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}
async function take() {
  busy.value = true
  try {
    const q = query()
    q.set('id', id)
    q.set('name', name.value)
    q.set('couverture', couverture.value)
    q.set('massG', String(massG.value ?? ''))
    const answer = await send<{ id: string }>('', q)
    open.value = false
    emit('taken', answer.id)
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}
const columns = computed(
  () => preview.value?.columns.map((title, value) => ({ title, value })) ?? [],
)
function unit(isFahrenheit: boolean) {
  fahrenheit.value = isFahrenheit
  void look()
}
</script>

<template>
  <v-dialog v-model="open" max-width="860" scrollable :aria-label="$t('Import a trace')">
    <v-card class="bring">
      <h2>{{ $t('Import a trace') }}</h2>
      <p class="quiet">
        {{
          $t(
            'Any logger’s text file with times and temperatures. Nothing is kept before you say so.',
          )
        }}
      </p>
      <label class="file">
        <span>{{ file ? file.name : $t('Choose a file') }}</span>
        <input type="file" accept=".csv,.txt,.tsv,text/csv" @change="chosen" />
      </label>
      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
      <template v-if="preview">
        <p>
          {{
            $t(
              '{readings} readings over {minutes}, {coldestC} to {hottestC}; times as {timeFormat}{decimalComma}.',
              {
                readings: preview.readings,
                minutes: quantity(preview.minutes, 'MINUTE', taste),
                coldestC: quantity(preview.coldestC, 'CELSIUS', taste),
                hottestC: quantity(preview.hottestC, 'CELSIUS', taste),
                timeFormat: preview.timeFormat,
                decimalComma: preview.decimalComma ? $t(', decimal comma') : '',
              },
            )
          }}
          <template v-if="preview.apart.length">{{
            $t('Kept apart: {apart}.', {
              apart: preview.apart.map((a) => `${a.count} ${a.words}`).join('; '),
            })
          }}</template>
          {{ preview.gaps ? $t('{gaps} gaps.', { gaps: preview.gaps }) : '' }}
        </p>
        <p v-if="preview.maybeFahrenheit" class="caution">
          {{ $t('These numbers look like °F, but the file says °C. Which is it?') }}
        </p>
        <div class="fields">
          <v-select
            v-model="timeColumn"
            :label="$t('Times')"
            :items="columns"
            @update:model-value="look"
          />
          <v-select
            v-model="temperatureColumn"
            :label="$t('Temperatures')"
            :items="columns"
            @update:model-value="look"
          />
          <div class="units" role="group" :aria-label="$t('Scale of the file')">
            <button type="button" :aria-pressed="!preview.fahrenheit" @click="unit(false)">
              °C
            </button>
            <button type="button" :aria-pressed="preview.fahrenheit" @click="unit(true)">°F</button>
          </div>
        </div>
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('as written') }}</th>
              <th></th>
              <th>{{ $t('read as') }}</th>
              <th></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, i) in preview.rows.slice(0, 5)" :key="i">
              <td>{{ row.time }}</td>
              <td>{{ row.temperature }}</td>
              <td class="num">{{ row.timeS == null ? $t('no time') : clock(row.timeS) }}</td>
              <td class="num">
                {{
                  row.celsius == null ? $t('no number') : quantity(row.celsius, 'CELSIUS', taste)
                }}
              </td>
            </tr>
          </tbody>
        </table>
        <div class="fields">
          <v-text-field v-model="name" :label="$t('Name')" />
          <v-select
            v-model="couverture"
            :label="$t('Couverture')"
            :items="couvertures"
            item-title="name"
            item-value="id"
          />
          <NumberField v-model="massG" :label="$t('Mass in the bowl')" unit="GRAM" />
        </div>
      </template>
      <div class="acts">
        <v-btn size="x-large" variant="outlined" @click="open = false">{{ $t('Cancel') }}</v-btn>
        <v-btn size="x-large" color="primary" :disabled="!preview" :loading="busy" @click="take">{{
          $t('Keep and read it back')
        }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.bring {
  padding: 24px 28px;
  display: grid;
  gap: 12px;
  overflow: auto;
}
.file {
  display: flex;
  align-items: center;
  min-height: 60px;
  padding: 0 18px;
  border: 2px dashed var(--p-line);
  border-radius: 8px;
  position: relative;
  cursor: pointer;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.file:focus-within {
  outline: 3px solid #4b4a8a;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 12px;
}
.units {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.units button {
  min-height: 56px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  text-align: center;
}
.units button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
  font-weight: 600;
}
.acts {
  display: flex;
  justify-content: flex-end;
  gap: 12px;
}
@media (max-width: 700px) {
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
