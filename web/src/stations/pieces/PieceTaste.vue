<script setup lang="ts">
// How the whole piece tastes against what is liked here, and what was said of it.
import { t } from '@/words'
import { when } from '@/words/locale'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import NumberField from '@/parts/NumberField.vue'
import { once } from '@/parts/once'
import { useHouse } from '@/parts/house'
import { couvertureWords } from '@/parts/kinds'
import { useTurn } from '@/parts/turn'
import { inTaste, quantity, sentence } from '@/parts/units'

type S = components['schemas']
type Liking = NonNullable<S['TastingDraft']['sweet']>
type Wanted = S['FillingWantedView']

const props = defineProps<{ id: string }>()
const { taste } = useHouse()
const answer = ref<S['TasteView'] | null>(null)
const refused = ref('')
const busy = ref(false)
const sweet = ref<Liking | null>(null)
const bitter = ref<Liking | null>(null)
const score = ref<number | null>(null)
const text = ref('')

const LIKINGS = [
  ['TOO_LITTLE', t('not enough')],
  ['RIGHT', t('just right')],
  ['TOO_MUCH', t('too much')],
] as const
const likingWords = (id?: string | null) => LIKINGS.find(([each]) => each === id)?.[1] ?? ''
const ASKED = [
  { words: t('Sweet'), said: sweet },
  { words: t('Bitter'), said: bitter },
]
const NAMES: Record<S['TasteOfView']['what'], string> = {
  SWEETNESS: t('Sweetness of the whole piece'),
  BITTERNESS: t('Bitterness of the whole piece'),
}

const turn = useTurn()
async function send(question: () => Promise<S['TasteView']>): Promise<boolean> {
  const current = turn()
  try {
    const got = await question()
    if (!current()) return false
    answer.value = got
    refused.value = ''
    return true
  } catch (problem) {
    if (current()) refused.value = words(problem)
    return false
  }
}
const path = computed(() => ({ id: props.id }))
const load = () =>
  send(() => ask(api.GET('/api/pieces/{id}/taste', { params: { path: path.value } })))
onMounted(load)
watch(() => props.id, load)

const nothing = computed(() => !sweet.value && !bitter.value && score.value === null)
const noteOnce = once()
async function note() {
  if (busy.value) return
  busy.value = true
  const said = { sweet: sweet.value, bitter: bitter.value, score: score.value, words: text.value }
  const noted = await send(() =>
    noteOnce([path.value, said], (mine) =>
      ask(
        api.POST('/api/pieces/{id}/tastings', {
          params: { path: path.value },
          body: { id: mine, ...said },
        }),
      ),
    ),
  )
  busy.value = false
  if (!noted) return
  sweet.value = bitter.value = score.value = null
  text.value = ''
}
const count = (tasting: S['TastingView']) =>
  send(() =>
    ask(
      api.PUT('/api/pieces/{id}/tastings/{tasting}', {
        params: { path: { ...path.value, tasting: tasting.id } },
        body: { counts: !tasting.counts },
      }),
    ),
  )

/** The fillings that would have to change, where the whole is not as it is liked. */
const changing = (of: S['TasteOfView']) =>
  of.figure.bandStatus === 'IN_BAND'
    ? []
    : of.fillings.filter((f) => f.low == null || f.now < f.low || f.now > (f.high ?? 0))
const percent = (value: number) => quantity(value, 'PERCENT', taste.value)
function asks(f: Wanted): string {
  const { name } = f
  const now = percent(f.now)
  if (f.low == null || f.high == null) {
    return t('{name} alone cannot bring it there: change the chocolate around it.', { name })
  }
  if (f.low <= 0) {
    return t('{name} would have to have {high} at the most; it has {now}.', {
      name,
      high: percent(f.high),
      now,
    })
  }
  return f.high >= 100
    ? t('{name} would have to have {low} at the least; it has {now}.', {
        name,
        low: percent(f.low),
        now,
      })
    : t('{name} would have to lie between {low} and {high}; it has {now}.', {
        name,
        low: percent(f.low),
        high: percent(f.high),
        now,
      })
}
/** Rounded inwards, so that what is balanced to it is within. */
const wish = (of: S['TasteOfView'], f: Wanted) =>
  `${of.quality}:${Math.ceil(f.low! * 10) / 10}:${Math.floor(f.high! * 10) / 10}`
