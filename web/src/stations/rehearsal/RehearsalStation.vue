<script setup lang="ts">
// A simulated bowl to bring into temper by hand. Acts are kept here; the server plays them anew.
import { t } from '@/words'
import { useStorage } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words, type Exercise, type RehearsalAct, type RehearsalPlay } from '@/api/client'
import type { CurveDrawing } from '@/parts/curve'
import CurveChart from '@/parts/CurveChart.vue'
import { useHouse } from '@/parts/house'
import { clock, fromTaste, inTaste, quantity, sentence, symbol, typed } from '@/parts/units'

const { taste } = useHouse()
const exercises = ref<Exercise[]>([])
const game = useStorage('palintone.rehearsal', {
  exercise: '' as Exercise['id'] | '',
  seed: 1,
  acts: [] as RehearsalAct[],
})
const played = ref<RehearsalPlay | null>(null)
const refused = ref('')
const busy = ref(false)

const exercise = computed(() => exercises.value.find((e) => e.id === game.value.exercise))
type Choice = { kind: RehearsalAct['kind']; words: string; amounts: number[]; unit: 's' | 'g' }
const CHOICES: Choice[] = [
  { kind: 'HEAT', words: t('Heat'), amounts: [3, 5, 10, 30], unit: 's' },
  { kind: 'STIR', words: t('Stir'), amounts: [30, 60, 180], unit: 's' },
  { kind: 'BATH', words: t('Cold bath'), amounts: [15, 30, 60, 180], unit: 's' },
  { kind: 'TABLE', words: t('Table two thirds'), amounts: [180, 300, 420], unit: 's' },
  { kind: 'SEED', words: t('Stir in seed'), amounts: [30, 60, 100, 500], unit: 'g' },
  { kind: 'WAIT', words: t('Leave alone'), amounts: [60, 300], unit: 's' },
]
const own = ref<Record<string, string>>({})

onMounted(async () => {
  try {
    exercises.value = await ask(api.GET('/api/rehearsal/exercises'))
    if (game.value.exercise) await play(game.value.acts)
  } catch (problem) {
    refused.value = words(problem)
  }
})

