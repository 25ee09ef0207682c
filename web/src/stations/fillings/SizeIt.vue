<script setup lang="ts">
import { allergenList } from '@/parts/kinds'
import { asList, inField, when } from '@/words/locale'
import { t } from '@/words'
import { useDebounceFn, useStorage } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { api, ask, words, type OperationDraft, type RecipeLineDraft } from '@/api/client'
import type { components } from '@/api/schema'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'
import { fraction, inTaste, number, quantity, sentence } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import { inPot } from './pots'
import { request, useRecipe, whole } from './recipe'

type Scaled = components['schemas']['ScaleView']
type Measured = components['schemas']['MeasuredView']
/** A piece that holds it, or a mould as it would be. */
interface Into {
  id: string
  name: string
  eachG: number
  cavities: number
  mould: boolean
}
const { bench, lines, sheet, takeOver, nameOf, kindOf } = useRecipe()
const { house, taste } = useHouse()
const way = ref<'moulds' | 'weight' | 'hand'>('weight')
const grams = ref<number | null>(500)
const line = ref(0)
const hand = ref<number | null>(500)
const moulds = ref<number | null>(4)
const into = ref<Into[]>([])
const piece = ref('')
const shellMm = ref<number | null>(1.6)
const headRoomMm = ref<number | null>(1.8)
/** What the workshop has, kept in the browser: it is the same pan tomorrow. */
const vessels = useStorage('palintone.fillings.vessels', {
  panMl: null as number | null,
  blenderMl: null as number | null,
  bowlMl: null as number | null,
})
const leftoverG = ref<number | null>(null)
const answer = ref<Scaled | null>(null)
const refused = ref('')

/** What goes on paper: the recipe in its new size, or the label of the jar. */
const paper = ref<'sheet' | 'jar'>('sheet')
const today = when(Date.now(), { dateStyle: 'long' })
async function print(what: 'sheet' | 'jar') {
  paper.value = what
  await nextTick()
  window.print()
}

/** As finely as a kitchen weighs: three figures. */
const asWeighed = (amount: number) =>
  amount >= 100 ? Math.round(amount) : Number(amount.toPrecision(3))
/** By spoon and cup as a hand measures; what is weighed stands in grams beside it alone. */
function spooned(line: RecipeLineDraft, measured?: Measured): string {
  if (measured?.spoons.length)
    return measured.spoons.map((s) => `${fraction(s.amount)} ${s.unit}`).join(' + ')
  return line.unit === 'g' ? '' : `${inField(asWeighed(line.amount))} ${line.unit}`
}
/** How an operation is done: what is set, or the custom. */
const said = (op: OperationDraft) =>
  asList(
    (kindOf(op.kind)?.settings ?? []).flatMap((s) => {
      const value = op.settings?.[s.setting] ?? s.usual
      return value == null ? [] : [`${s.words} ${quantity(value, s.unit, taste.value)}`]
    }),
  )
