<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { words, type HouseDraft, type Method } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, number, quantity } from '@/parts/units'
import { VESSELS } from '@/stations/temper/methods'
import ChoiceRow from './ChoiceRow.vue'
import ToolLists, { type Tools } from './ToolLists.vue'

const { house, taste, trouble, save, load } = useHouse()
const between = (low: number, high: number) =>
  `${number(low, 'CELSIUS', taste.value)} – ${quantity(high, 'CELSIUS', taste.value)}`
/** Numbers may be empty while somebody types. */
type Typing = {
  [K in keyof HouseDraft]: HouseDraft[K] extends number ? number | null : HouseDraft[K]
}
const draft = ref<Typing | null>(null)
const method = computed<Method>({
  get: () => draft.value?.method ?? 'SEED_THIRD',
  set: (to) => draft.value && (draft.value.method = to),
})
/** What an older file left out begins empty. */
const tools = computed<Tools>({
  get: () => ({
    cabinets: draft.value?.cabinets ?? [],
    scales: draft.value?.scales ?? [],
    thermometers: draft.value?.thermometers ?? [],
    melters: draft.value?.melters ?? [],
  }),
  set: (to) => draft.value && Object.assign(draft.value, to),
})
const refused = ref('')
const kept = ref(false)
const busy = ref(false)

watch(
  house,
  (now) => {
    if (now && !draft.value) draft.value = structuredClone(now.rules)
  },
  { immediate: true },
)

async function keep() {
  if (!draft.value) return
  busy.value = true
  kept.value = false
  try {
    const empty = Object.entries(draft.value).find(([, value]) => value === null)
    if (empty) throw new Error('A number is missing or not a number.')
    await save(draft.value as HouseDraft)
    draft.value = structuredClone(house.value!.rules)
    refused.value = ''
    kept.value = true
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}

async function reload() {
  await load()
  draft.value = house.value && structuredClone(house.value.rules)
  refused.value = ''
}
</script>

<template>
  <section class="sheet">
    <h1>House rules</h1>
    <p v-if="!draft" class="quiet">{{ trouble || 'Looking them up …' }}</p>
    <form v-else @submit.prevent="keep">
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

      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
      <p v-if="kept" class="kept" role="status">Saved. Batches begun from now on follow these.</p>
      <div class="acts">
        <v-btn size="x-large" variant="outlined" @click="reload">Cancel</v-btn>
        <v-btn size="x-large" color="primary" type="submit" :loading="busy">Save</v-btn>
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
  gap: 14px;
  padding: 12px 0;
  background: linear-gradient(transparent, var(--p-ground) 20%);
}
.acts .v-btn {
  height: 68px !important;
  min-width: 180px;
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
