<script setup lang="ts">
// How this house works: its room, its practices, what stands in it.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed } from 'vue'
import { type HouseDraft, type Method } from '@/api/client'
import { useHouse } from '@/parts/house'
import LanguageChoice from '@/parts/LanguageChoice.vue'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import TwoStates from '@/parts/TwoStates.vue'
import { number, quantity } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import MeltBy from '@/parts/MeltBy.vue'
import type { MeltKind } from '@/parts/meltBy'
import { VESSELS } from '@/stations/temper/methods'
import ChoiceRow from './ChoiceRow.vue'
import ToolLists, { type Tools } from './ToolLists.vue'

const props = defineProps<{ rules: HouseDraft; kept: boolean }>()
const emit = defineEmits<{ saved: [] }>()
const { house, taste, save, load } = useHouse()
const between = (low: number, high: number) =>
  `${number(low, 'CELSIUS', taste.value)} – ${quantity(high, 'CELSIUS', taste.value)}`
/** Numbers may be empty while somebody types. */
type Typing = {
  [K in keyof HouseDraft]: HouseDraft[K] extends number ? number | null : HouseDraft[K]
}

const writing = useWriting<Typing, null, HouseDraft>({
  what: 'workshop',
  own: { id: 'house', version: props.rules.version },
  // What an older file left out begins empty.
  begin: () =>
    JSON.parse(
      JSON.stringify({ scales: [], thermometers: [], melters: [], ...props.rules }),
    ) as Typing,
  missing: (form) =>
    Object.values(form).some((value) => value === null)
      ? t('A number is missing or not a number.')
      : '',
  draft: (form, version) => ({ ...(form as HouseDraft), version: version ?? 0 }),
  // There is nothing to draw of it.
  trial: async () => null,
  put: (_, body) => save(body),
  now: async () => {
    await load()
    return house.value!.rules
  },
  name: (form) => form.name,
  saved: () => emit('saved'),
})
const { form: draft, notSaved, theirs, mine, busy, canUndo, canRedo, restored, changed } = writing
const method = computed<Method>({
  get: () => draft.value.method ?? 'SEED_THIRD',
  set: (to) => (draft.value.method = to),
})
const colourPractice = computed<NonNullable<HouseDraft['colourPractice']>>({
  get: () => draft.value.colourPractice ?? 'AS_IT_HOLDS',
  set: (to) => (draft.value.colourPractice = to),
})
const tools = computed<Tools>({
  get: () => draft.value as Tools,
  set: (to) => Object.assign(draft.value, to),
})

const meltBy = computed<MeltKind>({
  get: () => draft.value.tempering?.meltBy ?? 'BURSTS',
  set: (to) => Object.assign(draft.value.tempering!, { meltBy: to }),
})
const meltAt = computed<number | null>({
  get: () => draft.value.tempering?.meltAt ?? null,
  set: (to) => Object.assign(draft.value.tempering!, { meltAt: to }),
})

/** Every place whose day there is, and the one of the house, whatever this browser knows. */
const ZONES = [
  ...new Set([props.rules.zone ?? 'UTC', 'UTC', ...Intl.supportedValuesOf('timeZone')]),
].sort()

const c = (value: number) => quantity(value, 'CELSIUS', taste.value)
const names = (list: { name: string }[]) => asList(list.map((each) => each.name)) || '–'
const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'roomTemperatureC', words: t('Room'), say: c },
  { key: 'humidityPercent', words: t('Humidity') },
  { key: 'altitudeM', words: t('Altitude') },
  { key: 'darkWindow', words: t('Dark is worked') },
  { key: 'colourPractice', words: t('Colour is cast over') },
  { key: 'method', words: t('Tempered by') },
  { key: 'mouldsInRotation', words: t('Moulds at once') },
  { key: 'bowlReserve', words: t('Reserve') },
  { key: 'fillingSurplus', words: t('Surplus') },
  { key: 'heatPowerW', words: t('Heat') },
  { key: 'heatEfficiency', words: t('of which counts') },
  { key: 'tempering', words: t('Tempering'), say: () => t('stone, bath, kettle, vessel') },
  { key: 'cabinets', words: t('Cold places'), say: names },
  { key: 'scales', words: t('Scales'), say: names },
  { key: 'thermometers', words: t('Thermometers'), say: names },
  { key: 'melters', words: t('Melters'), say: names },
  { key: 'temperatureUnit', words: t('Temperature in') },
  { key: 'massUnit', words: t('Weight in') },
  { key: 'currency', words: t('Money') },
  { key: 'zone', words: t('Time zone') },
] as FieldWords<HouseDraft>[]
</script>

