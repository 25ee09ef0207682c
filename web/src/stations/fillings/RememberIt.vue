<script setup lang="ts">
import { when, written } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import { everyPage } from '@/parts/everyPage'
import { once } from '@/parts/once'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'
import { inTaste, quantity } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import { useRecipe } from './recipe'
import TaughtDoses from './TaughtDoses.vue'
import WeighedYield from './WeighedYield.vue'

type S = components['schemas']
const { bench, takeOver, look, sheet } = useRecipe()
const { taste } = useHouse()
const versions = ref<S['RecipeVersionView'][]>([])
const notes = ref<S['FillingNoteView'][]>([])
const difference = ref<S['Difference'] | null>(null)
const from = ref<number | null>(null)
const to = ref<number | null>(null)
const refused = ref('')

const kind = ref<S['FillingNoteDraft']['kind']>('TASTING')
const score = ref<number | null>(null)
const measured = ref<number | null>(null)
const text = ref('')
const salts = ref<{ salt: S['SaltReadingDraft']['salt']; shown: number | null }[]>([
  { salt: 'SODIUM_CHLORIDE', shown: null },
  { salt: 'POTASSIUM_SULPHATE', shown: null },
])
const saltsC = ref<number | null>(20)
const corrected = ref<S['FigureView'] | null>(null)
const KINDS = [
  { id: 'TASTING', words: t('Tasting') },
  { id: 'WATER_ACTIVITY', words: t('Water activity') },
  { id: 'PH', words: 'pH' },
  { id: 'FIRMNESS', words: t('Set after 24 h') },
]
const SALTS = [
  { id: 'SODIUM_CHLORIDE', words: t('sodium chloride') },
  { id: 'POTASSIUM_CHLORIDE', words: t('potassium chloride') },
  { id: 'POTASSIUM_SULPHATE', words: t('potassium sulphate') },
  { id: 'MAGNESIUM_NITRATE', words: t('magnesium nitrate') },
  { id: 'MAGNESIUM_CHLORIDE', words: t('magnesium chloride') },
  { id: 'POTASSIUM_CARBONATE', words: t('potassium carbonate') },
]
const known = computed(() => bench.value.number > 0)

