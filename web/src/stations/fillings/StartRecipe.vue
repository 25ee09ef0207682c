<script setup lang="ts">
// A recipe begins from a type, or from text in any of four ways; unknown names are asked about.
import { asList, inField } from '@/words/locale'
import { t } from '@/words'
import { computed, ref, watch } from 'vue'
import { api, ask, words, type ReadRecipe, type RecipeDraft } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import AmountField from './AmountField.vue'
import ReadText from './ReadText.vue'
import { inPot } from './pots'
import { useRecipe } from './recipe'

const shown = defineModel<boolean>({ required: true })
const emit = defineEmits<{ begun: [] }>()
const { benchWords, larder, start, kindOf, nameOf } = useRecipe()
const { taste } = useHouse()

type ReadOperation = ReadRecipe['operations'][number]
type ReadLine = ReadOperation['lines'][number]
type SettingKey = ReadOperation['asks'][number]

const text = ref('')
const name = ref('')
const style = ref<RecipeDraft['style']>('SOFT_SHELL')
const read = ref<ReadRecipe | null>(null)
const refused = ref('')
/** A type knows what it is meant to be; a pasted text is guessed. */
/** The text of the type it began from: changed by a word, it is a text like any other. */
const typeText = ref<string | null>(null)
const fromType = ref(false)
const file = ref<HTMLInputElement | null>(null)

watch(shown, (now) => {
  if (now) {
    read.value = null
    refused.value = ''
  }
})

/** Lines nobody has said the meaning of yet: without them it is another recipe. */
const asked = computed(
  () => read.value?.operations.flatMap((op) => op.lines).filter((l) => !l.ingredient) ?? [],
)
/** Lines that were not surely found, or that somebody wants another for. */
const doubtful = ref<ReadLine[]>([])
const another = (line: ReadLine) => {
  if (!doubtful.value.includes(line)) doubtful.value.push(line)
}
/** What was weighed of the one that was found does not hold for another. */
function choose(line: ReadLine, id: string | null) {
  line.ingredient = id
  line.grams = null
  if (id) line.sureness = 'SURE'
}
const choices = larder

const settingOf = (op: ReadOperation, key: SettingKey) =>
  kindOf(op.kind)?.settings.find((s) => s.setting === key)
/** What other recipes do, as a help to answer; nothing is taken over unasked. */
function usual(op: ReadOperation, key: SettingKey): string {
  const setting = settingOf(op, key)
  return setting?.usual == null
    ? t('as it tastes')
    : quantity(setting.usual, setting.unit, taste.value)
}
const putFirst = computed(() => read.value?.unused.filter((u) => u.putFirst) ?? [])
const notUsed = computed(() =>
  (read.value?.unused ?? []).filter((u) => !u.putFirst || u.parts.length),
)
/** Which pot, where there are several, and what comes out of another. */
const where = (op: ReadOperation) =>
  inPot({ pots: read.value?.pots, operations: [] }, op, (g) => quantity(g, 'GRAM', taste.value))
/** Everything that will set the operation, and where it comes from. */
function said(op: ReadOperation): string {
  return (kindOf(op.kind)?.settings ?? [])
    .filter((s) => !op.asks.includes(s.setting))
    .flatMap((s) => {
      const value = op.settings[s.setting]
      if (value !== undefined) return [`${s.words} ${quantity(value, s.unit, taste.value)}`]
      if (s.byContent) return [t('{words}: by its fibre', { words: s.words })]
      return s.usual == null
        ? []
        : [
            t('{words} {usual}, as usual', {
              words: s.words,
              usual: quantity(s.usual, s.unit, taste.value),
            }),
          ]
    })
    .join('; ')
}
function answer(op: ReadOperation, key: SettingKey, value: number | null) {
  if (value === null) Reflect.deleteProperty(op.settings, key)
  else op.settings[key] = value
}
/** How many numbers are still asked for. */
const open = computed(
  () =>
    read.value?.operations.flatMap((op) => op.asks.filter((s) => op.settings[s] === undefined))
      .length ?? 0,
)

async function look() {
  try {
    const found = await ask(api.POST('/api/fillings/read', { body: { text: text.value } }))
    read.value = found
    doubtful.value =
      read.value?.operations.flatMap((op) => op.lines).filter((l) => l.sureness !== 'SURE') ?? []
    name.value = found.name || name.value
    if (!fromType.value) style.value = found.style
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
    read.value = null
  }
}