<template>
  <section class="sheet">
    <h1>{{ $t('House rules') }}</h1>
    <p v-if="restored" class="quiet">
      {{ $t('What you typed last time stands here again.') }}
      <v-btn variant="text" @click="writing.startOver">{{ $t('Start over') }}</v-btn>
    </p>
    <form @submit.prevent="writing.save">
      <h2>{{ $t('The room today') }}</h2>
      <div class="fields">
        <v-text-field v-model="draft.name" :label="$t('Name of the workshop')" />
        <NumberField
          v-model="draft.roomTemperatureC"
          :label="$t('Room temperature')"
          unit="CELSIUS"
        />
        <NumberField v-model="draft.humidityPercent" :label="$t('Humidity')" unit="PERCENT" />
        <NumberField
          :model-value="draft.altitudeM ?? null"
          :label="$t('Altitude (syrups boil lower)')"
          unit="METRE"
          @update:model-value="draft.altitudeM = $event"
        />
      </div>

      <h2>{{ $t('Practices') }}</h2>
      <ChoiceRow
        v-model="draft.darkWindow"
        :label="$t('Dark is worked at')"
        :choices="[
          [
            'LOW',
            between(31, 32),
            $t('Default: a smear sets surely, with a degree of room above.'),
          ],
          ['HIGH', between(32, 34), $t('Flows thinner, with less room before the temper is lost.')],
        ]"
      />
      <ChoiceRow
        v-model="colourPractice"
        :label="$t('Colour is cast over')"
        :choices="[
          [
            'AS_IT_HOLDS',
            $t('as soon as the film holds'),
            $t('Default: it follows film, mould and room; five minutes at the least.'),
          ],
          [
            'OVERNIGHT',
            $t('the next day'),
            $t('Eight hours at the least: sure in any room, and a day longer.'),
          ],
        ]"
      />
      <ChoiceRow
        v-model="method"
        :label="$t('A bowl is tempered by')"
        :choices="[
          [
            'SEED_THIRD',
            $t('a third of seed'),
            $t('Default: the seed does the cooling, into a bowl still hot.'),
          ],
          [
            'SEED_FEW',
            $t('a few per cent of seed'),
            $t('Fluid from the start; the bowl must cool first.'),
          ],
          [
            'TABLING',
            $t('tabling on the stone'),
            $t('Quick for a few kilograms; wants a cool stone and a hand.'),
          ],
          ['COLD_BATH', $t('a cold bath'), $t('Needs no seed; water stands beside chocolate.')],
          [
            'COLD_BATH_QUICK',
            $t('a cold bath, up at once'),
            $t('Quicker, to 26 or 27 °C only; held there until there is seed enough.'),
          ],
          [
            'KEEP_TEMPER',
            $t('a gentle melt'),
            $t('For small bowls of tempered couverture, never melted out.'),
          ],
          [
            'KETTLE',
            $t('the melting kettle'),
            $t('For large bowls; slow, and needs little of a hand.'),
          ],
        ]"
      />

      <h2>{{ $t('Habits') }}</h2>
      <div class="fields">
        <NumberField
          v-model="draft.mouldsInRotation"
          :label="$t('Moulds brim-full at once')"
          unit="ONE"
        />
        <NumberField
          v-model="draft.bowlReserve"
          :label="$t('Reserve in the bowl')"
          unit="PERCENT"
          :factor="100"
        />
        <NumberField
          v-model="draft.fillingSurplus"
          :label="$t('Filling above what is needed')"
          unit="PERCENT"
          :factor="100"
        />
        <NumberField v-model="draft.heatPowerW" :label="$t('Heat for rewarming')" unit="WATT" />
        <NumberField
          v-model="draft.heatEfficiency"
          :label="$t('of which ends in the chocolate')"
          unit="PERCENT"
          :factor="100"
        />
      </div>

      <h2>{{ $t('Tempering') }}</h2>
      <div v-if="draft.tempering" class="fields">
        <NumberField v-model="draft.tempering.stoneC" :label="$t('Stone')" unit="CELSIUS" />
        <NumberField v-model="draft.tempering.stoneM2" :label="$t('Stone, m²')" unit="ONE" />
        <NumberField
          v-model="draft.tempering.stoneMm"
          :label="$t('Stone, how thick')"
          unit="MILLIMETRE"
        />
        <NumberField v-model="draft.tempering.bathC" :label="$t('Cold bath')" unit="CELSIUS" />
        <NumberField v-model="draft.tempering.bathG" :label="$t('Water in it')" unit="GRAM" />
        <NumberField v-model="draft.tempering.kettleW" :label="$t('Melting kettle')" unit="WATT" />
        <MeltBy v-model:kind="meltBy" v-model:at="meltAt" />
        <v-select
          v-model="draft.tempering.vessel"
          :label="$t('Usual vessel')"
          :items="VESSELS"
          item-title="words"
          item-value="id"
        />
      </div>

      <div id="tools"><ToolLists v-model="tools" /></div>

      <h2>{{ $t('Units') }}</h2>
      <ChoiceRow
        v-model="draft.temperatureUnit"
        :label="$t('Temperature')"
        :choices="[
          ['CELSIUS', '°C', ''],
          ['FAHRENHEIT', '°F', ''],
        ]"
      />
      <ChoiceRow
        v-model="draft.massUnit"
        :label="$t('Weight')"
        :choices="[
          ['GRAM', 'g', ''],
          ['OUNCE', $t('oz'), ''],
        ]"
      />

      <div class="fields mt-3">
        <v-text-field
          v-model="draft.currency"
          :label="$t('Money')"
          maxlength="8"
          :hint="$t('As prices are to show it: €, CHF, kr')"
          persistent-hint
        />
        <v-autocomplete
          v-model="draft.zone"
          :items="ZONES"
          :label="$t('Time zone')"
          :hint="$t('Whose day it is: lots are numbered by it')"
          persistent-hint
          auto-select-first
        />
        <LanguageChoice />
      </div>

      <p v-if="notSaved" class="trouble" role="alert">{{ notSaved }}</p>
      <p v-if="kept && !changed" class="kept" role="status">
        {{ $t('Saved. Batches begun from now on follow these.') }}
      </p>
      <TwoStates
        v-if="theirs"
        :mine="mine"
        :theirs="theirs"
        :fields="FIELDS"
        @settled="writing.settle"
        @cancel="theirs = null"
      />
      <div v-else class="acts">
        <v-btn size="x-large" variant="outlined" :disabled="!changed" @click="writing.startOver">{{
          $t('Cancel')
        }}</v-btn>
        <v-btn size="x-large" variant="outlined" :disabled="!canUndo" @click="writing.undo">{{
          $t('Undo')
        }}</v-btn>
        <v-btn size="x-large" variant="outlined" :disabled="!canRedo" @click="writing.redo">{{
          $t('Redo')
        }}</v-btn>
        <v-btn size="x-large" color="primary" type="submit" class="save" :loading="busy">{{
          $t('Save')
        }}</v-btn>
      </div>
    </form>
  </section>
</template>

<style scoped>
form {
  max-width: 960px;
}
h2 {
  margin: 22px 0 10px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 14px;
}
.kept {
  color: var(--p-true);
}
.acts {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  padding: 12px 0;
  background: linear-gradient(transparent, var(--p-ground) 20%);
}
.acts .v-btn {
  height: 68px !important;
  min-width: 110px;
}
@media (max-width: 700px) {
  .acts .v-btn {
    min-width: 0;
    flex: 1 0 auto;
  }
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
