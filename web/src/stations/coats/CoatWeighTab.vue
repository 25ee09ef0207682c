<script setup lang="ts">
// Coats on the scale beside what was foretold, and what they teach.
import { once } from '@/parts/once'
import { computed, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { when } from '@/words/locale'
import BasisButton from '@/parts/BasisButton.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { number, quantity, sentence } from '@/parts/units'
import { useCoatBowl } from './bowl'
import CoatBowlFields from './CoatBowlFields.vue'
import { dipRequest, useDip } from './dip'
import { useFillings } from './useFillings'

type Weighed = components['schemas']['CoatsWeighedView']
const bowl = useCoatBowl()
const dip = useDip()
const { taste } = useHouse()
const { fillings, missing } = useFillings()
const weighed = ref<Weighed | null>(null)
const refused = ref('')
const busy = ref(false)
const centreG = ref<number | null>(null)
const pieceG = ref<number | null>(null)
const otherG = ref<number | null>(null)
const note = ref('')

const body = computed(() => dipRequest(bowl.value, dip.value, fillings.value))
const ready = computed(() => body.value && centreG.value !== null && pieceG.value !== null)

async function look() {
  const { couverture } = bowl.value
  weighed.value = null
  if (!couverture) return
  try {
    weighed.value = await ask(
      api.GET('/api/coats/weighings', { params: { query: { couverture } } }),
    )
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  }
}
watch(() => bowl.value.couverture, look, { immediate: true })

const keepOnce = once()

async function keep() {
  if (!body.value || centreG.value === null || pieceG.value === null || busy.value) return
  busy.value = true
  try {
    const weighing = {
      dip: body.value,
      centreG: centreG.value,
      pieceG: pieceG.value,
      otherG: otherG.value,
      note: note.value,
      notedAt: null,
    }
    weighed.value = await keepOnce(weighing, (id) =>
      ask(api.POST('/api/coats/weighings', { body: { id, ...weighing } })),
    )
    pieceG.value = null
    note.value = ''
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}
async function takeBack(id: string) {
  try {
    await ask(api.DELETE('/api/coats/weighings/{id}', { params: { path: { id } } }))
    await look()
  } catch (problem) {
    refused.value = words(problem)
  }
}
const g = (value: number) => quantity(value, 'GRAM', taste.value)
</script>

<template>
  <div class="two">
    <form class="fields" @submit.prevent="keep">
      <CoatBowlFields />
      <p class="quiet">
        {{ $t('Centre, bowl and tapping as they stand in the tab Dip.') }}
        <router-link to="/coats/dip">{{ $t('Look at them') }}</router-link>
      </p>
      <NumberField v-model="centreG" :label="$t('One centre, mean of ten')" unit="GRAM" />
      <NumberField v-model="pieceG" :label="$t('One dipped, mean of ten')" unit="GRAM" />
      <NumberField v-model="otherG" :label="$t('Of it powder and what else')" unit="GRAM" />
      <v-text-field v-model="note" :label="$t('Note')" maxlength="400" hide-details />
      <v-btn type="submit" size="x-large" color="primary" :disabled="!ready" :loading="busy">{{
        $t('Save')
      }}</v-btn>
      <p v-if="refused || missing" class="trouble" role="alert">{{ refused || missing }}</p>
    </form>
    <div>
      <template v-if="weighed">
        <BasisButton :figure="weighed.film">
          <b class="num big">{{ quantity(weighed.film.value, 'PERCENT', taste) }}</b>
          {{ $t('of the film the model draws out stays on your coats') }}
        </BasisButton>
        <p class="quiet said">{{ sentence(weighed.said, taste) }}</p>
        <table v-if="weighed.weighings.length" class="rows">
          <thead>
            <tr>
              <th>{{ $t('When') }}</th>
              <th class="right">{{ $t('Coat') }}</th>
              <th class="right">{{ $t('Foretold') }}</th>
              <th class="right">{{ $t('Against it') }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in weighed.weighings" :key="row.id">
              <td>
                {{ when(row.notedAt, { dateStyle: 'medium' }) }}
                <span class="quiet note">{{ row.note }}</span>
              </td>
              <td class="right">{{ g(row.coatG) }}</td>
              <td class="right">{{ g(row.plannedG) }}</td>
              <td class="right">
                {{ number((row.coatG / row.plannedG) * 100, 'PERCENT', taste) }} %
              </td>
              <td>
                <v-btn variant="text" class="back" @click="takeBack(row.id)">{{
                  $t('Take back')
                }}</v-btn>
              </td>
            </tr>
          </tbody>
        </table>
      </template>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: 26px;
  padding: 18px 26px;
  overflow: auto;
}
.fields {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.fields > * {
  flex: none;
}
.big {
  font-size: 2.2rem;
}
.said {
  margin: 8px 0 18px;
}
.note {
  display: block;
}
.back {
  min-height: 56px;
}
@media (max-width: 1000px) {
  .two {
    grid-template-columns: 1fr;
    padding: 12px 14px;
  }
}
</style>