async function play(acts: RehearsalAct[]) {
  if (!game.value.exercise) return
  busy.value = true
  try {
    played.value = await ask(
      api.POST('/api/rehearsal/play', {
        body: { exercise: game.value.exercise, seed: game.value.seed, acts },
      }),
    )
    game.value.acts = acts
    refused.value = ''
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}
async function begin(id: Exercise['id']) {
  game.value = { exercise: id, seed: Math.floor(Math.random() * 1e6), acts: [] }
  played.value = null
  await play([])
}
const act = (kind: RehearsalAct['kind'], amount: number) =>
  play([...game.value.acts, { kind, amount }])

function actOwn(choice: Choice) {
  const value = typed(own.value[choice.kind] ?? '')
  if (Number.isNaN(value)) {
    refused.value = t('“{own}” is not a number.', { own: own.value[choice.kind] ?? '' })
    return
  }
  void act(choice.kind, choice.unit === 'g' ? fromTaste(value, 'GRAM', taste.value) : value)
}

const shownAmount = (choice: { unit: string }, amount: number) =>
  choice.unit === 'g'
    ? quantity(amount, 'GRAM', taste.value)
    : amount < 100
      ? `${amount} s`
      : clock(amount)
const last = computed(() => [...(played.value?.moments ?? [])].reverse())
const lastRead = computed(() => last.value.find((m) => m.readC != null))
const lastSmear = computed(() => last.value.find((m) => m.smearS != null))
const GRAMS = ['SEED', 'TAKE']
const momentWords = (m: RehearsalPlay['moments'][number]) =>
  m.amount > 0
    ? `${m.words} ${shownAmount({ unit: GRAMS.includes(m.kind) ? 'g' : 's' }, m.amount)}`
    : m.words

const drawing = computed<CurveDrawing>(() => {
  const truth = played.value?.truth
  return {
    lines: truth
      ? [{ name: t('truth'), timeS: truth.timeS, celsius: truth.temperatureC }]
      : [
          {
            name: t('read'),
            timeS: reads.value.map((m) => m.toS),
            celsius: reads.value.map((m) => m.readC!),
          },
        ],
    lane: truth && {
      timeS: truth.timeS,
      stable: truth.stablePercent,
      unstable: truth.unstablePercent,
    },
    window: exercise.value && { low: exercise.value.work.low, high: exercise.value.work.high },
    marks: played.value?.moments
      .filter((m) => m.kind !== 'READ' && m.kind !== 'WORK')
      .map((m) => ({ words: m.words, timeS: m.fromS })),
  }
})
const reads = computed(() => (played.value?.moments ?? []).filter((m) => m.readC != null))
</script>

<template>
  <div class="rehearsal sheet">
    <template v-if="!exercise || !played">
      <h1>{{ $t('Practice') }}</h1>
      <p class="quiet lead">
        {{
          $t(
            'Bring a simulated bowl into temper by hand, faster than life. Nobody sees the crystals; afterwards you will.',
          )
        }}
      </p>
      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
      <div class="exercises">
        <button v-for="(e, i) in exercises" :key="e.id" type="button" @click="begin(e.id)">
          <span class="quiet">{{ $t('Exercise {place}', { place: i + 1 }) }}</span>
          <b>{{ e.words }}</b>
          <span>{{ inTaste(e.story, taste) }}</span>
          <span class="quiet">{{
            $t('A steady hand needs {parMinutes}.', {
              parMinutes: quantity(e.parMinutes, 'MINUTE', taste),
            })
          }}</span>
        </button>
      </div>
    </template>
    <template v-else>
      <header>
        <h1>{{ exercise.words }}</h1>
        <p class="quiet">{{ inTaste(exercise.story, taste) }}</p>
      </header>
      <div class="table">
        <section class="what">
          <dl>
            <dt>{{ $t('Clock') }}</dt>
            <dd>{{ clock(played.clockS) }}</dd>
            <dt>{{ $t('Last read') }}</dt>
            <dd>
              {{ lastRead ? quantity(lastRead.readC!, 'CELSIUS', taste) : $t('not yet') }}
              <small v-if="lastRead" class="quiet">{{
                $t('at {toS}', { toS: clock(lastRead.toS) })
              }}</small>
            </dd>
            <dt>{{ $t('Last smear') }}</dt>
            <dd>
              {{
                !lastSmear
                  ? $t('none')
                  : lastSmear.smearS! >= 180
                    ? $t('not set in 3:00')
                    : $t('set in {smearS}', { smearS: clock(lastSmear.smearS!) })
              }}
            </dd>
          </dl>
          <template v-if="!played.done">
            <div class="main">
              <button type="button" class="big" :disabled="busy" @click="act('READ', 0)">
                {{ $t('Stir and read') }}
              </button>
              <button type="button" class="big" :disabled="busy" @click="act('PAPER', 0)">
                {{ $t('Paper test') }}
              </button>
            </div>
            <div v-for="choice in CHOICES" :key="choice.kind" class="choice">
              <span>{{ choice.words }}</span>
              <button
                v-for="amount in choice.amounts"
                :key="amount"
                type="button"
                :disabled="busy"
                @click="act(choice.kind, amount)"
              >
                {{ shownAmount(choice, amount) }}
              </button>
              <form @submit.prevent="actOwn(choice)">
                <input
                  v-model="own[choice.kind]"
                  :aria-label="$t('{words}: own amount', { words: choice.words })"
                  :placeholder="choice.unit === 'g' ? symbol('GRAM', taste) : 's'"
                  inputmode="decimal"
                />
              </form>
            </div>
            <v-btn size="x-large" color="primary" block :disabled="busy" @click="act('WORK', 0)">{{
              $t('It is in temper: begin to work')
            }}</v-btn>
          </template>
          <template v-else-if="played.score">
            <p class="points">
              {{ played.score.points }}{{ ' '
              }}<small>
                {{
                  $t('of 100, {verdictWords}', { verdictWords: played.score.verdictWords })
                }}</small
              >
            </p>
            <table class="rows">
              <tbody>
                <tr v-for="line in played.score.lines" :key="line.what">
                  <td>
                    <b>{{ line.what }}</b><br /><span class="quiet">{{
                      sentence(line.why, taste)
                    }}</span>
                  </td>
                  <td class="right num points-of">{{ line.points }} / {{ line.most }}</td>
                </tr>
              </tbody>
            </table>
            <div class="main">
              <button type="button" class="big" @click="begin(exercise.id)">
                {{ $t('Again') }}
              </button>
              <button type="button" class="big" @click="game.exercise = ''">
                {{ $t('Another exercise') }}
              </button>
            </div>
          </template>
          <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
        </section>
        <section class="seen">
          <div class="picture">
            <CurveChart
              v-if="reads.length || played.done"
              :drawing="drawing"
              :spoken="
                played.done ? $t('What really happened in the bowl') : $t('What was read so far')
              "
            />
            <p v-else class="quiet">{{ $t('Read the bowl to see where it stands.') }}</p>
          </div>
          <h2>{{ played.done ? $t('What you did') : $t('So far') }}</h2>
          <ol>
            <li v-for="m in last" :key="m.fromS + m.kind">
              <span class="num quiet">{{ clock(m.fromS) }}</span> {{ momentWords(m) }}
              <b v-if="m.readC != null">{{ quantity(m.readC, 'CELSIUS', taste) }}</b>
              <b v-if="m.smearS != null">{{
                m.smearS >= 180
                  ? $t('not set in 3:00')
                  : $t('set in {smearS}', { smearS: clock(m.smearS) })
              }}</b>
            </li>
          </ol>
          <button v-if="!played.done" type="button" class="quiet leave" @click="game.exercise = ''">
            {{ $t('Leave this exercise') }}
          </button>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.lead {
  font-size: 1.2rem;
  margin: 8px 0 18px;
}
.exercises {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 16px;
}
.exercises button {
  display: grid;
  gap: 8px;
  align-content: start;
  padding: 20px;
  border: 1.5px solid var(--p-line);
  border-radius: 10px;
  min-height: 190px;
}
.exercises b {
  font-family: var(--p-serif);
  font-weight: 400;
  font-size: 1.5rem;
}
.table {
  display: grid;
  grid-template-columns: minmax(430px, 1fr) minmax(0, 1.1fr);
  gap: 28px;
  margin-top: 12px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 16px;
  font-size: 1.2rem;
  margin-bottom: 12px;
}
dd {
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.main {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 8px 0;
}
.big {
  min-height: 64px;
  border-radius: 8px;
  background: var(--p-still);
  color: var(--p-ground);
  font-size: 1.15rem;
  font-weight: 600;
  text-align: center;
}
.choice {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-bottom: 6px;
}
.choice span {
  width: 130px;
}
.choice button,
.choice input {
  min-height: 52px;
  min-width: 62px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  text-align: center;
  padding: 0 8px;
}
.choice input {
  width: 62px;
}
.v-btn {
  height: 68px !important;
  margin-top: 8px;
}
.picture {
  height: 400px;
}
ol b {
  margin-left: 8px;
}
.points-of {
  white-space: nowrap;
}
ol {
  list-style: none;
  padding: 0;
  max-height: 220px;
  overflow: auto;
}
ol li {
  padding: 4px 0;
  border-bottom: 1px solid var(--p-line);
}
.points {
  font-size: 3.4rem;
  font-weight: 600;
}
.points small {
  font-size: 1.2rem;
  font-weight: 400;
}
.leave {
  min-height: 44px;
  text-decoration: underline;
}
@media (max-width: 1000px) {
  .table {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .play {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
