<script setup lang="ts">
// Thickness and wait, either way; the shell to scale; how it grows; how warm the mould should be.
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { components } from '@/api/schema'
import { counted, t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import LineChart, { type PlainLine } from '@/parts/LineChart.vue'
import NumberField from '@/parts/NumberField.vue'
import { clock, inTaste, number, quantity, symbol } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import RemarkList from './RemarkList.vue'
import ShellSection from './ShellSection.vue'
import { request, useCasting } from './order'
import { useAnswer } from './useAnswer'

type Cast = components['schemas']['CastView']
const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { taste } = useHouse()
/** Laid down to be compared with what is changed after. */
const beside = ref<Cast | null>(null)
const ASKED = [
  { id: 'WAIT', words: t('Wait') },
  { id: 'MEAN', words: t('Thickness') },
  { id: 'MASS', words: t('Weight') },
] as const

const { answer, refused } = useAnswer(
  [casting],
  () => {
    const body = request(casting.value)
    return body ? ask(api.POST('/api/shells/cast', { body })) : null
  },
  blank,
)

const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
/** Hundredths, where a tenth would say nothing. */
const fine = (value: number) =>
  `${number(Math.round(value * 100) / 100, 'ONE', taste.value)} ${symbol('MILLIMETRE', taste.value)}`
const lines = computed(() => {
  const a = answer.value
  if (!a) return []
  const grown = (of: Cast, name: string, dashed = false) => ({
    name,
    dashed,
    strong: !dashed,
    points: of.growth.map((g): [number, number] => [g.waitS / 60, g.meanMm]),
  })
  const all: PlainLine[] = [
    grown(a, t('mean')),
    {
      name: t('thinnest'),
      points: a.growth.map((g): [number, number] => [g.waitS / 60, g.thinnestMm]),
    },
  ]
  if (a.weighed.length) {
    all.push({
      name: t('weighed here'),
      dots: true,
      points: a.weighed
        .filter((w) => w.waitS <= (a.growth[a.growth.length - 1]?.waitS ?? 0))
        .map((w): [number, number] => [w.waitS / 60, w.meanMm])
        .sort((one, other) => one[0] - other[0]),
    })
  }
  return beside.value ? [...all, grown(beside.value, t('beside'), true)] : all
})
/** Drawn along, the shell grows. */
const seconds = computed({
  get: () => Math.min(900, casting.value.waitS ?? 0),
  set: (value) => (casting.value.waitS = value),
})
const spoken = computed(() =>
  answer.value
    ? t('Shell of {mean} in the mean, {floor} on the floor, {wall} on the wall', {
        mean: mm(answer.value.mean.value),
        floor: mm(answer.value.floor.value),
        wall: mm(answer.value.side.value),
      })
    : '',
)
const hangs = computed(() => {
  const a = answer.value
  if (!a) return ''
  return t('10 s longer are {ten} more, a mould 1 °C colder {kelvin}.', {
    ten: fine(a.perTenSecondsMm),
    kelvin: fine(a.perMouldKelvinMm),
  })
})
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-btn-toggle v-model="casting.asked" mandatory divided class="asked">
        <v-btn v-for="a in ASKED" :key="a.id" :value="a.id" size="large">{{ a.words }}</v-btn>
      </v-btn-toggle>
      <NumberField
        v-if="casting.asked === 'WAIT'"
        v-model="casting.waitS"
        :label="$t('From full to turned, shaking included')"
        unit="SECOND"
      />
      <NumberField
        v-else-if="casting.asked === 'MEAN'"
        v-model="casting.meanMm"
        :label="$t('Mean thickness wanted')"
        unit="MILLIMETRE"
      />
      <NumberField
        v-else
        v-model="casting.massG"
        :label="$t('Weight of one shell wanted')"
        unit="GRAM"
      />
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Shell')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <NothingYet v-if="blank" />
      <template v-if="answer">
        <h1>
          {{
            answer.found
              ? $t('Turn it after {wait}: {mean}, {mass} a shell', {
                  wait: clock(answer.waiting.value),
                  mean: mm(answer.mean.value),
                  mass: quantity(answer.mass.value, 'GRAM', taste),
                })
              : $t('No wait gives that; the nearest is {mean}', { mean: mm(answer.mean.value) })
          }}
        </h1>
        <p v-if="answer.waiting.low != null && answer.found" class="quiet">
          {{
            $t('Between {low} and {high}, eight times in ten.', {
              low: clock(answer.waiting.low),
              high: clock(answer.waiting.high ?? answer.waiting.low),
            })
          }}
        </p>
        <p v-else-if="answer.mean.low != null" class="quiet">
          {{
            $t('Between {low} and {high}, eight times in ten.', {
              low: mm(answer.mean.low),
              high: mm(answer.mean.high ?? answer.mean.low),
            })
          }}
        </p>
        <RemarkList :remarks="answer.remarks" />
        <v-slider
          v-if="casting.asked === 'WAIT'"
          v-model="seconds"
          class="mt-3"
          :label="$t('Waited')"
          :name="$t('Waited')"
          :min="0"
          :max="900"
          :step="15"
          hide-details
        />
        <div class="two">
          <div>
            <ShellSection
              :wall="answer.wall"
              :places="answer.places"
              :kind="answer.couvertureKind"
              :spoken="spoken"
              :beside="beside?.places"
            />
            <p class="quiet">
              {{
                $t('Turned over, to scale: floor {floor}, wall {wall}, rim {rim}.', {
                  floor: mm(answer.floor.value),
                  wall: mm(answer.side.value),
                  rim: mm(answer.rim.value),
                })
              }}
            </p>
            <v-btn v-if="!beside" size="large" @click="beside = answer">{{
              $t('Lay it beside')
            }}</v-btn>
            <v-btn v-else size="large" @click="beside = null">{{ $t('Put the other away') }}</v-btn>
          </div>
          <div>
            <FigureString :figure="answer.mean" />
            <FigureString :figure="answer.thinnest" />
            <FigureString :figure="answer.mass" />
            <FigureString :figure="answer.perMould" />
            <FigureString :figure="answer.brim" />
            <p>{{ hangs }}</p>
            <p v-if="answer.weighings" class="quiet">
              {{
                counted(
                  'Corrected by {n} weighing of yours. | Corrected by {n} weighings of yours.',
                  answer.weighings,
                )
              }}
            </p>
            <p v-else class="quiet">
              {{ $t('By the model alone: weigh a mould back, and it learns.') }}
            </p>
          </div>
        </div>
        <LineChart
          :lines="lines"
          :x-name="$t('minutes waited')"
          :y-name="symbol('MILLIMETRE', taste)"
          :y-min="0"
          :marks="[{ x: answer.waiting.value / 60, name: $t('turned') }]"
          :spoken="$t('Thickness by the wait')"
        />
        <h2 class="mt-4">{{ $t('The mould before casting') }}</h2>
        <p>
          {{ $t('Clean, dry, polished with a soft cloth; touch no inside.') }}
          <b>{{
            $t('For this bowl {from} to {to}; it is {is}.', {
              from: quantity(answer.mould.fromC, 'CELSIUS', taste),
              to: quantity(answer.mould.toC, 'CELSIUS', taste),
              is: quantity(answer.mould.isC, 'CELSIUS', taste),
            })
          }}</b>
        </p>
        <p>{{ answer.mould.coldSays }} {{ answer.mould.warmSays }}</p>
        <p v-if="answer.mould.warmAirS">
          {{
            $t('To the upper school: warm air of {air} for {seconds}.', {
              air: quantity(45, 'CELSIUS', taste),
              seconds: quantity(answer.mould.warmAirS, 'SECOND', taste),
            })
          }}
          <template v-if="answer.mould.keepsS">{{
            $t('On the bench it loses a degree in {keeps}.', {
              keeps: quantity(answer.mould.keepsS, 'SECOND', taste),
            })
          }}</template>
        </p>
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('School') }}</th>
              <th class="right">{{ $t('From') }}</th>
              <th class="right">{{ $t('To') }}</th>
              <th>{{ $t('What differs') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in answer.mould.practices" :key="s.words">
              <td>{{ s.words }}</td>
              <td class="right">{{ quantity(s.fromC, 'CELSIUS', taste) }}</td>
              <td class="right">{{ quantity(s.toC, 'CELSIUS', taste) }}</td>
              <td>{{ s.says }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="answer.setMm > 0" class="quiet">
          {{ $t('{set} had set when it was turned.', { set: mm(answer.setMm) }) }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 280px), 1fr));
  gap: 20px;
  margin: 12px 0;
}
</style>
