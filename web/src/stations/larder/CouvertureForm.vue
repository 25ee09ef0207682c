<script setup lang="ts">
// A couverture from the label of its bag: composition, windows and notes answer every change.
import { allergenList } from '@/parts/kinds'
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed, watch } from 'vue'
import { api, ask, type BagLabel, type Ingredient, type IngredientDraft } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity, sentence } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { FLUIDITIES } from '../temper/methods'
import { ALLERGENS, couvertureWords, type Allergen } from '@/parts/kinds'
import { COMPONENTS } from './components'
import { begun, draftOf, KINDS, labelOf, missing, type CouvertureInForm } from './couvertureForm'
import FitFor from './FitFor.vue'
import LotList from './LotList.vue'

const props = defineProps<{ couverture: Ingredient | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const writing = useWriting<CouvertureInForm, BagLabel, IngredientDraft>({
  what: 'couverture',
  own: props.copied ? null : props.couverture,
  begin: () => ({
    ...begun(props.couverture),
    ...(props.copied && { name: `${props.couverture?.name} 2` }),
  }),
  missing,
  // What the label gives is worked out by the server at every change.
  draft: (form, version, drawn) => draftOf(form, version, props.couverture, drawn),
  trial: (_, form) => ask(api.POST('/api/couvertures/label', { body: labelOf(form) })),
  put: (id, body) => ask(api.PUT('/api/ingredients/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const it = await ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } }))
    return draftOf(begun(it), it.version, it, null)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, refused, look } = writing
void look()

// Milk in it is an allergen in it; the maker adds what else the bag names.
watch(
  () => form.value.kind,
  (kind) => {
    if (kind !== 'DARK' && !form.value.allergens.includes('MILK')) {
      form.value.allergens = [...form.value.allergens, 'MILK']
    }
  },
)

const composition = computed(() =>
  COMPONENTS.flatMap(([code, words]) => {
    const grams = drawn.value?.gramsPer100[code]
    return grams && grams >= 0.05 ? [`${words} ${quantity(grams, 'PERCENT', taste.value)}`] : []
  }),
)
const c = (value: number) => quantity(value, 'CELSIUS', taste.value)
const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'couverture', words: t('Kind'), say: couvertureWords },
  {
    key: 'gramsPer100',
    words: t('Composition'),
    say: (g: Record<string, number>) =>
      asList(
        COMPONENTS.filter(([code]) => g[code]).map(
          ([code, words]) => `${words} ${quantity(g[code]!, 'PERCENT', taste.value)}`,
        ),
      ),
  },
  {
    key: 'allergens',
    words: t('Allergens'),
    say: (a: Allergen[]) => allergenList(a) || '–',
  },
  {
    key: 'traits',
    words: t('Price'),
    say: (traits: { pricePerKg?: number | null }) =>
      traits.pricePerKg == null ? '–' : quantity(traits.pricePerKg, 'MONEY', taste.value),
  },
  { key: 'bag', words: t('Bag'), say: (b: object) => asList(Object.values(b).filter(Boolean)) },
] as FieldWords<IngredientDraft>[]
</script>

<template>
  <WritingFrame
    :title="copied || !couverture ? $t('New couverture') : couverture.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !couverture"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <div class="wide kinds" role="radiogroup" :aria-label="$t('Kind')">
      <v-btn
        v-for="kind in KINDS"
        :key="kind.id"
        size="x-large"
        role="radio"
        :aria-checked="form.kind === kind.id"
        :variant="form.kind === kind.id ? 'flat' : 'outlined'"
        :color="form.kind === kind.id ? 'secondary' : undefined"
        @click="form.kind = kind.id"
        >{{ kind.words }}</v-btn
      >
    </div>
    <h2 class="wide">{{ $t('From the bag') }}</h2>
    <template v-if="form.kind === 'WHITE'">
      <NumberField v-model="form.cocoaButterPercent" :label="$t('Cocoa butter')" unit="PERCENT" />
      <NumberField
        v-model="form.milkSolidsPercent"
        :label="$t('Milk solids, fat included')"
        unit="PERCENT"
      />
      <NumberField
        v-model="form.sugarPercent"
        :label="$t('Sugar, without lactose')"
        unit="PERCENT"
      />
    </template>
    <template v-else>
      <NumberField
        v-model="form.cocoaPercent"
        :label="$t('Cocoa, butter included')"
        unit="PERCENT"
      />
      <NumberField v-model="form.fatPercent" :label="$t('Fat')" unit="PERCENT" />
      <NumberField v-model="form.sugarsPercent" :label="$t('Sugars')" unit="PERCENT" />
    </template>
    <p class="wide quiet">
      {{
        form.kind === 'WHITE'
          ? $t('The three numbers a white bag prints. Its sugar is the one among the ingredients.')
          : $t('Sugars as the nutrition table counts them, lactose of the milk included.')
      }}
    </p>
    <NumberField
      v-if="form.kind !== 'DARK'"
      v-model="form.milkFatPercent"
      :label="$t('Milk fat, if stated')"
      unit="PERCENT"
    />
    <v-select
      v-model="form.fluidity"
      :items="FLUIDITIES"
      item-title="words"
      item-value="id"
      :label="$t('Fluidity')"
      clearable
    />
    <NumberField v-model="form.pricePerKg" :label="$t('Price of a kilogram')" unit="MONEY" />
    <NumberField v-model="form.packKg" :label="$t('A bag holds, in kilograms')" unit="ONE" />
    <v-select
      v-model="form.allergens"
      :items="ALLERGENS"
      item-title="words"
      item-value="id"
      multiple
      :label="$t('Allergens on the bag')"
      class="wide"
    />
    <h2 class="wide">{{ $t('Its own curve, if the bag prints one') }}</h2>
    <p class="wide quiet">
      {{ $t('What is typed here is what Temper, Shells and the batches work it by.') }}
    </p>
    <NumberField v-model="form.meltC" :label="$t('Melt to')" unit="CELSIUS" />
    <NumberField v-model="form.coolC" :label="$t('Cool to')" unit="CELSIUS" />
    <NumberField v-model="form.workC" :label="$t('Work at')" unit="CELSIUS" />
    <LotList v-if="couverture && !copied" :ingredient="couverture.id" class="wide" />
    <template v-if="drawn" #drawn>
      <div :class="{ old: refused }">
        <p class="weight num">
          {{ $t('{it} to {it2}', { it: c(drawn.work.low), it2: c(drawn.work.high) }) }}
        </p>
        <p class="quiet">
          {{
            drawn.byItsBag
              ? $t('worked at, as its bag says; melted to {it} to {it2}.', {
                  it: c(drawn.melt.low),
                  it2: c(drawn.melt.high),
                })
              : $t(
                  'worked at; melted to {it} to {it2}. House rules and each bowl may choose another window.',
                  { it: c(drawn.melt.low), it2: c(drawn.melt.high) },
                )
          }}
        </p>
        <p v-for="note in drawn.differs" :key="note.template" class="note">
          {{ sentence(note, taste) }}
        </p>
        <h3 class="mt-4">{{ $t('What is in it') }}</h3>
        <p>{{ asList(composition) }}.</p>
        <p class="quiet">{{ $t('Worked out from the label: {basis}.', { basis: drawn.basis }) }}</p>
        <p v-for="rule in drawn.rules" :key="rule.template" class="note">
          {{ sentence(rule, taste) }} <span class="quiet">{{ drawn.rulesFrom }}</span>
        </p>
        <FitFor :fit="drawn.fit" />
        <p v-if="!form.allergens.length" class="caution mt-3">
          {{ $t('No allergens are named. Read them on the bag: soya and milk are common.') }}
        </p>
      </div>
    </template>
  </WritingFrame>
</template>

<style scoped>
.kinds {
  display: flex;
  gap: 10px;
}
.kinds .v-btn {
  flex: 1;
}
.note {
  margin-top: 10px;
  padding: 8px 14px;
  border-left: 6px solid var(--p-tight);
}
</style>
