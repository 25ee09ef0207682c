<script setup lang="ts">
// What it ought to be, what must stay, and the smallest change; before and after side by side.
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import {
  api,
  ask,
  words,
  type BalanceAnswer,
  type Quality,
  type ConstraintDraft,
} from '@/api/client'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'
import { inTaste, quantity, sentence } from '@/parts/units'
import { showAnswer } from '@/parts/shownAnswer'
import { useTurn } from '@/parts/turn'
import { freed, letGo, locked } from './locks'
import { request, useRecipe } from './recipe'
import SheetStrings from './SheetStrings.vue'
import WhatStays from './WhatStays.vue'

const { bench, benchWords, larder, lines, sheet, takeOver } = useRecipe()
const { taste } = useHouse()

interface Row {
  quality: Quality
  low: number | null
  high: number | null
}
const rows = ref<Row[]>([])
const mayAdd = ref<string[]>([])
const keep = ref<string[]>([])
/** What is done may change too, as long as its maker does not say no. */
const moveOperations = ref(true)
const answer = ref<BalanceAnswer | null>(null)
const answered = ref<HTMLElement | null>(null)
const refused = ref('')
const busy = ref(false)

const style = computed(() =>
  benchWords.value?.styles.find((s) => s.style === bench.value.recipe.style),
)
/** The bands of the style, and the yield near where it is. */
function preset() {
  const now = sheet.value?.figures.find((f) => f.quality === 'YIELD')?.figure.value
  rows.value = [
    ...(style.value?.bands.map((b) => ({
      quality: b.quality as Quality,
      low: b.band.low,
      high: b.band.high,
    })) ?? []),
    ...(now
      ? [{ quality: 'YIELD' as Quality, low: Math.round(0.97 * now), high: Math.round(1.03 * now) }]
      : []),
  ]
  asked()
}
/** Wishes that came along: what the whole piece wants of its filling. */
const route = useRoute()
function asked() {
  for (const wish of String(route.query.wish ?? '').split(',')) {
    const [quality, low, high] = wish.split(':')
    if (!benchWords.value?.qualities.some((q) => q.quality === quality)) continue
    const row = { quality: quality as Quality, low: asNumber(low), high: asNumber(high) }
    rows.value = [row, ...rows.value.filter((r) => r.quality !== quality)]
  }
}
const asNumber = (text?: string) => (text && Number.isFinite(Number(text)) ? Number(text) : null)
watch([style, () => bench.value.id, () => sheet.value !== null], preset, { immediate: true })

const qualityWords = (q: Quality) =>
  benchWords.value?.qualities.find((x) => x.quality === q)?.words ?? q
const unitOf = (q: Quality) =>
  benchWords.value?.qualities.find((x) => x.quality === q)?.unit ?? 'ONE'
const free = computed(() =>
  (benchWords.value?.qualities ?? []).filter(
    (q) => !rows.value.some((r) => r.quality === q.quality),
  ),
)

const changes = computed(
  () => (answer.value?.moves.length ?? 0) + (answer.value?.operationMoves.length ?? 0),
)

async function freeThem() {
  freed.value = [...new Set([...freed.value, ...(answer.value?.worthFreeing ?? [])])]
  await balance(askedReady)
}
const named = (places: number[]) =>
  [...new Set(places.map((place) => lines.value[place]?.name ?? ''))].join(', ')

/** Whether it is what was wished: what is only the nearest is not the main thing to take over. */
const reached = computed(
  () => answer.value?.outcome === 'MET' || answer.value?.outcome === 'AS_GOOD_AS_MET',
)
/** Met itself, and what keeps another wish from being met. */
const inTheWay = (m: BalanceAnswer['missed'][number]) =>
  m.reached.value >= m.low - 1e-6 * Math.abs(m.low) && m.reached.value <= m.high * (1 + 1e-6)

const turn = useTurn()
let askedReady: string | null = null
async function balance(ready: string | null = null) {
  const current = turn()
  askedReady = ready
  busy.value = true
  try {
    const got = await ask(
      api.POST('/api/fillings/balance', {
        body: {
          on: request(bench.value),
          locked: locked.value,
          freed: freed.value,
          mayAdd: mayAdd.value,
          moveOperations: moveOperations.value,
          keep: keep.value as never,
          ready: ready as never,
          wishes: ready
            ? null
            : rows.value.map((r): ConstraintDraft => ({
                quality: r.quality,
                low: r.low ?? -1e6,
                high: r.high ?? 1e6,
              })),
        },
      }),
    )
    if (!current()) return
    answer.value = got
    void showAnswer(answered)
    refused.value = ''
  } catch (problem) {
    if (!current()) return
    refused.value = words(problem)
    answer.value = null
    void showAnswer(answered)
  } finally {
    busy.value = false
  }
}
watch(
  () => bench.value.recipe,
  () => {
    // What is still on its way was asked of another recipe.
    turn()
    answer.value = null
  },
  { deep: true },
)
function accept() {
  if (!answer.value) return
  takeOver(answer.value.recipe)
  letGo()
}
</script>