/** One balance a filling, with all it is asked for. */
const balances = computed(() => {
  const each = new Map<string, { id: string; name: string; wishes: string[] }>()
  for (const of of answer.value?.tastes ?? []) {
    for (const f of changing(of).filter((g) => g.low != null)) {
      const known = each.get(f.id) ?? { id: f.id, name: f.name, wishes: [] }
      known.wishes.push(wish(of, f))
      each.set(f.id, known)
    }
  }
  return [...each.values()]
})
/** Which tastings speak here: those of pieces that are meant to taste alike. */
const which = computed(() => {
  const { kind, filled, ofOthers: others } = answer.value!
  if (!kind) {
    return t('Tastings of all pieces without couverture count: {others} of other pieces.', {
      others,
    })
  }
  return filled
    ? t('Tastings of all filled pieces in {kind} couverture count: {others} of other pieces.', {
        kind: couvertureWords(kind),
        others,
      })
    : t(
        'Tastings of all pieces of {kind} couverture without a filling count: {others} of other pieces.',
        { kind: couvertureWords(kind), others },
      )
})
const said = (tasting: S['TastingView']) =>
  [
    tasting.sweet && t('sweet: {said}', { said: likingWords(tasting.sweet) }),
    tasting.bitter && t('bitter: {said}', { said: likingWords(tasting.bitter) }),
    tasting.score != null && t('{score} of 10', { score: tasting.score }),
    tasting.words,
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <section class="taste" :aria-label="$t('How it tastes')">
    <h2>{{ $t('How it tastes') }}</h2>
    <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
    <template v-if="answer">
      <div class="two">
        <div>
          <div v-for="of in answer.tastes" :key="of.what" class="of">
            <FigureString :figure="of.figure" :name="NAMES[of.what]" />
            <p :class="of.figure.bandStatus === 'IN_BAND' ? 'quiet' : 'caution'">
              {{ sentence(of.says, taste) }}
            </p>
            <p v-for="f in changing(of)" :key="f.id">{{ asks(f) }}</p>
          </div>
          <v-btn
            v-for="each in balances"
            :key="each.id"
            size="large"
            variant="outlined"
            class="mb-3"
            :to="`/fillings/balance/${each.id}?wish=${each.wishes.join(',')}`"
            >{{ $t('Balance {name} to it', { name: each.name }) }}</v-btn
          >
          <p class="quiet">{{ which }}</p>
        </div>
        <form @submit.prevent="note">
          <div v-for="each in ASKED" :key="each.words" role="group" :aria-label="each.words">
            <b>{{ each.words }}</b>
            <div class="likings">
              <button
                v-for="[liking, say] in LIKINGS"
                :key="liking"
                type="button"
                :aria-pressed="each.said.value === liking"
                @click="each.said.value = each.said.value === liking ? null : liking"
              >
                {{ say }}
              </button>
            </div>
          </div>
          <div class="score">
            <NumberField v-model="score" :label="$t('Score, 1 to 10')" unit="ONE" />
            <v-text-field v-model="text" :label="$t('Words')" hide-details />
          </div>
          <v-btn
            type="submit"
            size="x-large"
            variant="outlined"
            :disabled="nothing"
            :loading="busy"
            >{{ $t('Note the tasting') }}</v-btn
          >
        </form>
      </div>
      <table v-if="answer.tastings.length" class="rows">
        <tbody>
          <tr v-for="each in answer.tastings" :key="each.id" :class="{ out: !each.counts }">
            <td>{{ when(each.notedAt, { dateStyle: 'medium' }) }}</td>
            <td>{{ said(each) }}</td>
            <td class="right">
              <v-btn variant="text" @click="count(each)">{{
                each.counts ? $t('counts') : $t('does not count')
              }}</v-btn>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.taste {
  margin: 14px 0 20px;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 14px 34px;
}
.of {
  margin-bottom: 12px;
}
.of > p {
  margin-top: 4px;
}
form {
  display: grid;
  gap: 10px;
  align-content: start;
}
.likings {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.likings button {
  min-height: 56px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  text-align: center;
}
.likings button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
  font-weight: 600;
}
.score {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 8px;
}
.out {
  color: var(--p-quiet);
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