function type(place: number) {
  const chosen = benchWords.value?.types[place]
  if (!chosen) return
  text.value = chosen.text
  name.value = chosen.name
  style.value = chosen.style
  fromType.value = true
  typeText.value = chosen.text
  void look()
}

async function load() {
  const chosen = file.value?.files?.[0]
  if (!chosen) return
  text.value = await chosen.text()
  fromType.value = false
  if (file.value) file.value.value = ''
  void look()
}

function begin() {
  if (!read.value) return
  start(read.value, name.value || t('New filling'), style.value, text.value !== typeText.value)
  shown.value = false
  emit('begun')
}
</script>

<template>
  <v-dialog v-model="shown" max-width="1020" scrollable :aria-label="$t('Start a recipe')">
    <v-card class="pa-6">
      <h2 class="mb-3">{{ $t('Start a recipe') }}</h2>
      <div class="types" role="group" :aria-label="$t('Types to start from')">
        <button
          v-for="(from, i) in benchWords?.types"
          :key="from.name"
          type="button"
          @click="type(i)"
        >
          {{ from.name }}
        </button>
      </div>
      <div class="both mt-4">
        <div>
          <v-textarea
            v-model="text"
            :label="$t('Or paste a recipe: text or a table')"
            rows="9"
            hide-details
            @update:model-value="((read = null), (fromType = false))"
          />
          <div class="d-flex ga-3 mt-3">
            <v-btn size="large" color="primary" :disabled="!text.trim()" @click="look">{{
              $t('Read it')
            }}</v-btn>
            <v-btn size="large" variant="outlined" @click="file?.click()">{{
              $t('From a file')
            }}</v-btn>
            <input
              ref="file"
              type="file"
              accept=".txt,.csv,.json,.jsonld"
              class="hidden"
              :aria-label="$t('Recipe file')"
              tabindex="-1"
              @change="load"
            />
          </div>
          <p v-if="refused" class="trouble mt-3" role="alert">{{ refused }}</p>
          <ReadText v-if="read?.spans.length" :text="read.text" :spans="read.spans" class="mt-3" />
        </div>
        <div v-if="read" class="read">
          <v-text-field v-model="name" :label="$t('Name')" density="comfortable" class="mb-3" />
          <v-select
            v-model="style"
            :label="$t('Meant to be')"
            :items="benchWords?.styles"
            item-title="words"
            item-value="style"
            density="comfortable"
          />
          <ol>
            <li v-for="(op, i) in read.operations" :key="i">
              <b>{{ kindOf(op.kind)?.words }}</b> {{ said(op) }}
              <span v-if="where(op)" class="pot">{{ where(op) }}</span>
              <i18n-t
                v-for="(l, k) in op.lines"
                :key="k"
                tag="span"
                class="line"
                scope="global"
                keypath="{raw} is {ingredient}, {amount} {unit}"
              >
                <template #raw>
                  <span class="quiet">{{ l.raw }}</span>
                </template>
                <template #ingredient>
                  <button type="button" class="meant" @click="another(l)">
                    <b>{{ l.ingredient ? nameOf(l.ingredient) : $t('not known yet') }}</b><span
                      v-if="l.sureness === 'LIKELY'"
                      class="likely"
                      >{{ $t('likely') }}</span
                    >
                  </button>
                </template>
                <template #amount>
                  {{ inField(l.amount) }}
                </template>
                <template #unit>
                  {{ l.unit
                  }}<template v-if="l.grams != null && l.unit !== 'g'">{{
                    $t(', {grams}', { grams: quantity(l.grams, 'GRAM', taste) })
                  }}</template>
                </template>
              </i18n-t>
              <div v-for="s in op.asks" :key="s" class="asked">
                <p>
                  {{
                    $t('The text does not say it. {op}, usually {usual}:', {
                      op: settingOf(op, s)?.words,
                      usual: usual(op, s),
                    })
                  }}
                </p>
                <AmountField
                  :model-value="op.settings[s] ?? null"
                  :label="
                    $t('{op} of {kind}, operation {place}', {
                      op: settingOf(op, s)?.words,
                      kind: kindOf(op.kind)?.words,
                      place: i + 1,
                    })
                  "
                  :unit="settingOf(op, s)!.unit"
                  @update:model-value="answer(op, s, $event)"
                />
              </div>
            </li>
          </ol>
          <template v-if="doubtful.length">
            <h3 class="mt-3 mb-2">{{ $t('Which of the larder is meant?') }}</h3>
            <div v-for="(l, i) in doubtful" :key="i" class="doubt">
              <p>
                <b>{{ l.raw }}</b>{{ ' ' }}
                <span v-if="!l.ingredient" class="quiet">{{ $t('left out until you say') }}</span>
                <span v-else-if="l.sureness === 'LIKELY'" class="quiet">{{
                  $t('taken as the likely one: look at it')
                }}</span>
              </p>
              <div class="guesses" role="group" :aria-label="$t('Meant by {raw}', { raw: l.raw })">
                <button
                  v-for="c in l.candidates.slice(0, 3)"
                  :key="c.id"
                  type="button"
                  :aria-pressed="l.ingredient === c.id"
                  @click="choose(l, l.ingredient === c.id ? null : c.id)"
                >
                  {{ c.name }}
                </button>
              </div>
              <v-autocomplete
                :model-value="l.ingredient"
                :label="l.candidates.length ? $t('or another') : $t('Which?')"
                :aria-label="$t('Which is {raw}', { raw: l.raw })"
                :items="choices"
                item-title="name"
                item-value="id"
                density="compact"
                clearable
                hide-details
                @update:model-value="(id: string | null) => choose(l, id)"
              />
            </div>
          </template>
          <template v-if="putFirst.length">
            <h3 class="mt-3">{{ $t('No sentence says when it goes in: put first') }}</h3>
            <ul class="put-first">
              <li v-for="(u, i) in putFirst" :key="i">{{ u.text }}</li>
            </ul>
          </template>
          <template v-if="notUsed.length">
            <h3 class="mt-3">{{ $t('Not used') }}</h3>
            <ul class="unused">
              <li v-for="(u, i) in notUsed" :key="i">
                <template v-if="u.parts.length"
                  ><b>{{ asList(u.parts) }}</b
                  >{{ ' ' }}
                  <span class="quiet">{{ $t('in “{text}”', { text: u.text }) }}</span>
                </template>
                <b v-else>{{ u.text }}</b>
              </li>
            </ul>
          </template>
        </div>
      </div>
      <div class="acts d-flex ga-3">
        <v-btn size="large" variant="outlined" @click="shown = false">{{ $t('Cancel') }}</v-btn>
        <v-btn size="large" color="primary" :disabled="!read || open > 0" @click="begin">{{
          asked.length
            ? $t('Use without {asked} of them', { asked: asked.length })
            : $t('Use this recipe')
        }}</v-btn>
        <p v-if="asked.length" class="trouble" role="status">
          {{
            $t(
              'Left out, with what they weigh and the allergens they bring: {asked}. Say above what is meant, or write it in the Larder first.',
              { asked: asList(asked.map((l) => l.raw)) },
            )
          }}
        </p>
        <p v-if="open" class="trouble" role="status">
          {{
            $t(
              'One number is still asked for above. | {n} numbers are still asked for above.',
              open,
            )
          }}
        </p>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.meant {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.likely {
  margin-left: 6px;
  padding: 0 6px;
  border: 1px dashed currentcolor;
  border-radius: 6px;
}
.types {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.types button {
  min-height: 48px;
  padding: 0 14px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.both {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
}
.doubt {
  margin-bottom: 14px;
}
.guesses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 6px;
}
.guesses button {
  min-height: 44px;
  padding: 0 12px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.guesses button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
}
.read ol,
.unused,
.put-first {
  padding-left: 22px;
}
.read ol li {
  margin-bottom: 6px;
}
.line {
  display: block;
}
.pot {
  padding-left: 8px;
  border-left: 4px solid var(--p-still);
}
.asked {
  border-left: 4px solid var(--p-tight);
  padding: 4px 0 4px 10px;
  margin: 6px 0;
}
.acts {
  position: sticky;
  bottom: -24px;
  padding: 14px 0 24px;
  margin-bottom: -24px;
  background: var(--p-ground);
}
.hidden {
  display: none;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
