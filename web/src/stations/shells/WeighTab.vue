<script setup lang="ts">
// Weighed shells beside what was foretold, what they teach, and what to weigh next.
import { once } from '@/parts/once'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { t } from '@/words'
import { when } from '@/words/locale'
import { everyPage } from '@/parts/everyPage'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { known } from '@/parts/shelf'
import { clock, inTaste, number, quantity, sentence } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import { request, useCasting } from './order'
import { useAnswer } from './useAnswer'

type Weighed = components['schemas']['WeighedView']
const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { taste, houses } = useHouse()
const emptyG = ref<number | null>(null)
const shelledG = ref<number | null>(null)
const filledG = ref<number | null>(null)
const cappedG = ref<number | null>(null)
const filling = ref('')
const fillings = ref<{ id: string; name: string }[]>([])
onMounted(async () => {
  try {
    fillings.value = await everyPage((query) =>
      ask(api.GET('/api/fillings', { params: { query } })),
    )
  } catch (problem) {
    refused.value = words(problem)
  }
})
const cavities = ref<number | null>(null)
const note = ref('')
const busy = ref(false)

/** What was weighed is asked by the wait, whatever the other tabs ask. */
const body = computed(() =>
  request({ ...casting.value, asked: 'WAIT', waitS: casting.value.waitS ?? 60 }),
)
const {
  answer: weighed,
  refused,
  look,
} = useAnswer<Weighed>([casting], () =>
  body.value ? ask(api.POST('/api/shells/weighed', { body: body.value })) : null,
)

const keepOnce = once()