const chosen = computed(() => into.value.find((h) => h.id === piece.value))
const scaleTurn = useTurn()
const scale = useDebounceFn(async () => {
  const current = scaleTurn()
  if (!whole(bench.value.recipe)) return
  const filled = way.value === 'moulds' ? chosen.value : undefined
  try {
    const got = await ask(
      api.POST('/api/fillings/scale', {
        body: {
          on: request(bench.value),
          yieldG: way.value === 'weight' ? grams.value : null,
          eachG: filled?.eachG,
          pieces: filled && moulds.value ? (filled.cavities || 1) * moulds.value : null,
          line: way.value === 'hand' ? line.value : null,
          grams: way.value === 'hand' ? hand.value : null,
          ...vessels.value,
          leftoverG: leftoverG.value,
        },
      }),
    )
    if (!current()) return
    answer.value = got
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 80)
watch([way, grams, line, hand, moulds, chosen, leftoverG], () => void scale())
watch(vessels, () => void scale(), { deep: true })
/** Pieces of the books that hold it, and every mould with this shell and cap. */
const placesTurn = useTurn()
const findPlaces = useDebounceFn(async () => {
  const current = placesTurn()
  if (!whole(bench.value.recipe)) return
  try {
    const pieces = bench.value.number
      ? await ask(
          api.GET('/api/pieces/holding', { params: { query: { filling: bench.value.id } } }),
        )
      : []
    const rooms = await ask(
      api.POST('/api/pieces/rooms', {
        body: {
          on: request(bench.value),
          shellMm: shellMm.value,
          headRoomMm: headRoomMm.value,
        },
      }),
    )
    if (!current()) return
    into.value = [
      ...pieces.map((p) => ({ ...p, cavities: p.cavitiesPerMould, mould: false })),
      ...rooms.map((r) => ({
        ...r,
        id: `mould:${r.id}`,
        name: t('Mould: {name}', { name: r.name }),
        mould: true,
      })),
    ]
    if (!chosen.value) piece.value = into.value[0]?.id ?? ''
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 80)
watch(
  [() => bench.value.id, () => bench.value.number, shellMm, headRoomMm],
  () => void findPlaces(),
)
watch(
  () => bench.value.recipe,
  () => {
    void scale()
    void findPlaces()
  },
  { deep: true },
)
onMounted(() => {
  void scale()
  void findPlaces()
})
</script>

<template>
  <div class="tool" :data-print="paper">
    <form class="ask no-print" @submit.prevent>
      <v-btn-toggle v-model="way" mandatory divided class="asked">
        <v-btn value="weight" size="large">{{ $t('Weight') }}</v-btn>
        <v-btn value="moulds" size="large">{{ $t('Moulds or pieces') }}</v-btn>
        <v-btn value="hand" size="large">{{ $t('At hand') }}</v-btn>
      </v-btn-toggle>
      <NumberField v-if="way === 'weight'" v-model="grams" :label="$t('To come out')" unit="GRAM" />
      <template v-else-if="way === 'moulds'">
        <v-select
          v-model="piece"
          :label="$t('Into')"
          :items="into"
          item-title="name"
          item-value="id"
        />
        <NumberField
          v-if="chosen?.cavities === 0"
          v-model="moulds"
          :label="$t('Pieces')"
          unit="PIECE"
        />
        <NumberField v-else v-model="moulds" :label="$t('Moulds')" unit="MOULD" />
        <template v-if="chosen?.mould">
          <NumberField v-model="shellMm" :label="$t('Shell')" unit="MILLIMETRE" />
          <NumberField v-model="headRoomMm" :label="$t('Left for the cap')" unit="MILLIMETRE" />
        </template>
      </template>
      <template v-else>
        <v-select
          v-model="line"
          :label="$t('What is at hand')"
          :items="lines.map((l, i) => ({ id: i, words: l.name }))"
          item-title="words"
          item-value="id"
        />
        <NumberField v-model="hand" :label="$t('Of it')" unit="GRAM" />
      </template>
      <NumberField v-model="vessels.panMl" :label="$t('Pan holds')" unit="MILLILITRE" />
      <NumberField v-model="vessels.blenderMl" :label="$t('Blender holds')" unit="MILLILITRE" />
      <NumberField v-model="vessels.bowlMl" :label="$t('Bowl holds')" unit="MILLILITRE" />
      <NumberField v-model="leftoverG" :label="$t('Left over')" unit="GRAM" />
    </form>
    <section class="answer" :aria-label="$t('New size')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <template v-if="answer">
        <div class="only-print">
          <p>{{ house?.rules.name }}, {{ today }}</p>
          <h2>{{ bench.recipe.name }}</h2>
        </div>
        <h1>
          {{
            $t('{yieldG}, {factor} times the recipe', {
              yieldG: quantity(answer.yieldG, 'GRAM', taste),
              factor: number(answer.factor, 'ONE', taste),
            })
          }}<template v-if="answer.rounds > 1">{{
            $t(', in {rounds} rounds', { rounds: answer.rounds })
          }}</template>
        </h1>
        <p v-for="s in answer.says" :key="s.template" class="says">
          {{ sentence(s, taste) }}
        </p>
        <ol class="list">
          <li v-for="(op, i) in answer.recipe.operations" :key="i">
            <b>{{ kindOf(op.kind)?.words }}</b>
            {{ said(op) }}
            {{ inPot(answer.recipe, op, (g) => quantity(g, 'GRAM', taste)) }}
            <table v-if="op.lines?.length" class="rows">
              <tbody>
                <tr v-for="(l, k) in op.lines" :key="k">
                  <td>{{ nameOf(l.ingredient) }}</td>
                  <td class="right">{{ spooned(l, answer.measured[i]?.[k]) }}</td>
                  <td class="right">
                    {{
                      answer.measured[i]?.[k]
                        ? quantity(answer.measured[i][k].grams, 'GRAM', taste)
                        : ''
                    }}
                  </td>
                </tr>
              </tbody>
            </table>
          </li>
        </ol>
        <div class="only-print">
          <p>
            <template v-if="sheet && !bench.unseen">{{
              sentence(sheet.life.verdict, taste)
            }}</template>
            {{
              sheet
                ? $t('Contains {allergens}.', {
                    allergens: allergenList(sheet.allergens) || $t('no allergens named'),
                  })
                : $t('Its allergens are not here yet: print it again in a moment.')
            }}
          </p>
          <p v-for="c in sheet?.cautions" :key="c.template">{{ sentence(c, taste) }}</p>
          <p class="mt-4">{{ $t('Made by ____________________ Lots ____________________') }}</p>
        </div>
        <div class="no-print d-flex flex-wrap ga-3 mt-3">
          <v-btn size="x-large" color="primary" @click="takeOver(answer.recipe)">{{
            $t('Use it')
          }}</v-btn>
          <v-btn size="x-large" variant="outlined" @click="print('sheet')">{{
            $t('Print the sheet')
          }}</v-btn>
        </div>
        <article v-if="answer.leftover && !bench.unseen" class="jar">
          <h2>{{ answer.leftover.name }}</h2>
          <p class="num">{{ quantity(answer.leftover.grams, 'GRAM', taste) }}</p>
          <p>
            <i18n-t scope="global" keypath="made {made}, use by {useBy}">
              <template #made>
                {{ answer.leftover.made }}
              </template>
              <template #useBy>
                <b>{{ answer.leftover.useBy }}</b>
              </template> </i18n-t
            ><template v-if="answer.leftover.keepCold"
              >.
              <b>{{
                $t('Keep at {it} or colder.', { it: quantity(4, 'CELSIUS', taste) })
              }}</b></template
            >
          </p>
          <p>
            {{
              $t('contains {allergens}', {
                allergens: allergenList(answer.leftover.allergens) || $t('no allergens'),
              })
            }}
          </p>
          <ul class="no-print">
            <li v-for="s in answer.leftover.ideas" :key="s.template">{{ sentence(s, taste) }}</li>
          </ul>
        </article>
        <v-btn
          v-if="answer.leftover && !bench.unseen"
          size="large"
          variant="outlined"
          class="no-print mt-3"
          @click="print('jar')"
          >{{ $t('Print the label') }}</v-btn
        >
      </template>
    </section>
  </div>
</template>

<style scoped>
.list {
  padding-left: 24px;
  max-width: 620px;
}
.says {
  max-width: 620px;
  margin: 8px 0;
}
.list li {
  margin: 8px 0;
}
.jar {
  margin-top: 20px;
  max-width: 460px;
  border: 2px solid var(--p-still);
  border-radius: 8px;
  padding: 14px 20px;
}
.jar ul {
  padding-left: 18px;
}
@media print {
  [data-print='jar'] .answer > :not(.jar),
  [data-print='sheet'] .jar {
    display: none !important;
  }
  .list li {
    break-inside: avoid;
  }
}
</style>
