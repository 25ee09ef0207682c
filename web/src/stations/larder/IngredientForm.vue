<script setup lang="ts">
// An ingredient: what is in it, what it brings, and its lots. Estimated from a packet, or typed.
import { computed, ref } from 'vue'
import { api, ask, type Ingredient, type IngredientDraft } from '@/api/client'
import { useHouse } from '@/parts/house'
import { allergenList, ALLERGENS, type Allergen } from '@/parts/kinds'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { t } from '@/words'
import { asList, written } from '@/words/locale'
import { COMPONENTS } from './components'
import {
  begun,
  draftOf,
  missing,
  NATURES,
  strengthWords,
  type IngredientInForm,
} from './ingredientForm'
import FlavourPairs from './FlavourPairs.vue'
import LabelPanel from './LabelPanel.vue'
import LotList from './LotList.vue'

const props = defineProps<{ ingredient: Ingredient | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: []; copy: []; putAway: [] }>()
const { taste } = useHouse()

const own = props.copied ? null : props.ingredient
/** Numbers of a label that have not gone into the composition yet. */
const onTheLabel = ref(false)
const writing = useWriting<IngredientInForm, null, IngredientDraft>({
  what: 'ingredient',
  own,
  begin: () => ({
    ...begun(props.ingredient),
    ...(props.copied && { name: `${props.ingredient?.name} 2` }),
  }),
  missing: (form) =>
    onTheLabel.value
      ? t('The label has not been taken in: estimate the rest, or go on without the label.')
      : missing(form),
  draft: (form, version) => draftOf(form, props.ingredient, version),
  // Nothing is drawn of it: what it does is seen in the recipes that hold it.
  trial: () => Promise.resolve(null),
  put: (id, body) => ask(api.PUT('/api/ingredients/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const it = await ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } }))
    return draftOf(begun(it), it, it.version)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form } = writing

/** Shown while typing; the server has the last word. */
const sum = computed(() =>
  Object.values(form.value.gramsPer100).reduce<number>((all, part) => all + (part ?? 0), 0),
)
const strength = computed(() => strengthWords(form.value))

/** A composition estimated from a packet is shown as one. */
function take(parts: Record<string, number>, basis: string) {
  Object.assign(form.value, {
    gramsPer100: Object.fromEntries(COMPONENTS.map(([code]) => [code, parts[code] ?? null])),
    estimated: true,
    source: t('label, {new}; {basis}', { new: new Date().toISOString().slice(0, 10), basis }),
    fromMemory: false,
  })
}

const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'densityGPerMl', words: t('Density') },
  {
    key: 'gramsPer100',
    words: t('In 100 g'),
    say: (grams: Record<string, number>) =>
      asList(
        COMPONENTS.filter(([code]) => grams[code]).map(
          ([code, words]) => `${words} ${quantity(grams[code]!, 'PERCENT', taste.value)}`,
        ),
      ) || '–',
  },
  {
    key: 'allergens',
    words: t('Allergens'),
    say: (list: Allergen[]) => allergenList(list) || '–',
  },
  { key: 'source', words: t('Composition from') },
  {
    key: 'traits',
    words: t('Price, pH, weight and nature'),
    say: (traits: IngredientDraft['traits']) =>
      asList([
        ...(traits?.pricePerKg == null ? [] : [quantity(traits.pricePerKg, 'MONEY', taste.value)]),
        ...(traits?.ph == null ? [] : [`${t('pH')} ${quantity(traits.ph, 'PH', taste.value)}`]),
        ...(traits?.pieceG == null ? [] : [quantity(traits.pieceG, 'GRAM', taste.value)]),
        ...NATURES.filter((n) => traits?.natures?.includes(n.id)).map((n) => n.words),
      ]) || '–',
  },
] as FieldWords<IngredientDraft>[]
</script>

<template>
  <WritingFrame
    :title="copied || !ingredient ? $t('New ingredient') : ingredient.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !ingredient"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <NumberField v-model="form.densityGPerMl" :label="$t('Density')" unit="GRAM_PER_ML" />
    <NumberField v-model="form.ph" :label="$t('pH')" unit="PH" />
    <NumberField v-model="form.pieceG" :label="$t('One piece weighs')" unit="GRAM" />
    <NumberField
      v-model="form.ediblePercent"
      :label="$t('Edible part of the whole fruit')"
      unit="PERCENT"
    />
    <NumberField v-model="form.pricePerKg" :label="$t('Price of a kilogram')" unit="MONEY" />
    <v-select
      v-model="form.allergens"
      :label="$t('Allergens (EU 14)')"
      :items="ALLERGENS"
      item-title="words"
      item-value="id"
      multiple
    />
    <v-select
      v-model="form.natures"
      :label="$t('Special nature')"
      :items="NATURES"
      item-title="words"
      item-value="id"
      multiple
    />
    <NumberField v-if="strength" v-model="form.gelStrength" :label="strength" unit="ONE" />
    <v-text-field
      v-model="form.source"
      :label="form.fromMemory ? $t('Composition from (from memory)') : $t('Composition from')"
      class="wide"
    />
    <LabelPanel v-model:pending="onTheLabel" class="wide" @estimated="take" />
    <p v-if="form.estimated && !form.allergens.length" class="wide caution">
      {{
        $t('No allergens are named. Read them on the packet and set them here before it is used.')
      }}
    </p>
    <h2 class="wide">
      {{ form.estimated ? $t('In 100 g (estimated from a label)') : $t('In 100 g') }}
      <span class="quiet num sum" :class="{ wrong: Math.abs(sum - 100) > 1 }">{{
        $t('{sum} g so far; 99 to 101 is taken', { sum: written(sum, 1) })
      }}</span>
    </h2>
    <NumberField
      v-for="[code, label] in COMPONENTS"
      :key="code"
      :model-value="form.gramsPer100[code] ?? null"
      :label="label"
      unit="PERCENT"
      @update:model-value="form.gramsPer100[code] = $event"
    />
    <template #drawn>
      <template v-if="own">
        <FlavourPairs :key="own.id" :ingredient="own.id" />
        <LotList :ingredient="own.id" />
        <p class="mt-4">
          <v-btn variant="text" @click="emit('copy')">{{ $t('Copy') }}</v-btn>
          <v-btn variant="text" @click="emit('putAway')">{{
            own.archived ? $t('Bring back') : $t('Archive')
          }}</v-btn>
        </p>
      </template>
    </template>
  </WritingFrame>
</template>

<style scoped>
.sum {
  font-family: 'Source Sans 3', system-ui, sans-serif;
  font-size: 1rem;
}
.wrong {
  color: var(--p-off);
}
</style>
