<script setup lang="ts">
// Colours in the mould in their order, seen outermost first, and the finishings at the end.
import { t } from '@/words'
import type { ColourStock } from '@/api/client'
import AllergenField from '@/parts/AllergenField.vue'
import NumberField from '@/parts/NumberField.vue'
import { brings, FINISHES, HOWS, newCoat, type WornInForm } from './worn'

/** Without a mould there is nothing to colour. */
const props = defineProps<{ colours: ColourStock[]; uncoloured?: boolean }>()
const worn = defineModel<WornInForm>({ required: true })

function move(i: number, by: number) {
  const coats = [...worn.value.coats]
  const [moved] = coats.splice(i, 1)
  coats.splice(i + by, 0, moved!)
  worn.value = { ...worn.value, coats }
}
const ofTheHouse = (name: string) =>
  props.colours.find((c) => c.colour.name.toLowerCase() === name?.trim().toLowerCase())
const tintOf = (name: string) => ofTheHouse(name)?.colour.tint
const whatOf = (kind: string) => FINISHES.find((f) => f.id === kind)?.what ?? t('Words')
</script>

<template>
  <div class="worn">
    <fieldset v-for="(coat, i) in worn.coats" :key="i">
      <legend>
        <span
          v-if="tintOf(coat.name)"
          class="tint"
          :style="{ background: tintOf(coat.name) }"
          aria-hidden="true"
        />
        {{
          $t('Colour {place}{it}', {
            place: i + 1,
            it: i === 0 && worn.coats.length > 1 ? $t(', seen outermost') : '',
          })
        }}
      </legend>
      <v-combobox
        v-model="coat.name"
        :items="colours.map((c) => c.colour.name)"
        :label="$t('Colour')"
        hide-no-data
      />
      <v-select
        v-model="coat.how"
        :items="HOWS"
        item-title="words"
        item-value="id"
        :label="$t('How')"
      />
      <NumberField v-model="coat.filmMm" :label="$t('Film')" unit="MILLIMETRE" />
      <AllergenField
        v-if="coat.name && !ofTheHouse(coat.name)"
        v-model="coat.allergens"
        class="whole"
        :label="$t('Allergens of {what}, by its packet', { what: coat.name })"
      />
      <div class="acts">
        <v-btn
          variant="text"
          :disabled="i === 0"
          :aria-label="$t('Colour {place} earlier', { place: i + 1 })"
          @click="move(i, -1)"
          >{{ $t('Earlier') }}</v-btn
        >
        <v-btn
          variant="text"
          :disabled="i === worn.coats.length - 1"
          :aria-label="$t('Colour {place} later', { place: i + 1 })"
          @click="move(i, 1)"
          >{{ $t('Later') }}</v-btn
        >
        <v-btn
          variant="text"
          :aria-label="$t('Remove colour {place}', { place: i + 1 })"
          @click="worn.coats.splice(i, 1)"
          >{{ $t('Remove') }}</v-btn
        >
      </div>
    </fieldset>
    <div v-for="(finish, i) in worn.finishes" :key="`f${i}`" class="finish">
      <v-select
        v-model="finish.kind"
        :items="FINISHES"
        item-title="words"
        item-value="id"
        :label="$t('Finishing {place}', { place: i + 1 })"
      />
      <v-text-field v-model="finish.words" :label="whatOf(finish.kind)" maxlength="120" />
      <AllergenField
        v-if="brings(finish.kind)"
        v-model="finish.allergens"
        class="whole"
        :label="
          $t('Allergens of {what}, by its packet', { what: finish.words || whatOf(finish.kind) })
        "
      />
      <v-btn
        variant="text"
        :aria-label="$t('Remove finishing {place}', { place: i + 1 })"
        @click="worn.finishes.splice(i, 1)"
        >{{ $t('Remove') }}</v-btn
      >
    </div>
    <div class="acts">
      <v-btn
        v-if="!uncoloured"
        variant="outlined"
        size="large"
        @click="worn.coats.push(newCoat())"
        >{{ $t('Add a colour') }}</v-btn
      >
      <v-btn
        variant="outlined"
        size="large"
        @click="worn.finishes.push({ kind: 'STICKER', words: '', allergens: null })"
        >{{ $t('Add a finishing') }}</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.worn {
  display: grid;
  gap: 12px;
}
fieldset {
  border: 1px solid var(--p-line);
  border-radius: 8px;
  padding: 10px 12px 4px;
  display: grid;
  grid-template-columns: 1.4fr 1fr 0.8fr;
  gap: 10px;
}
legend {
  padding: 0 6px;
  font-weight: 600;
}
.tint {
  display: inline-block;
  width: 18px;
  height: 18px;
  border-radius: 9px;
  border: 1px solid var(--p-line);
  vertical-align: -3px;
}
.finish {
  display: grid;
  grid-template-columns: 1.2fr 1.2fr auto;
  gap: 10px;
  align-items: center;
}
.whole {
  grid-column: 1 / -1;
}
.acts {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.acts .v-btn,
.finish .v-btn {
  min-height: 56px;
}
@media (max-width: 700px) {
  fieldset,
  .finish {
    grid-template-columns: 1fr;
  }
}
</style>
