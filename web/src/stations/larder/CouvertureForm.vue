<script setup lang="ts">
// A couverture from the label of its bag: composition, windows and notes answer every change.
import { computed, ref, watch } from 'vue'
import { api, ask, type BagLabel, type Ingredient, type IngredientDraft } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity, sentence } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { FLUIDITIES } from '../temper/methods'
import { ALLERGENS } from './allergens'
import { COMPONENTS } from './components'
import { begun, draftOf, KINDS, labelOf, missing, type CouvertureInForm } from './couvertureForm'
import LotList from './LotList.vue'

const props = defineProps<{ couverture: Ingredient | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
/** What the label gives, worked out by the server at every change. */
const worked = ref<BagLabel | null>(null)

const writing = useWriting<CouvertureInForm, BagLabel, IngredientDraft>({
  what: 'couverture',
  own: props.copied ? null : props.couverture,
  begin: () => ({
    ...begun(props.couverture),
    ...(props.copied && { name: `${props.couverture?.name} 2` }),
  }),
  missing,
  draft: (form, version) => draftOf(form, version, props.couverture, worked.value),
  trial: async (_, form) => {
    const label = await ask(api.POST('/api/couvertures/label', { body: labelOf(form) }))
    worked.value = label
    return label
  },
  put: (id, body) => ask(api.PUT('/api/ingredients/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const it = await ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } }))
    return draftOf(begun(it), it.version, it, null)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, refused, notSaved, look, forget } = writing
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
  { key: 'name', words: 'Name' },
  { key: 'couverture', words: 'Kind', say: (v: string) => v.toLowerCase() },
  {
    key: 'gramsPer100',
    words: 'Composition',
    say: (g: Record<string, number>) =>
      COMPONENTS.filter(([code]) => g[code])
        .map(([code, words]) => `${words} ${quantity(g[code]!, 'PERCENT', taste.value)}`)
        .join(', '),
  },
  { key: 'allergens', words: 'Allergens', say: (a: string[]) => a.join(', ').toLowerCase() || '–' },
  {
    key: 'traits',
    words: 'Price',
    say: (t: { pricePerKg?: number | null }) =>
      t.pricePerKg == null ? '–' : quantity(t.pricePerKg, 'MONEY', taste.value),
  },
  { key: 'bag', words: 'Bag', say: (b: object) => Object.values(b).filter(Boolean).join(', ') },
] as FieldWords<IngredientDraft>[]

function cancel() {
  forget()
  emit('cancel')
}
</script>

<template>
  <WritingFrame
    :title="copied || !couverture ? 'New couverture' : couverture.name"
    :restored="writing.restored.value"
    :changed="writing.changed.value"
    :is-new="copied || !couverture"
    :trouble="notSaved || refused"
    :open="writing.open.value"
    :busy="writing.busy.value"
    :can-undo="writing.canUndo.value"
    :can-redo="writing.canRedo.value"
    :mine="writing.mine.value"
    :theirs="writing.theirs.value"
    :fields="FIELDS"
    @save="writing.save"
    @cancel="cancel"
    @undo="writing.undo"
    @redo="writing.redo"
    @start-over="writing.startOver"
    @settled="writing.settle"
    @keep-mine="writing.theirs.value = null"
  >
    <v-text-field v-model="form.name" label="Name" class="wide" />
    <div class="wide kinds" role="radiogroup" aria-label="Kind">
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
    <h2 class="wide">From the bag</h2>
    <NumberField v-model="form.cocoaPercent" label="Cocoa, butter included" unit="PERCENT" />
    <NumberField v-model="form.fatPercent" label="Fat" unit="PERCENT" />
    <NumberField v-model="form.sugarsPercent" label="Sugars" unit="PERCENT" />
    <NumberField
      v-if="form.kind !== 'DARK'"
      v-model="form.milkFatPercent"
      label="Milk fat, if stated"
      unit="PERCENT"
    />
    <v-select
      v-model="form.fluidity"
      :items="FLUIDITIES"
      item-title="words"
      item-value="id"
      label="Fluidity"
      clearable
    />
    <NumberField v-model="form.pricePerKg" label="Price of a kilogram" unit="MONEY" />
    <NumberField v-model="form.packKg" label="A bag holds, in kilograms" unit="ONE" />
    <v-select
      v-model="form.allergens"
      :items="ALLERGENS"
      item-title="words"
      item-value="id"
      multiple
      label="Allergens on the bag"
      class="wide"
    />
    <h2 class="wide">Its own curve, if the bag prints one</h2>
    <NumberField v-model="form.meltC" label="Melt to" unit="CELSIUS" />
    <NumberField v-model="form.coolC" label="Cool to" unit="CELSIUS" />
    <NumberField v-model="form.workC" label="Work at" unit="CELSIUS" />
    <LotList v-if="couverture && !copied" :ingredient="couverture.id" class="wide" />
    <template v-if="drawn" #drawn>
      <div :class="{ old: refused }">
        <p class="weight num">{{ c(drawn.work.low) }} to {{ c(drawn.work.high) }}</p>
        <p class="quiet">
          worked at; melted to {{ c(drawn.melt.low) }} to {{ c(drawn.melt.high) }}. House rules and
          each bowl may choose another window.
        </p>
        <p v-for="note in drawn.differs" :key="note.template" class="note">
          {{ sentence(note, taste) }}
        </p>
        <h3 class="mt-4">What is in it</h3>
        <p>{{ composition.join(', ') }}.</p>
        <p class="quiet">Worked out from the label: {{ drawn.basis }}.</p>
        <p v-for="rule in drawn.rules" :key="rule.template" class="note">
          {{ sentence(rule, taste) }} <span class="quiet">{{ drawn.rulesFrom }}</span>
        </p>
        <p v-if="!form.allergens.length" class="caution mt-3">
          No allergens are named. Read them on the bag: soya and milk are common.
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
