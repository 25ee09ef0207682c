<script setup lang="ts">
// A coloured cocoa butter being written; what is no colour for fat is refused with the reason.
import { t } from '@/words'
import { api, ask, type ColourDraft, type ColourStock } from '@/api/client'
import { useHouse } from '@/parts/house'
import AllergenField from '@/parts/AllergenField.vue'
import { allergenList, type Allergen } from '@/parts/kinds'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity, sentence } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { BASES, begun, DISSOLVES, draftOf, missing, type ColourInForm } from './colourForm'

const props = defineProps<{ stock: ColourStock | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()

const writing = useWriting<ColourInForm, ColourStock, ColourDraft>({
  what: 'colour',
  own:
    props.copied || !props.stock
      ? null
      : { id: props.stock.id, version: props.stock.colour.version },
  begin: () => ({
    ...begun(props.stock),
    ...(props.copied && { name: `${props.stock?.colour.name} 2` }),
  }),
  missing,
  draft: draftOf,
  trial: (body) =>
    ask(api.POST('/api/colours/trial', { body: { ...body, name: body.name || t('Unnamed') } })),
  put: (id, body) => ask(api.PUT('/api/colours/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const it = await ask(api.GET('/api/colours/{id}', { params: { path: { id } } }))
    return draftOf(begun(it), it.colour.version ?? null)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, look } = writing
void look()

const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'base', words: t('Base'), say: (v: string) => BASES.find((b) => b.id === v)?.words ?? v },
  {
    key: 'sharePercent',
    words: t('Colour in it'),
    say: (v: number) => quantity(v, 'PERCENT', taste.value),
  },
  { key: 'strained', words: t('Strained'), say: (v: boolean) => (v ? t('yes') : t('no')) },
  { key: 'useC', words: t('Used at'), say: (v: number) => quantity(v, 'CELSIUS', taste.value) },
  { key: 'leftG', words: t('Left'), say: (v: number) => quantity(v, 'GRAM', taste.value) },
  {
    key: 'allergens',
    words: t('Allergens, by its packet'),
    say: (v: Allergen[] | null) => (v === null ? t('not read') : allergenList(v) || t('none')),
  },
  { key: 'tint', words: t('Looks') },
] as FieldWords<ColourDraft>[]
</script>

<template>
  <WritingFrame
    :title="copied || !stock ? $t('New colour') : stock.colour.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !stock"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <v-btn-toggle v-model="form.dissolves" mandatory divided class="wide kinds">
      <v-btn v-for="kind in DISSOLVES" :key="kind.id" :value="kind.id" size="x-large">{{
        kind.words
      }}</v-btn>
    </v-btn-toggle>
    <v-select
      v-model="form.base"
      :items="BASES"
      item-title="words"
      item-value="id"
      :label="$t('Base')"
    />
    <NumberField v-model="form.sharePercent" :label="$t('Colour in it')" unit="PERCENT" />
    <NumberField v-model="form.useC" :label="$t('Used at')" unit="CELSIUS" />
    <NumberField v-model="form.leftG" :label="$t('Left')" unit="GRAM" />
    <AllergenField v-model="form.allergens" :label="$t('Allergens, by its packet')" class="wide" />
    <v-switch v-model="form.strained" :label="$t('Strained')" hide-details />
    <label class="tint">
      <input v-model="form.tint" type="color" />
      {{ $t('How it looks, for drawings') }}
    </label>
    <template v-if="drawn" #drawn>
      <span class="patch" :style="{ background: form.tint }" aria-hidden="true" />
      <p v-for="remark in drawn.remarks" :key="remark.template" class="caution">
        {{ sentence(remark, taste) }}
      </p>
      <p class="quiet">
        {{
          $t(
            'Only colour that your local food authority permits for fat-based food. Spray under extraction, with a mask.',
          )
        }}
      </p>
    </template>
  </WritingFrame>
</template>

<style scoped>
.kinds .v-btn {
  flex: 1;
}
.tint {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 56px;
}
.tint input {
  width: 72px;
  height: 56px;
}
.patch {
  display: block;
  height: 120px;
  border-radius: 8px;
  border: 1px solid var(--p-line);
  margin-bottom: 12px;
}
</style>
