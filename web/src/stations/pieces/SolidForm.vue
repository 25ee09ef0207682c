<script setup lang="ts">
// A piece cast full, being written: what it weighs and how it looks answers every change.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted } from 'vue'
import { api, ask, type Piece, type SolidPiece, type SolidPieceDraft } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import DrawnPiece from './DrawnPiece.vue'
import OnList from './OnList.vue'
import { useBooks } from './books'
import { coloursField, finishesField, nameOf } from './pieceFields'
import { begun, draftOf, missing, PLACINGS, type SolidInForm } from './solidForm'
import WornList from './WornList.vue'

const props = defineProps<{ piece: SolidPiece | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const { all, moulds, colours, larder, trouble, load } = useBooks()
const couvertures = computed(() => all.value.filter((i) => i.couverture))

const writing = useWriting<SolidInForm, Piece, SolidPieceDraft>({
  what: 'piece',
  key: props.copied || !props.piece ? 'solid new' : undefined,
  own: props.copied ? null : props.piece,
  begin: () => ({
    ...begun(props.piece),
    ...(props.copied && { name: `${props.piece?.name} 2` }),
  }),
  missing,
  draft: (form, version) => draftOf(form, version, colours.value),
  trial: (body) =>
    ask(api.POST('/api/pieces/trial', { body: { ...body, name: body.name || t('Unnamed') } })),
  put: (id, body) => ask(api.PUT('/api/pieces/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const piece = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }))
    return draftOf(begun(piece as SolidPiece), piece.version ?? null, colours.value)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, refused, look } = writing
const shown = computed(() => drawn.value ?? props.piece)

onMounted(async () => {
  await load()
  void look()
})

const g = (value: number) => quantity(value, 'GRAM', taste.value)
const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'story', words: t('In a few words') },
  { key: 'mould', words: t('Mould'), say: (id: string) => nameOf(moulds.value, id) },
  { key: 'couverture', words: t('Couverture'), say: (id: string) => nameOf(all.value, id) },
  {
    key: 'inclusions',
    words: t('In it'),
    say: (list: SolidPieceDraft['inclusions']) =>
      asList(list.map((i) => `${nameOf(larder.value, i.ingredient)} ${g(i.eachG)}`)) || '–',
  },
  {
    key: 'relief',
    words: t('Relief'),
    say: (r: { depthMm: number }) => quantity(r.depthMm, 'MILLIMETRE', taste.value),
  },
  coloursField(() => colours.value),
  finishesField,
  { key: 'labelG', words: t('Label'), say: g },
] as FieldWords<SolidPieceDraft>[]
</script>

<template>
  <WritingFrame
    class="sheet"
    :title="copied || !piece ? $t('A piece cast full') : piece.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !piece"
    :trouble="trouble"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <v-text-field v-model="form.story" :label="$t('In a few words')" class="wide" />
    <v-autocomplete
      v-model="form.mould"
      :items="moulds"
      item-title="name"
      item-value="id"
      :label="$t('Mould')"
      class="wide"
      :no-data-text="$t('No such mould: the Larder has the way to a new one')"
    />
    <v-autocomplete
      v-model="form.couverture"
      :items="couvertures"
      item-title="name"
      item-value="id"
      :label="$t('Couverture')"
      class="wide"
      :no-data-text="$t('No such couverture: the Larder has the way to a new one')"
    />
    <NumberField v-model="form.labelG" :label="$t('Weight on the label')" unit="GRAM" />
    <h2 class="wide">{{ $t('What is in it') }}</h2>
    <OnList
      v-model="form.inclusions"
      :larder="larder"
      :places="PLACINGS"
      :each="$t('In one')"
      :add="$t('Add an inclusion')"
    />
    <h2 class="wide">{{ $t('Back, colour and finishing') }}</h2>
    <v-switch
      v-model="form.pressed"
      :label="$t('A pattern pressed into the back')"
      class="wide"
      hide-details
    />
    <template v-if="form.pressed">
      <NumberField v-model="form.reliefMm" :label="$t('Depth')" unit="MILLIMETRE" />
      <NumberField v-model="form.reliefPercent" :label="$t('Of the back')" unit="PERCENT" />
    </template>
    <WornList v-model="form.worn" class="wide" :colours="colours" />
    <template v-if="shown" #drawn>
      <DrawnPiece :piece="shown" :old="refused !== ''" :own="piece?.id" />
    </template>
  </WritingFrame>
</template>