async function keep() {
  if (!body.value || shelledG.value === null || busy.value) return
  busy.value = true
  try {
    const weighing = {
      cast: body.value,
      emptyG: emptyG.value ?? 0,
      shelledG: shelledG.value,
      filledG: filledG.value,
      cappedG: cappedG.value,
      filling: filledG.value === null ? null : known(fillings.value, filling.value),
      cavities: cavities.value,
      note: note.value,
      notedAt: null,
    }
    weighed.value = await keepOnce(weighing, (id) =>
      ask(api.POST('/api/shells/weighings', { body: { id, ...weighing } })),
    )
    // The empty mould stays as it is; the next one is weighed with its shells.
    shelledG.value = null
    filledG.value = null
    cappedG.value = null
    note.value = ''
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}
/** In the sample workshop a scale stands ready to practise on. */
async function practise() {
  if (!body.value || busy.value) return
  busy.value = true
  try {
    const scale = await ask(
      api.POST('/api/shells/scale', {
        body: {
          cast: body.value,
          emptyG: 0,
          shelledG: 0,
          filledG: null,
          cappedG: null,
          filling: known(fillings.value, filling.value),
          cavities: cavities.value,
          note: null,
          notedAt: null,
        },
      }),
    )
    emptyG.value = scale.emptyG
    shelledG.value = scale.shelledG
    filledG.value = filling.value ? scale.filledG : null
    cappedG.value = filling.value ? scale.cappedG : null
    note.value = t('Practice scale')
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}
async function takeBack(id: string) {
  try {
    await ask(api.DELETE('/api/shells/weighings/{id}', { params: { path: { id } } }))
    await look()
  } catch (problem) {
    refused.value = words(problem)
  }
}
const g = (value: number) => quantity(value, 'GRAM', taste.value)
const density = (value: number) => quantity(value, 'GRAM_PER_ML', taste.value)
const by = (value: number) => number(Math.round(value * 100) / 100, 'ONE', taste.value)
const factors = computed(() =>
  weighed.value
    ? [
        {
          name: t('film that stays'),
          value: weighed.value.yieldFactor,
          low: weighed.value.yieldLow,
          high: weighed.value.yieldHigh,
        },
        {
          name: t('pace of setting'),
          value: weighed.value.heatFactor,
          low: weighed.value.heatLow,
          high: weighed.value.heatHigh,
        },
      ]
    : [],
)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent="keep">
      <NumberField v-model="emptyG" :label="$t('Empty mould (0 if set to zero)')" unit="GRAM" />
      <NumberField v-model="shelledG" :label="$t('Mould with its shells')" unit="GRAM" />
      <v-select
        :model-value="known(fillings, filling)"
        :label="$t('Filling, if it is filled')"
        :items="fillings"
        item-title="name"
        item-value="id"
        clearable
        @update:model-value="(id: string | null) => (filling = id ?? '')"
      />
      <template v-if="filling || filledG !== null">
        <NumberField v-model="filledG" :label="$t('Filled')" unit="GRAM" />
        <NumberField v-model="cappedG" :label="$t('Capped, scraped flush')" unit="GRAM" />
      </template>
      <NumberField v-model="cavities" :label="$t('Cavities filled (all if empty)')" unit="ONE" />
      <NumberField v-model="casting.waitS" :label="$t('Waited')" unit="SECOND" />
      <v-text-field v-model="note" :label="$t('Remark')" maxlength="400" />
      <v-btn
        type="submit"
        size="x-large"
        color="primary"
        :loading="busy"
        :disabled="shelledG === null"
        >{{ $t('Note it') }}</v-btn
      >
      <v-btn
        v-if="houses?.here === 'SAMPLE'"
        size="large"
        variant="outlined"
        :loading="busy"
        @click="practise"
        >{{ $t('Read the practice scale') }}</v-btn
      >
      <h3 class="mt-2">{{ $t('How it was cast') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Weigh back')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <NothingYet v-if="blank" />
      <template v-if="weighed">
        <h1>{{ weighed.next ? sentence(weighed.next, taste) : '' }}</h1>
        <p v-if="weighed.drift" class="caution">{{ sentence(weighed.drift, taste) }}</p>
        <p v-for="says in weighed.says" :key="says.template">{{ sentence(says, taste) }}</p>
        <table class="rows">
          <thead>
            <tr>
              <th>{{ $t('Against the model') }}</th>
              <th class="right">{{ $t('Factor') }}</th>
              <th class="right">{{ $t('Eight times in ten') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in factors" :key="f.name">
              <td>{{ f.name }}</td>
              <td class="right">
                <b>{{ by(f.value) }}</b>
              </td>
              <td class="right">
                {{ $t('{from} to {to}', { from: by(f.low), to: by(f.high) }) }}
              </td>
            </tr>
          </tbody>
        </table>
        <p v-for="fill in weighed.fills" :key="fill.filling">
          {{
            $t('{filling} weighs {is} where it lies in this mould, by its recipe {recipe}.', {
              filling: fill.filling,
              is: density(fill.gPerMl),
              recipe: density(fill.recipeGPerMl),
            })
          }}
        </p>
        <h2 class="mt-4">{{ $t('Weighed') }}</h2>
        <p v-if="!weighed.rows.length" class="quiet">{{ $t('Nothing yet.') }}</p>
        <table v-else class="rows">
          <thead>
            <tr>
              <th>{{ $t('When') }}</th>
              <th class="right">{{ $t('Waited') }}</th>
              <th class="right">{{ $t('Bowl') }}</th>
              <th class="right">{{ $t('Mould') }}</th>
              <th class="right">{{ $t('One shell') }}</th>
              <th class="right">{{ $t('Foretold') }}</th>
              <th class="right">{{ $t('As corrected') }}</th>
              <th class="right">{{ $t('Filling') }}</th>
              <th class="right">{{ $t('Cap') }}</th>
              <th>{{ $t('Remark') }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in weighed.rows" :key="row.id">
              <td>{{ when(row.notedAt, { day: 'numeric', month: 'short' }) }}</td>
              <td class="right">{{ clock(row.waitS) }}</td>
              <td class="right">{{ quantity(row.bowlC, 'CELSIUS', taste) }}</td>
              <td class="right">{{ quantity(row.mouldC, 'CELSIUS', taste) }}</td>
              <td class="right">
                <b>{{ g(row.eachG) }}</b>
              </td>
              <td class="right">{{ g(row.foretoldG) }}</td>
              <td class="right">{{ g(row.learnedG) }}</td>
              <td class="right">{{ row.fillEachG ? g(row.fillEachG) : '' }}</td>
              <td class="right">
                {{ row.capEachG ? g(row.capEachG) : '' }}
                <small v-if="row.capMm">{{ quantity(row.capMm, 'MILLIMETRE', taste) }}</small>
              </td>
              <td class="said">{{ row.note }}</td>
              <td>
                <v-btn variant="text" @click="takeBack(row.id)">{{ $t('Take back') }}</v-btn>
              </td>
            </tr>
          </tbody>
        </table>
      </template>
    </section>
  </div>
</template>
