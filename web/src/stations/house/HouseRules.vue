<script setup lang="ts">
// How this house works: its room, its practices, what stands in it.
import { computed } from 'vue'
import { type HouseDraft, type Method } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import TwoStates from '@/parts/TwoStates.vue'
import { number, quantity } from '@/parts/units'
import { useWriting } from '@/parts/writing'
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
      ? 'A number is missing or not a number.'
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
const tools = computed<Tools>({
  get: () => draft.value as Tools,
  set: (to) => Object.assign(draft.value, to),
})

const c = (value: number) => quantity(value, 'CELSIUS', taste.value)
const names = (list: { name: string }[]) => list.map((each) => each.name).join(', ') || '–'
const FIELDS = [
  { key: 'name', words: 'Name' },
  { key: 'roomTemperatureC', words: 'Room', say: c },
  { key: 'humidityPercent', words: 'Humidity' },
  { key: 'altitudeM', words: 'Altitude' },
  { key: 'darkWindow', words: 'Dark is worked' },
  { key: 'method', words: 'Tempered by' },
  { key: 'mouldsInRotation', words: 'Moulds at once' },
  { key: 'bowlReserve', words: 'Reserve' },
  { key: 'fillingSurplus', words: 'Surplus' },
  { key: 'heatPowerW', words: 'Heat' },
  { key: 'heatEfficiency', words: 'of which counts' },
  { key: 'tempering', words: 'Tempering', say: () => 'stone, bath, kettle, vessel' },
  { key: 'cabinets', words: 'Cold places', say: names },
  { key: 'scales', words: 'Scales', say: names },
  { key: 'thermometers', words: 'Thermometers', say: names },
  { key: 'melters', words: 'Melters', say: names },
  { key: 'temperatureUnit', words: 'Temperature in' },
  { key: 'massUnit', words: 'Weight in' },
  { key: 'currency', words: 'Money' },
] as FieldWords<HouseDraft>[]
</script>

<template>
  <section class="sheet">
    <h1>House rules</h1>
    <p v-if="restored" class="quiet">
      What you typed last time stands here again.
      <v-btn variant="text" @click="writing.startOver">Start over</v-btn>
    </p>
    <form @submit.prevent="writing.save">
      <h2>The room today</h2>
      <div class="fields">
        <v-text-field v-model="draft.name" label="Name of the workshop" />
        <NumberField v-model="draft.roomTemperatureC" label="Room temperature" unit="CELSIUS" />
        <NumberField v-model="draft.humidityPercent" label="Humidity" unit="PERCENT" />
        <NumberField
          :model-value="draft.altitudeM ?? null"
          label="Altitude (syrups boil lower)"
          unit="METRE"
          @update:model-value="draft.altitudeM = $event"
        />
      </div>

      <h2>Practices</h2>
      <ChoiceRow
        v-model="draft.darkWindow"
        label="Dark is worked at"
        :choices="[
          ['LOW', between(31, 32), 'Default: a smear sets surely, with a degree of room above.'],
          ['HIGH', between(32, 34), 'Flows thinner, with less room before the temper is lost.'],
        ]"
      />
      <ChoiceRow
        v-model="method"
        label="A bowl is tempered by"
        :choices="[
          [
            'SEED_THIRD',
            'a third of seed',
            'Default: the seed does the cooling, into a bowl still hot.',
          ],
          ['SEED_FEW', 'a few per cent of seed', 'Fluid from the start; the bowl must cool first.'],
          [
            'TABLING',
            'tabling on the stone',
            'Quick for a few kilograms; wants a cool stone and a hand.',
          ],
          ['COLD_BATH', 'a cold bath', 'Needs no seed; water stands beside chocolate.'],
          [
            'KEEP_TEMPER',
            'a gentle melt',
            'For small bowls of tempered couverture, never melted out.',
          ],
          ['KETTLE', 'the melting kettle', 'For large bowls; slow, and needs little of a hand.'],
        ]"
      />

      <h2>Habits</h2>
      <div class="fields">
        <NumberField v-model="draft.mouldsInRotation" label="Moulds brim-full at once" unit="ONE" />
        <NumberField
          v-model="draft.bowlReserve"
          label="Reserve in the bowl"
          unit="PERCENT"
          :factor="100"
        />
        <NumberField
          v-model="draft.fillingSurplus"
          label="Filling above what is needed"
          unit="PERCENT"
          :factor="100"
        />
        <NumberField v-model="draft.heatPowerW" label="Heat for rewarming" unit="WATT" />
        <NumberField
          v-model="draft.heatEfficiency"
          label="of which ends in the chocolate"
          unit="PERCENT"
          :factor="100"
        />
      </div>

      <h2>Tempering</h2>
      <div v-if="draft.tempering" class="fields">
        <NumberField v-model="draft.tempering.stoneC" label="Stone" unit="CELSIUS" />
        <NumberField v-model="draft.tempering.stoneM2" label="Stone, m²" unit="ONE" />
        <NumberField v-model="draft.tempering.stoneMm" label="Stone, how thick" unit="MILLIMETRE" />
        <NumberField v-model="draft.tempering.bathC" label="Cold bath" unit="CELSIUS" />
        <NumberField v-model="draft.tempering.bathG" label="Water in it" unit="GRAM" />
        <NumberField v-model="draft.tempering.kettleW" label="Melting kettle" unit="WATT" />
        <v-select
          v-model="draft.tempering.vessel"
          label="Usual vessel"
          :items="VESSELS"
          item-title="words"
          item-value="id"
        />
      </div>

      <div id="tools"><ToolLists v-model="tools" /></div>

      <h2>Units</h2>
      <ChoiceRow
        v-model="draft.temperatureUnit"
        label="Temperature"
        :choices="[
          ['CELSIUS', '°C', ''],
          ['FAHRENHEIT', '°F', ''],
        ]"
      />
      <ChoiceRow
        v-model="draft.massUnit"
        label="Weight"
        :choices="[
          ['GRAM', 'g', ''],
          ['OUNCE', 'oz', ''],
        ]"
      />

      <div class="fields mt-3">
        <v-text-field
          v-model="draft.currency"
          label="Money"
          maxlength="8"
          hint="As prices are to show it: €, CHF, kr"
          persistent-hint
        />
      </div>

      <p v-if="notSaved" class="trouble" role="alert">{{ notSaved }}</p>
      <p v-if="kept && !changed" class="kept" role="status">
        Saved. Batches begun from now on follow these.
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
        <v-btn size="x-large" variant="outlined" :disabled="!changed" @click="writing.startOver"
          >Cancel</v-btn
        >
        <v-btn size="x-large" variant="outlined" :disabled="!canUndo" @click="writing.undo"
          >Undo</v-btn
        >
        <v-btn size="x-large" variant="outlined" :disabled="!canRedo" @click="writing.redo"
          >Redo</v-btn
        >
        <v-btn size="x-large" color="primary" type="submit" class="save" :loading="busy"
          >Save</v-btn
        >
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
    flex: 1;
  }
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
