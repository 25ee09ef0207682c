<script setup lang="ts">
// A shell in several coats: when the next may go in, when it must, and halves to be glued.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { clock, inTaste, quantity } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import RemarkList from './RemarkList.vue'
import ShellSection from './ShellSection.vue'
import { request, useCasting } from './order'
import { useAnswer } from './useAnswer'

const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { taste } = useHouse()
const more = useStorage('palintone.shells.coats', {
  by: 'MEAN' as 'MEAN' | 'WAIT',
  meanMm: 3.5 as number | null,
  coats: 2 as number | null,
  waitS: 60 as number | null,
  rimC: null as number | null,
})
const BY = [
  { id: 'MEAN', words: t('Thickness') },
  { id: 'WAIT', words: t('Coats') },
] as const
const { answer, refused } = useAnswer(
  [casting, more],
  () => {
    const { by, meanMm, waitS, coats, rimC } = more.value
    const cast = request({ ...casting.value, asked: by, meanMm, waitS })
    return cast
      ? ask(
          api.POST('/api/shells/coats', {
            body: { cast, coats: by === 'WAIT' ? coats : null, rimC },
          }),
        )
      : null
  },
  blank,
)
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
const min = (value: number) => quantity(value, 'MINUTE', taste.value)
const until = (minutes: number | null | undefined) =>
  minutes == null ? t('an hour') : min(minutes)
const head = computed(() => {
  const a = answer.value
  if (!a) return ''
  const wait = clock(a.coats[0]!.waitS)
  if (!a.found)
    return t('No coats give that; the nearest is {mean}', { mean: mm(a.together.value) })
  return a.coats.length === 1
    ? t('One coat, turned after {wait}: {mean}', { wait, mean: mm(a.together.value) })
    : t('{coats} coats, each turned after {wait}: {mean}', {
        coats: a.coats.length,
        wait,
        mean: mm(a.together.value),
      })
})
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-btn-toggle v-model="more.by" mandatory divided class="asked">
        <v-btn v-for="b in BY" :key="b.id" :value="b.id" size="large">{{ b.words }}</v-btn>
      </v-btn-toggle>
      <NumberField
        v-if="more.by === 'MEAN'"
        v-model="more.meanMm"
        :label="$t('All coats together')"
        unit="MILLIMETRE"
      />
      <template v-else>
        <NumberField v-model="more.coats" :label="$t('Coats')" unit="ONE" />
        <NumberField v-model="more.waitS" :label="$t('Each from full to turned')" unit="SECOND" />
      </template>
      <NumberField
        v-model="more.rimC"
        :label="$t('Rims of halves (the room’s if empty)')"
        unit="CELSIUS"
      />
      <h3 class="mt-2">{{ $t('The shell') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Coats')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <NothingYet v-if="blank" />
      <template v-if="answer">
        <h1>{{ head }}</h1>
        <RemarkList :remarks="answer.remarks" />
        <div class="two">
          <ShellSection
            :wall="answer.wall"
            :places="answer.places"
            :kind="answer.couvertureKind"
            :spoken="head"
          />
          <div>
            <FigureString :figure="answer.together" />
            <FigureString :figure="answer.thinnest" />
            <FigureString :figure="answer.mass" />
          </div>
        </div>
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('Coat') }}</th>
              <th class="right">{{ $t('Waits') }}</th>
              <th class="right">{{ $t('Adds') }}</th>
              <th class="right">{{ $t('Weighs') }}</th>
              <th class="right">{{ $t('Next from') }}</th>
              <th class="right">{{ $t('Next until') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(coat, i) in answer.coats" :key="i">
              <td>{{ i + 1 }}</td>
              <td class="right">{{ clock(coat.waitS) }}</td>
              <td class="right">{{ mm(coat.meanMm) }}</td>
              <td class="right">{{ quantity(coat.massG, 'GRAM', taste) }}</td>
              <td class="right">
                <b>{{ i + 1 < answer.coats.length ? min(coat.nextFromMin) : '–' }}</b>
              </td>
              <td class="right">
                {{ i + 1 < answer.coats.length ? until(coat.nextUntilMin) : '–' }}
              </td>
            </tr>
          </tbody>
        </table>
        <p>
          {{
            $t('Into the cold {begins} after the last has drained.', {
              begins: min(answer.begins.value),
            })
          }}
        </p>
        <p v-if="answer.coats.length > 1" class="quiet">
          {{
            $t(
              'Counted from the draining of the coat before. Sooner, the next washes it off; later, they part: warm its face first. Big and cold moulds take it best.',
            )
          }}
        </p>
        <h2 class="mt-4">{{ $t('Halves') }}</h2>
        <p>
          {{
            $t('Glued rim to rim they slide no more after {tacks}', {
              tacks: min(answer.tacks.value),
            })
          }}
          <template v-if="answer.holds">{{
            $t('and may be lifted after {holds}.', { holds: min(answer.holds.value) })
          }}</template>
          <template v-else>{{ $t('and do not hold within the hour: cool them.') }}</template>
        </p>
        <p class="quiet">
          {{
            $t(
              'A closing mould is filled two thirds, closed, turned on all sides, opened and poured back; it stands on its side until its shine would be gone, {begins}, then goes into the cold.',
              { begins: min(answer.begins.value) },
            )
          }}
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
