<script setup lang="ts">
// Colours in the mould in the order they go in: grams, warmth, when the next, and how it is seen
// through the wall.
import { useStorage } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import type { ColourStock } from '@/api/client'
import { t } from '@/words'
import { everyPage } from '@/parts/everyPage'
import { useHouse } from '@/parts/house'
import { wordsOf } from '@/parts/kinds'
import NumberField from '@/parts/NumberField.vue'
import { known } from '@/parts/shelf'
import { inTaste, quantity } from '@/parts/units'
import { HOWS, newCoat, type CoatInForm } from '@/stations/pieces/worn'
import NothingYet from './NothingYet.vue'
import ColourSeen from './ColourSeen.vue'
import RemarkList from './RemarkList.vue'
import { useCasting } from './order'
import { useAnswer } from './useAnswer'

const casting = useCasting()
const { taste } = useHouse()
const worn = useStorage('palintone.shells.colours', {
  moulds: 4 as number | null,
  stablePercent: 1 as number | null,
  coats: [] as CoatInForm[],
})
const moulds = ref<{ id: string; name: string }[]>([])
const stock = ref<ColourStock[]>([])
const missing = ref('')
onMounted(async () => {
  try {
    moulds.value = await everyPage((query) => ask(api.GET('/api/moulds', { params: { query } })))
    stock.value = await everyPage((query) => ask(api.GET('/api/colours', { params: { query } })))
    if (!moulds.value.some((m) => m.id === casting.value.mould)) {
      casting.value.mould = moulds.value[0]?.id ?? ''
    }
    if (!worn.value.coats.length && stock.value[0]) {
      worn.value.coats = [{ ...newCoat(), name: stock.value[0].colour.name }]
    }
  } catch (problem) {
    missing.value = words(problem)
  }
})
const blank = computed(() => !casting.value.mould)
const whole = computed(() => worn.value.coats.filter((c) => c.name.trim() && c.filmMm !== null))
const { answer, refused } = useAnswer(
  [casting, worn],
  () => {
    const { mould, mouldC, roomC } = casting.value
    const { moulds: many, stablePercent } = worn.value
    if (!mould) return null
    const coats = whole.value.map((c) => ({ name: c.name.trim(), filmMm: c.filmMm!, how: c.how }))
    return ask(
      api.POST('/api/shells/colour', {
        body: { mould, moulds: many, mouldC, roomC, stablePercent, coats },
      }),
    )
  },
  blank,
)
const min = (value: number) => quantity(value, 'MINUTE', taste.value)
const tint = (name: string) => stock.value.find((c) => c.colour.name === name)?.colour.tint ?? null
const seen = computed(
  () => answer.value?.coats.map((c) => ({ name: c.name, how: c.how, tint: tint(c.name) })) ?? [],
)
const add = () => worn.value.coats.push(newCoat())
const away = (i: number) => worn.value.coats.splice(i, 1)
function up(i: number) {
  const [coat] = worn.value.coats.splice(i, 1)
  worn.value.coats.splice(i - 1, 0, coat!)
}
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-select
        :model-value="known(moulds, casting.mould)"
        :label="$t('Mould')"
        :items="moulds"
        item-title="name"
        item-value="id"
        @update:model-value="(id: string) => (casting.mould = id)"
      />
      <NumberField v-model="worn.moulds" :label="$t('Moulds')" unit="ONE" />
      <NumberField
        v-model="casting.mouldC"
        :label="$t('Mould (the room’s if empty)')"
        unit="CELSIUS"
      />
      <NumberField
        v-model="worn.stablePercent"
        :label="$t('Stable crystals in the colour')"
        unit="PERCENT"
      />
      <fieldset v-for="(coat, i) in worn.coats" :key="i" class="coat">
        <legend>{{ $t('Coat {n}', { n: i + 1 }) }}</legend>
        <v-combobox
          v-model="coat.name"
          :label="$t('Colour')"
          :items="stock.map((c) => c.colour.name)"
          maxlength="120"
        />
        <v-select
          v-model="coat.how"
          :label="$t('How')"
          :items="HOWS"
          item-title="words"
          item-value="id"
        />
        <NumberField v-model="coat.filmMm" :label="$t('Film')" unit="MILLIMETRE" />
        <div class="acts">
          <v-btn v-if="i > 0" variant="text" size="large" @click="up(i)">{{ $t('Earlier') }}</v-btn>
          <v-btn variant="text" size="large" @click="away(i)">{{ $t('Remove') }}</v-btn>
        </div>
      </fieldset>
      <v-btn size="large" variant="outlined" @click="add">{{ $t('Add a coat') }}</v-btn>
    </form>
    <section class="answer" :aria-label="$t('Colour')">
      <p v-if="refused || missing" class="trouble" role="alert">
        {{ inTaste(refused || missing, taste) }}
      </p>
      <NothingYet v-if="blank" />
      <template v-if="answer">
        <h1>
          {{
            !answer.coats.length
              ? $t('No colour yet')
              : answer.castFrom
                ? $t('Cast from {from} after the last coat, within a day', {
                    from: min(answer.castFrom.value),
                  })
                : $t('This colour does not hold')
          }}
        </h1>
        <RemarkList :remarks="answer.remarks" />
        <div v-if="answer.coats.length" class="two">
          <figure>
            <ColourSeen :coats="seen" />
            <figcaption class="quiet">
              {{
                $t('As it is seen through the wall of the mould: what went in first is in front.')
              }}
            </figcaption>
          </figure>
          <table class="rows">
            <thead>
              <tr>
                <th>{{ $t('Coat') }}</th>
                <th class="right">{{ $t('A mould') }}</th>
                <th class="right">{{ $t('All') }}</th>
                <th class="right">{{ $t('At') }}</th>
                <th class="right">{{ $t('Next from') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(coat, i) in answer.coats" :key="i">
                <td>{{ coat.name }}, {{ wordsOf(HOWS, coat.how) }}</td>
                <td class="right">{{ quantity(coat.perMould.value, 'GRAM', taste) }}</td>
                <td class="right">
                  <b>{{ quantity(coat.all.value, 'GRAM', taste) }}</b>
                </td>
                <td class="right">
                  {{ coat.at ? quantity(coat.at.value, 'CELSIUS', taste) : t('dry') }}
                </td>
                <td class="right">
                  {{ coat.nextFrom ? min(coat.nextFrom.value) : t('not within hours') }}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p>
          {{
            $t(
              'Melt and strain the colour, bring it to its temperature in temper, a thin even coat. Wipe the face of the mould before the next. Many makers wait five minutes between coats and twenty before casting; the times above are for this film, mould and room.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.coat {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 12px;
  border: 1px solid var(--p-line);
  border-radius: 6px;
}
.coat > * {
  flex: none;
}
.acts {
  display: flex;
  flex-wrap: wrap;
}
.two {
  display: grid;
  grid-template-columns: minmax(160px, 260px) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
  margin: 12px 0;
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
}
figure {
  margin: 0;
}
</style>
