<script setup lang="ts">
// A filled piece being written: the cutaway and its strings answer every change.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted } from 'vue'
import { api, ask, type MouldedPiece, type MouldedPieceDraft, type Piece } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { useBooks } from './books'
import { coloursField, finishesField, nameOf } from './pieceFields'
import DrawnPiece from './DrawnPiece.vue'
import LayerList from './LayerList.vue'
import { JOININGS } from './loose'
import { begun, draftOf, fromTried, missing, type MouldedInForm } from './mouldedForm'
import WaterBetween from './WaterBetween.vue'
import WornList from './WornList.vue'

const props = defineProps<{
  piece: MouldedPiece | null
  copied?: boolean
  /** Layers that were tried in Fillings, to begin with. */
  tried?: string
}>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const { all, moulds, fillings, colours, larder, trouble, load } = useBooks()
const couvertures = computed(() => all.value.filter((i) => i.couverture))

const writing = useWriting<MouldedInForm, Piece, MouldedPieceDraft>({
  what: 'piece',
  own: props.copied ? null : props.piece,
  key: props.tried && `piece tried ${props.tried}`,
  begin: () => ({
    ...begun(props.piece),
    ...(props.tried && fromTried(props.tried)),
    ...(props.copied && { name: `${props.piece?.name} 2` }),
  }),
  missing,
  draft: (form, version) => draftOf(form, version, colours.value),
  trial: (body) =>
    ask(api.POST('/api/pieces/trial', { body: { ...body, name: body.name || t('Unnamed') } })),
  put: (id, body) => ask(api.PUT('/api/pieces/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const piece = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }))
    return draftOf(begun(piece as MouldedPiece), piece.version ?? null, colours.value)
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

const HALVES = [
  { id: null, words: t('one cavity is one piece') },
  ...JOININGS.filter((j) => j.id !== 'CLOSED_MOULD').map((j) => ({
    id: j.id,
    words: t('two filled halves: {how}', { how: j.words }),
  })),
]
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
const g = (value: number) => quantity(value, 'GRAM', taste.value)
function layersInWords(layers: MouldedPieceDraft['layers']): string {
  return asList(
    layers.map((l) => {
      const much =
        l.share != null
          ? quantity(l.share * 100, 'PERCENT', taste.value)
          : l.grams != null
            ? g(l.grams)
            : l.heightMm != null
              ? mm(l.heightMm)
              : t('the rest')
      const around = `${nameOf(fillings.value, l.filling)} ${much}`
      return l.inside
        ? t('{around} around {inside}', {
            around,
            inside: `${nameOf(fillings.value, l.inside)} ${g(l.insideG ?? 0)}`,
          })
        : around
    }),
  )
}
const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'story', words: t('In a few words') },
  { key: 'mould', words: t('Mould'), say: (id: string) => nameOf(moulds.value, id) },
  { key: 'couverture', words: t('Couverture'), say: (id: string) => nameOf(all.value, id) },
  { key: 'shellMm', words: t('Shell'), say: mm },
  { key: 'headRoomMm', words: t('Cap'), say: mm },
  { key: 'layers', words: t('Layers'), say: layersInWords },
  {
    key: 'joined',
    words: t('Halves'),
    say: (id: string | null) => HALVES.find((h) => h.id === (id ?? null))?.words ?? '–',
  },
  {
    key: 'uncapped',
    words: t('Joined as they are filled, without caps'),
    say: (open: boolean) => (open ? t('yes') : t('no')),
  },
  {
    key: 'capCouverture',
    words: t('Couverture of the cap'),
    say: (id: string | null) => (id ? nameOf(all.value, id) : t('as the shell')),
  },
  coloursField(() => colours.value),
  finishesField,
  { key: 'labelG', words: t('Label'), say: g },
] as FieldWords<MouldedPieceDraft>[]
</script>

<template>
  <WritingFrame
    class="sheet"
    :title="copied || !piece ? $t('New filled piece') : piece.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !piece"
    :trouble="trouble"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <v-text-field v-model="form.story" :label="$t('In a few words')" class="wide" />
    <h2 class="wide">{{ $t('Shell and cap') }}</h2>
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
    <v-select
      v-model="form.joined"
      :items="HALVES"
      item-title="words"
      item-value="id"
      :label="$t('Halves')"
      class="wide"
    />
    <v-switch
      v-if="form.joined"
      v-model="form.uncapped"
      :label="$t('Joined as they are filled, without caps')"
      class="wide"
      hide-details
    />
    <v-autocomplete
      v-if="!form.joined || !form.uncapped"
      v-model="form.capCouverture"
      :items="couvertures"
      item-title="name"
      item-value="id"
      :label="$t('Couverture of the cap, if another')"
      class="wide"
      clearable
      :no-data-text="$t('No such couverture: the Larder has the way to a new one')"
    />
    <NumberField v-model="form.shellMm" :label="$t('Shell')" unit="MILLIMETRE" />
    <NumberField
      v-model="form.headRoomMm"
      :label="form.joined && form.uncapped ? $t('Left open below the rim') : $t('Room for the cap')"
      unit="MILLIMETRE"
    />
    <NumberField v-model="form.labelG" :label="$t('Weight on the label')" unit="GRAM" />
    <h2 class="wide">{{ $t('Filling') }}</h2>
    <LayerList v-model="form.layers" class="wide" :fillings="fillings" :larder="larder" />
    <h2 class="wide">{{ $t('Colour and finishing') }}</h2>
    <WornList v-model="form.worn" class="wide" :colours="colours" />
    <template v-if="shown" #drawn>
      <DrawnPiece :piece="shown" :old="refused !== ''" :own="piece?.id">
        <WaterBetween
          v-if="
            (form.layers.length > 1 || form.layers[0]?.inside) && !writing.open.value && !refused
          "
          :draft="writing.mine.value"
        />
      </DrawnPiece>
    </template>
  </WritingFrame>
</template>
