<script setup lang="ts">
// From full to scraped: what shaking brings up, when the rim may be cut, rack or paper.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { t } from '@/words'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, quantity } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import RemarkList from './RemarkList.vue'
import { request, useCasting, VIBRATIONS, type Vibration } from './order'
import { useAnswer } from './useAnswer'

const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { taste } = useHouse()
const full = useStorage('palintone.shells.full', {
  shaken: 'TABLE' as Vibration,
  shakenS: 45 as number | null,
})
const { answer, refused } = useAnswer(
  [casting, full],
  () => {
    const cast = request(casting.value)
    return cast ? ask(api.POST('/api/shells/drain', { body: { cast, ...full.value } })) : null
  },
  blank,
)
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
const min = (value: number) => quantity(value, 'MINUTE', taste.value)
const until = computed(() =>
  answer.value?.scrapeUntil ? min(answer.value.scrapeUntil.value) : t('an hour'),
)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-select
        v-model="full.shaken"
        :label="$t('While it stands full')"
        :items="VIBRATIONS"
        item-title="words"
        item-value="id"
      />
      <NumberField v-model="full.shakenS" :label="$t('Shaken for')" unit="SECOND" />
      <h3 class="mt-2">{{ $t('The shell') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Drain & scrape')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <NothingYet v-if="blank" />
      <template v-if="answer">
        <h1>
          {{
            $t('Scrape from {from} to {until} after draining', {
              from: min(answer.scrapeFrom.value),
              until,
            })
          }}
        </h1>
        <p>
          {{
            $t(
              'Sooner, the rim runs back over the edge; later, it breaks instead of being cut. Its shine goes after {begins}: then the cold.',
              { begins: min(answer.begins.value) },
            )
          }}
        </p>
        <RemarkList :remarks="answer.remarks" />
        <h2 class="mt-4">{{ $t('Bubbles') }}</h2>
        <p>
          {{
            $t('So shaken, bubbles wider than {left} come up; {caught} and smaller stay.', {
              left: mm(answer.left.value),
              caught: mm(answer.caught.value),
            })
          }}
        </p>
        <div class="figures">
          <FigureString :figure="answer.left" />
          <FigureString :figure="answer.caught" />
        </div>
        <h2 class="mt-4">{{ $t('Turned over, it stands') }}</h2>
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('On what') }}</th>
              <th class="right">{{ $t('Still runs off') }}</th>
              <th class="right">{{ $t('Lip at the rim') }}</th>
              <th class="right">{{ $t('Shine goes') }}</th>
              <th>{{ $t('What differs') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="way in answer.ways" :key="way.words">
              <td>{{ way.words }}</td>
              <td class="right">{{ quantity(way.runsOff.value, 'GRAM', taste) }}</td>
              <td class="right">
                <b>{{ mm(way.lip.value) }}</b>
              </td>
              <td class="right">{{ min(way.begins.value) }}</td>
              <td>{{ way.says }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">
          {{
            $t(
              'Two schools: cut it at once while it runs, and again when the rim stands; or wait until the rim stands and cut once. The times above are for the clean cut.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.figures {
  max-width: 480px;
  margin: 12px 0;
}
</style>