const turn = useTurn()
async function load() {
  if (!known.value) return
  const current = turn()
  try {
    const path = { id: bench.value.id }
    const [of, noted] = await Promise.all([
      everyPage((query) =>
        ask(api.GET('/api/fillings/{id}/versions', { params: { path, query } })),
      ),
      everyPage((query) => ask(api.GET('/api/fillings/{id}/notes', { params: { path, query } }))),
    ])
    if (!current()) return
    versions.value = of
    notes.value = noted
    to.value = versions.value[0]?.number ?? null
    from.value = versions.value[1]?.number ?? null
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}
onMounted(load)
watch(() => [bench.value.id, bench.value.number], load)
const compared = useTurn()
watch([from, to], async () => {
  const current = compared()
  difference.value = null
  if (from.value === null || to.value === null || from.value === to.value) return
  try {
    const answer = await ask(
      api.GET('/api/fillings/{id}/difference', {
        params: { path: { id: bench.value.id }, query: { from: from.value, to: to.value } },
      }),
    )
    if (current()) difference.value = answer
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
})

async function correct() {
  if (measured.value === null) return
  try {
    corrected.value = await ask(
      api.POST('/api/fillings/meter', {
        body: {
          shown: measured.value,
          salts: salts.value
            .filter((s) => s.shown !== null)
            .map((s) => ({ salt: s.salt, shown: s.shown!, celsius: saltsC.value ?? 20 })),
        },
      }),
    )
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  }
}
// A correction belongs to the reading it was made for.
watch([measured, salts, saltsC, kind], () => (corrected.value = null), { deep: true })
const noteOnce = once()
async function note() {
  try {
    const id = bench.value.id
    const said = {
      kind: kind.value,
      score: kind.value === 'TASTING' ? score.value : null,
      measured:
        kind.value === 'TASTING'
          ? null
          : kind.value === 'WATER_ACTIVITY' && corrected.value
            ? corrected.value.value
            : measured.value,
      words: text.value,
    }
    const noted = await noteOnce([id, said], (mine) =>
      ask(
        api.POST('/api/fillings/{id}/notes', {
          params: { path: { id } },
          body: { id: mine, ...said },
        }),
      ),
    )
    notes.value = noted.items
    text.value = ''
    score.value = null
    measured.value = null
    corrected.value = null
    refused.value = ''
    void look()
  } catch (problem) {
    refused.value = words(problem)
  }
}
async function back(number: number) {
  try {
    const old = await ask(
      api.GET('/api/fillings/{id}/versions/{number}', {
        params: { path: { id: bench.value.id, number } },
      }),
    )
    takeOver(old.recipe)
  } catch (problem) {
    refused.value = words(problem)
  }
}
const date = (iso: string) => when(iso, { dateStyle: 'medium', timeStyle: 'short' })
const kindWords = (id: string) => KINDS.find((k) => k.id === id)?.words ?? id
const aw = computed(
  () => sheet.value?.figures.find((f) => f.quality === 'WATER_ACTIVITY')?.figure ?? null,
)
/** What was measured moves the model by so much, and so unsure it still is. */
const learnt = computed(() =>
  (sheet.value?.figures ?? []).flatMap(({ quality, figure }) => {
    const input = (name: string) => figure.basis.inputs.find((i) => i.name === name)?.value
    const by = input(t('moved by own measurements'))
    const left = input(t('margin left'))
    if (by === undefined || left === undefined || quality === 'FIRMNESS_STORAGE') return []
    const places = quality === 'WATER_ACTIVITY' ? 3 : 1
    const sign = by < 0 ? '\u2212' : '+'
    return [
      t('{name}: {sign}{by}, give or take {left}', {
        name: figure.name,
        sign,
        by: written(Math.abs(by), places),
        left: written(left, places),
      }),
    ]
  }),
)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent="note">
      <h2>{{ $t('Note') }}</h2>
      <p v-if="!known" class="quiet">
        {{ $t('Save the recipe first; notes belong to a version.') }}
      </p>
      <v-select
        v-model="kind"
        :label="$t('What')"
        :items="KINDS"
        item-title="words"
        item-value="id"
      />
      <NumberField
        v-if="kind === 'TASTING'"
        v-model="score"
        :label="$t('Score, 1 to 10')"
        unit="ONE"
      />
      <NumberField
        v-else
        v-model="measured"
        :label="
          kind === 'FIRMNESS'
            ? $t('Firmness: 0 pours, 3 pipes, 5 scoops, 7 slices, 10 hard')
            : kind === 'PH'
              ? $t('pH measured')
              : $t('Meter shows')
        "
        unit="ONE"
      />
      <template v-if="kind === 'WATER_ACTIVITY'">
        <p class="quiet">{{ $t('Over saturated salts the meter shows (one or two):') }}</p>
        <NumberField v-model="saltsC" :label="$t('Salts stand at')" unit="CELSIUS" />
        <div v-for="(s, i) in salts" :key="i" class="salt">
          <v-select
            v-model="s.salt"
            :items="SALTS"
            item-title="words"
            item-value="id"
            :aria-label="$t('Salt {place}', { place: i + 1 })"
            density="compact"
          />
          <NumberField v-model="s.shown" :label="$t('shows')" unit="ONE" />
        </div>
        <v-btn size="large" variant="outlined" :disabled="measured === null" @click="correct">{{
          $t('Correct the meter')
        }}</v-btn>
        <FigureString v-if="corrected" :figure="corrected" />
      </template>
      <v-textarea v-model="text" :label="$t('Words')" rows="3" />
      <v-btn type="submit" size="x-large" color="primary" :disabled="!known">{{
        $t('Note it')
      }}</v-btn>
    </form>
    <section class="answer" :aria-label="$t('What was')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <h1>{{ bench.recipe.name }}</h1>
      <div v-if="aw" class="aw"><FigureString :figure="aw" /></div>
      <h2 class="mt-3">{{ $t('Notes') }}</h2>
      <p v-if="learnt.length" class="learnt">
        {{
          $t('Measured here, the model is moved for this recipe. {learnt}.', {
            learnt: learnt.join('; '),
          })
        }}
      </p>
      <p v-if="!notes.length" class="quiet">
        {{
          $t(
            'Nothing noted. A measured water activity, pH or firmness moves the model for this recipe.',
          )
        }}
      </p>
      <table v-else class="rows">
        <tbody>
          <tr v-for="(n, i) in notes" :key="i">
            <td class="num">{{ $t('version {number}', { number: n.number }) }}</td>
            <td>{{ date(n.notedAt) }}</td>
            <td>{{ kindWords(n.kind) }}</td>
            <td class="num">
              {{
                n.score != null
                  ? $t('{score} of 10', { score: n.score })
                  : n.measured != null
                    ? written(n.measured, n.kind === 'WATER_ACTIVITY' ? 3 : 1)
                    : ''
              }}
            </td>
            <td>{{ n.words }}</td>
          </tr>
        </tbody>
      </table>
      <h2 class="mt-4">{{ $t('Versions') }}</h2>
      <table class="rows">
        <tbody>
          <tr v-for="v in versions" :key="v.number">
            <td class="num">{{ v.number }}</td>
            <td>{{ date(v.savedAt) }}</td>
            <td>{{ v.note }}</td>
            <td class="right">
              <v-btn
                v-if="v.number !== bench.number"
                variant="outlined"
                size="large"
                @click="back(v.number)"
                >{{ $t('Back to it') }}</v-btn
              >
            </td>
          </tr>
        </tbody>
      </table>
      <div v-if="versions.length > 1" class="two mt-3">
        <v-select
          v-model="from"
          :label="$t('From version')"
          :items="versions.map((v) => v.number)"
        />
        <v-select v-model="to" :label="$t('To version')" :items="versions.map((v) => v.number)" />
      </div>
      <template v-if="difference">
        <p v-if="!difference.amounts.length && !difference.doings.length">
          {{ $t('They are the same.') }}
        </p>
        <table class="rows">
          <tbody>
            <tr v-for="a in difference.amounts" :key="a.ingredient">
              <td>{{ a.ingredient }}</td>
              <td class="right">{{ quantity(a.fromG, 'GRAM', taste) }}</td>
              <td class="right">
                <b>{{ quantity(a.toG, 'GRAM', taste) }}</b>
              </td>
            </tr>
            <tr v-for="d in difference.doings" :key="d">
              <td colspan="3">{{ d }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <TaughtDoses />
      <WeighedYield />
    </section>
  </div>
</template>

<style scoped>
.salt {
  display: grid;
  grid-template-columns: 1.3fr 1fr;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: 180px 180px;
  gap: 12px;
}
.aw {
  max-width: 420px;
}
.learnt {
  margin: 6px 0;
  font-size: 1.1rem;
}
</style>