<template>
  <div class="balance">
    <section class="wishes" :aria-label="$t('Wishes')">
      <div class="scroll">
        <h2>{{ $t('In a word') }}</h2>
        <div class="ready">
          <v-btn
            v-for="w in benchWords?.wishes"
            :key="w.wish"
            size="large"
            variant="outlined"
            :disabled="busy"
            @click="balance(w.wish)"
            >{{ w.words }}</v-btn
          >
        </div>
        <h2 class="mt-5">{{ $t('Or what it ought to be') }}</h2>
        <p class="quiet mb-3">
          {{ $t('{words}; change what you like.', { words: style?.words }) }}
        </p>
        <div v-for="(row, i) in rows" :key="row.quality" class="wish">
          <span>{{ qualityWords(row.quality) }}</span>
          <NumberField v-model="row.low" :label="$t('from')" :unit="unitOf(row.quality)" />
          <NumberField v-model="row.high" :label="$t('to')" :unit="unitOf(row.quality)" />
          <v-btn
            variant="text"
            :aria-label="
              $t('No wish for {qualityWords}', { qualityWords: qualityWords(row.quality) })
            "
            @click="rows.splice(i, 1)"
            >{{ $t('out') }}</v-btn
          >
        </div>
        <v-select
          :model-value="null"
          :label="$t('One more wish')"
          :items="free"
          item-title="words"
          item-value="quality"
          hide-details
          @update:model-value="
            (q: Quality | null) => q && rows.push({ quality: q, low: null, high: null })
          "
        />
        <WhatStays v-model:keep="keep" v-model:move-operations="moveOperations" />
        <v-autocomplete
          v-model="mayAdd"
          :label="$t('May be added')"
          :items="larder"
          item-title="name"
          item-value="id"
          multiple
          chips
          closable-chips
          class="mt-3"
        />
      </div>
      <v-btn size="x-large" color="primary" :loading="busy" @click="balance()">{{
        $t('Balance it')
      }}</v-btn>
    </section>

    <section ref="answered" class="answer" :aria-label="$t('Answer')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <template v-if="answer">
        <h1 v-if="answer.outcome === 'MET' && !changes">{{ $t('It is so already') }}</h1>
        <h1 v-else-if="answer.outcome === 'MET'">{{ $t('The smallest change') }}</h1>
        <h1 v-else-if="answer.outcome === 'AS_GOOD_AS_MET'">
          {{ $t('So near that nobody notices') }}
        </h1>
        <h1 v-else-if="answer.outcome === 'NEAREST'">{{ $t('The nearest there is') }}</h1>
        <h1 v-else>{{ $t('These wishes pull against each other') }}</h1>
        <ul v-if="answer.missed.length" class="missed">
          <li v-for="c in answer.missed" :key="c.quality">
            <i18n-t
              scope="global"
              :keypath="
                inTheWay(c)
                  ? '{words} {low} to {high} stands in the way'
                  : '{words} {low} to {high}: nearest {reached}'
              "
            >
              <template #words>
                <b>{{ c.words }}</b>
              </template>
              <template #low>
                {{ quantity(c.low, c.reached.unit, taste) }}
              </template>
              <template #high>
                {{ quantity(c.high, c.reached.unit, taste) }}
              </template>
              <template #reached>
                <b>{{ quantity(c.reached.value, c.reached.unit, taste) }}</b>
              </template> </i18n-t
            ><template v-if="c.curesAll">{{
              $t('. Without this wish all others are met')
            }}</template
            >.
          </li>
        </ul>
        <template v-if="answer.worthFreeing.length">
          <p>
            {{
              $t('With {names} free to move every wish is met.', {
                names: named(answer.worthFreeing),
              })
            }}
          </p>
          <v-btn
            size="x-large"
            color="primary"
            class="mt-1 mb-3"
            :loading="busy"
            @click="freeThem"
            >{{ $t('Free {names}', { names: named(answer.worthFreeing) }) }}</v-btn
          >
        </template>
        <p v-else-if="answer.outcome === 'NEAREST' || answer.outcome === 'CLASH'">
          {{
            $t(
              'The amounts below are the nearest there is. Let one wish go, unlock a line, or let something be added.',
            )
          }}
        </p>
        <table v-if="answer.moves.length" class="rows moves">
          <thead>
            <tr>
              <th>{{ $t('Ingredient') }}</th>
              <th class="right">{{ $t('Before') }}</th>
              <th class="right">{{ $t('After') }}</th>
              <th class="right">{{ $t('Change') }}</th>
              <th>{{ $t('Because it') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="m in answer.moves" :key="m.line">
              <td>{{ m.ingredient }}</td>
              <td class="right">{{ quantity(m.fromG, 'GRAM', taste) }}</td>
              <td class="right">
                <b>{{ quantity(m.toG, 'GRAM', taste) }}</b>
              </td>
              <td class="right">
                {{ m.toG > m.fromG ? '+' : '' }}{{ quantity(m.toG - m.fromG, 'GRAM', taste) }}
              </td>
              <td>{{ sentence(m.why, taste) }}</td>
            </tr>
          </tbody>
        </table>
        <table v-if="answer.operationMoves.length" class="rows doings">
          <thead>
            <tr>
              <th>{{ $t('What is done') }}</th>
              <th class="right">{{ $t('Before') }}</th>
              <th class="right">{{ $t('After') }}</th>
              <th>{{ $t('Because it') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="m in answer.operationMoves" :key="`${m.operation} ${m.unit}`">
              <td>{{ m.words }}</td>
              <td class="right">{{ quantity(m.from, m.unit, taste) }}</td>
              <td class="right">
                <b>{{ quantity(m.to, m.unit, taste) }}</b>
              </td>
              <td>{{ sentence(m.why, taste) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-for="(said, i) in answer.says" :key="i" class="says">{{ sentence(said, taste) }}</p>
        <v-btn
          v-if="changes"
          size="x-large"
          :variant="reached ? 'flat' : 'outlined'"
          :color="reached ? 'primary' : undefined"
          class="mt-3"
          @click="accept"
          >{{ $t('Use it') }}</v-btn
        >
        <div class="sides mt-4">
          <div>
            <h2>{{ $t('Before') }}</h2>
            <SheetStrings :sheet="answer.before" brief />
          </div>
          <div>
            <h2>{{ $t('After') }}</h2>
            <SheetStrings :sheet="answer.after" brief />
          </div>
        </div>
      </template>
      <template v-else>
        <h1>{{ $t('{name} as it is', { name: bench.recipe.name || $t('Recipe') }) }}</h1>
        <SheetStrings v-if="sheet" :sheet="sheet" brief />
        <p class="quiet mt-3">{{ $t('Press a wish, or set bands and press Balance it.') }}</p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.balance {
  display: grid;
  grid-template-columns: 420px minmax(0, 1fr);
  overflow: hidden;
}
.scroll,
.answer {
  overflow: auto;
  padding: 14px 18px 40px;
}
/* The main action stands below what is scrolled, never over it. */
.wishes {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  border-right: 1px solid var(--p-line);
}
.ready {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-top: 8px;
}
.wish {
  display: grid;
  margin-bottom: 10px;
  grid-template-columns: 1fr 96px 96px 52px;
  gap: 6px;
  align-items: center;
}
.wish :deep(.v-btn) {
  min-width: 44px;
  padding: 0;
}
.wishes > .v-btn {
  margin: 10px 18px 12px;
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 22px;
}
.missed {
  padding-left: 20px;
  font-size: 1.1rem;
}
.moves,
.doings {
  margin-top: 8px;
}
.says {
  margin-top: 10px;
  max-width: 62ch;
}
@media (max-width: 1000px) {
  .balance {
    grid-template-columns: 1fr;
    overflow: auto;
  }
}
@media (max-width: 700px) {
  .balance,
  .wishes,
  .sides {
    display: block;
  }
  .scroll,
  .answer {
    overflow: visible;
    padding: 12px 14px;
  }
  .wishes {
    border: 0;
  }
  .wishes > .v-btn {
    position: sticky;
    bottom: 8px;
    width: calc(100% - 28px);
    margin: 10px 14px;
  }
  .wish {
    grid-template-columns: 1fr 84px 84px 44px;
  }
}
</style>
