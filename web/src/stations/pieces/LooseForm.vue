<script setup lang="ts">
// A piece that is dipped, rolled, hollow or cut out of a sheet, being written.
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words, type LooseDraft, type LoosePiece, type Piece } from '@/api/client'
import { everyPage } from '@/parts/everyPage'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import DrawnPiece from './DrawnPiece.vue'
import { useBooks } from './books'
import { finishesField, nameOf } from './pieceFields'
import CentreFields from './CentreFields.vue'
import {
  begun,
  centred,
  draftOf,
  ENDS,
  JOININGS,
  missing,
  PATTERNS,
  PLACES,
  STANDINGS,
  TITLES,
  type LooseInForm,
  type LooseKind,
} from './loose'
import OnList from './OnList.vue'
import WornList from './WornList.vue'

const props = defineProps<{ kind: LooseKind; piece: LoosePiece | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const { all, moulds, fillings, colours, larder, trouble, load } = useBooks()
const couvertures = computed(() => all.value.filter((i) => i.couverture))

const writing = useWriting<LooseInForm, Piece, LooseDraft>({
  what: 'piece',
  key: props.copied || !props.piece ? `${props.kind} new` : undefined,
  own: props.copied ? null : props.piece,
  begin: () => ({
    ...begun(props.kind, props.piece),
    ...(props.copied && { name: `${props.piece?.name} 2` }),
  }),
  missing,
  draft: (form, version) => draftOf(form, version, colours.value),
  trial: (body) =>
    ask(api.POST('/api/pieces/trial', { body: { ...body, name: body.name || t('Unnamed') } })),
  put: (id, body) => ask(api.PUT('/api/pieces/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const piece = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }))
    return draftOf(begun(props.kind, piece as LoosePiece), piece.version ?? null, colours.value)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, refused, look } = writing
const shown = computed(() => drawn.value ?? props.piece)
/** What would bear being picked up, at a hollow figure. */
const wanted = computed(() => (shown.value?.kind === 'HOLLOW' ? shown.value.wantedMm : null))
const perSheet = computed(() => (shown.value?.kind === 'SHEET' ? shown.value.perSheet : null))

/** Pieces cut from a sheet: what may be laid on one that is dipped. */
const plates = ref<{ id: string; name: string }[]>([])
onMounted(async () => {
  await load()
  if (props.kind === 'DIPPED') {
    try {
      const all = await everyPage((query) => ask(api.GET('/api/pieces', { params: { query } })))
      plates.value = all.filter((p) => p.kind === 'SHEET')
    } catch (problem) {
      trouble.value = words(problem)
    }
  }
  void look()
})

const g = (value: number) => quantity(value, 'GRAM', taste.value)
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
const percent = (value: number) => quantity(value, 'PERCENT', taste.value)

const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'story', words: t('In a few words') },
  { key: 'mould', words: t('Mould'), say: (id: string) => nameOf(moulds.value, id) },
  { key: 'couverture', words: t('Couverture'), say: (id: string) => nameOf(all.value, id) },
  {
    key: 'centre',
    words: t('Centre'),
    say: (c: { filling: string; massG?: number | null }) =>
      `${nameOf(fillings.value, c.filling)} ${c.massG ? g(c.massG) : ''}`.trim(),
  },
  { key: 'coatMm', words: t('Coat'), say: mm },
  { key: 'dippedPercent', words: t('Dipped'), say: percent },
  {
    key: 'on',
    words: t('On it'),
    say: (list: { ingredient: string; eachG: number }[]) =>
      asList(list.map((i) => `${nameOf(larder.value, i.ingredient)} ${g(i.eachG)}`)) || '–',
  },
  {
    key: 'plate',
    words: t('Plate laid on it'),
    say: (id: string | null) => (id ? nameOf(plates.value, id) : '–'),
  },
  { key: 'shellMm', words: t('Wall'), say: mm },
  { key: 'outerMm', words: t('Outer coat'), say: mm },
  {
    key: 'outerBrushed',
    words: t('Outer coat brushed'),
    say: (of: boolean) => (of ? t('yes') : t('no')),
  },
  { key: 'baseAcrossMm', words: t('Base across'), say: mm },
  { key: 'baseThickMm', words: t('Its thickness'), say: mm },
  {
    key: 'baseStanding',
    words: t('How it comes onto its base'),
    say: (id: string) => STANDINGS.find((s) => s.id === id)?.words ?? id,
  },
  {
    key: 'baseOfSecond',
    words: t('Base of it'),
    say: (of: boolean) => (of ? t('yes') : t('no')),
  },
  { key: 'thickMm', words: t('Thickness'), say: mm },
  {
    key: 'secondCouverture',
    words: t('Second couverture'),
    say: (id: string | null) => (id ? nameOf(all.value, id) : '–'),
  },
  { key: 'secondPercent', words: t('Its share'), say: percent },
  { key: 'secondMm', words: t('Second coat'), say: mm },
  {
    key: 'secondEnd',
    words: t('What of it goes in'),
    say: (id: string) => ENDS.find((end) => end.id === id)?.words ?? id,
  },
  {
    key: 'secondPattern',
    words: t('Pattern'),
    say: (id: string) => PATTERNS.find((p) => p.id === id)?.words ?? id,
  },
  { key: 'lengthMm', words: t('Length of the sheet'), say: mm },
  { key: 'widthMm', words: t('Width of the sheet'), say: mm },
  {
    key: 'besideRounds',
    words: t('Rounds wanted of a sheet'),
    say: (n: number | null) => (n == null ? '–' : quantity(n, 'PIECE', taste.value)),
  },
  { key: 'stripMm', words: t('Length of a strip'), say: mm },
  { key: 'stripAcrossMm', words: t('Width of a strip'), say: mm },
  finishesField,
  { key: 'labelG', words: t('Label'), say: g },
] as FieldWords<LooseDraft>[]
</script>

<template>
  <WritingFrame
    class="sheet"
    :title="copied || !piece ? TITLES[kind] : piece.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !piece"
    :trouble="trouble"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <v-text-field v-model="form.story" :label="$t('In a few words')" class="wide" />
    <v-autocomplete
      v-if="kind === 'HOLLOW'"
      v-model="form.mould"
      :items="moulds"
      item-title="name"
      item-value="id"
      :label="$t('Mould')"
      class="wide"
      :no-data-text="$t('No such mould: the Larder has the way to a new one')"
    />
    <v-autocomplete
      v-if="kind !== 'ROLLED'"
      v-model="form.couverture"
      :items="couvertures"
      item-title="name"
      item-value="id"
      :label="$t('Couverture')"
      class="wide"
      :no-data-text="$t('No such couverture: the Larder has the way to a new one')"
    />
    <NumberField v-model="form.labelG" :label="$t('Weight on the label')" unit="GRAM" />
    <CentreFields
      v-if="centred(kind)"
      v-model="form.centre"
      :fillings="fillings"
      :coated="kind === 'DIPPED'"
    />
    <template v-if="kind === 'DIPPED'">
      <h2 class="wide">{{ $t('Coat') }}</h2>
      <NumberField v-model="form.coatMm" :label="$t('Thickness, all coats')" unit="MILLIMETRE" />
      <NumberField v-model="form.dippedPercent" :label="$t('Of it is dipped')" unit="PERCENT" />
      <v-switch
        v-model="form.twice"
        :label="$t('A thin first coat by hand, then dipped')"
        class="wide"
        hide-details
      />
      <v-autocomplete
        v-model="form.secondCouverture"
        :items="couvertures.filter((c) => c.id !== form.couverture)"
        item-title="name"
        item-value="id"
        :label="$t('Then dipped in another couverture, if it is')"
        class="wide"
        clearable
        :no-data-text="$t('No such couverture: the Larder has the way to a new one')"
      />
      <template v-if="form.secondCouverture">
        <v-select
          v-model="form.secondEnd"
          :items="ENDS"
          item-title="words"
          item-value="id"
          :label="$t('What of it goes in')"
        />
        <NumberField
          v-model="form.secondPercent"
          :label="$t('So much of its height')"
          unit="PERCENT"
        />
        <NumberField v-model="form.secondMm" :label="$t('Second coat')" unit="MILLIMETRE" />
      </template>
    </template>
    <template v-if="kind === 'HOLLOW'">
      <h2 class="wide">{{ $t('Wall and parts') }}</h2>
      <NumberField v-model="form.shellMm" :label="$t('Wall')" unit="MILLIMETRE" />
      <p v-if="wanted" class="quiet at">
        {{ $t('{wanted} bears being picked up at this size.', { wanted: mm(wanted) }) }}
        <v-btn variant="text" @click="form.shellMm = Math.round(wanted * 10) / 10">{{
          $t('Take it')
        }}</v-btn>
      </p>
      <v-select
        v-model="form.parts"
        :items="[
          { id: 1, words: $t('one, its back open') },
          { id: 2, words: $t('two halves') },
        ]"
        item-title="words"
        item-value="id"
        :label="$t('Parts')"
      />
      <v-select
        v-if="form.parts === 2"
        v-model="form.joining"
        :items="JOININGS"
        item-title="words"
        item-value="id"
        :label="$t('How they are joined')"
      />
      <v-switch v-model="form.based" :label="$t('On a base')" class="wide" hide-details />
      <template v-if="form.based">
        <NumberField v-model="form.baseAcrossMm" :label="$t('Base across')" unit="MILLIMETRE" />
        <NumberField v-model="form.baseThickMm" :label="$t('Its thickness')" unit="MILLIMETRE" />
        <v-select
          v-model="form.baseStanding"
          :items="STANDINGS"
          item-title="words"
          item-value="id"
          :label="$t('How it comes onto its base')"
          class="wide"
        />
      </template>
      <v-autocomplete
        v-model="form.secondCouverture"
        :items="couvertures.filter((c) => c.id !== form.couverture)"
        item-title="name"
        item-value="id"
        :label="$t('Another couverture outside or below, if there is one')"
        class="wide"
        clearable
        :no-data-text="$t('No such couverture: the Larder has the way to a new one')"
      />
      <template v-if="form.secondCouverture">
        <v-switch v-model="form.outer" :label="$t('Outer coat of it')" hide-details />
        <NumberField
          v-if="form.outer"
          v-model="form.outerMm"
          :label="$t('Outer coat')"
          unit="MILLIMETRE"
        />
        <v-select
          v-if="form.outer"
          v-model="form.outerBrushed"
          :items="[
            { id: true, words: $t('brushed into the mould') },
            { id: false, words: $t('poured, and turned over') },
          ]"
          item-title="words"
          item-value="id"
          :label="$t('How it comes in')"
          class="wide"
        />
        <v-switch
          v-if="form.based"
          v-model="form.baseOfSecond"
          :label="$t('Base of it')"
          class="wide"
          hide-details
        />
      </template>
    </template>
    <template v-if="kind === 'SHEET'">
      <h2 class="wide">{{ $t('Sheet') }}</h2>
      <NumberField v-model="form.thickMm" :label="$t('Thickness')" unit="MILLIMETRE" />
      <NumberField v-model="form.lengthMm" :label="$t('Length of the sheet')" unit="MILLIMETRE" />
      <NumberField v-model="form.widthMm" :label="$t('Width of the sheet')" unit="MILLIMETRE" />
      <v-autocomplete
        v-model="form.secondCouverture"
        :items="couvertures.filter((c) => c.id !== form.couverture)"
        item-title="name"
        item-value="id"
        :label="$t('Second colour, if there is one')"
        class="wide"
        clearable
        :no-data-text="$t('No such couverture: the Larder has the way to a new one')"
      />
      <template v-if="form.secondCouverture">
        <NumberField
          v-model="form.secondPercent"
          :label="$t('Its share of the sheet')"
          unit="PERCENT"
        />
        <v-select
          v-model="form.secondPattern"
          :items="PATTERNS"
          item-title="words"
          item-value="id"
          :label="$t('Pattern')"
          class="wide"
        />
      </template>
      <v-select
        v-model="form.round"
        :items="[
          { id: false, words: $t('plates, cut') },
          { id: true, words: $t('rounds or rings, punched') },
        ]"
        item-title="words"
        item-value="id"
        :label="$t('Out of it come')"
        class="wide"
      />
      <template v-if="form.round">
        <NumberField v-model="form.roundMm" :label="$t('Across a round')" unit="MILLIMETRE" />
        <NumberField
          v-model="form.holeMm"
          :label="$t('Hole, where it is a ring')"
          unit="MILLIMETRE"
        />
        <v-switch
          v-model="form.beside"
          :label="$t('Strips cut beside them')"
          class="wide"
          hide-details
        />
        <template v-if="form.beside">
          <NumberField
            v-model="form.besideRounds"
            :label="$t('Rounds wanted of a sheet')"
            unit="PIECE"
          />
          <NumberField v-model="form.stripMm" :label="$t('Length of a strip')" unit="MILLIMETRE" />
          <NumberField
            v-model="form.stripAcrossMm"
            :label="$t('Width of a strip')"
            unit="MILLIMETRE"
          />
        </template>
      </template>
      <template v-else>
        <NumberField
          v-model="form.plateLengthMm"
          :label="$t('Length of a plate')"
          unit="MILLIMETRE"
        />
        <NumberField
          v-model="form.plateWidthMm"
          :label="$t('Width of a plate')"
          unit="MILLIMETRE"
        />
      </template>
      <p v-if="perSheet" class="quiet wide">
        {{ $t('A sheet gives {pieces}.', { pieces: quantity(perSheet, 'PIECE', taste) }) }}
      </p>
    </template>
    <template v-if="PLACES[kind].length">
      <h2 class="wide">{{ centred(kind) ? $t('On it and in it') : $t('On it') }}</h2>
      <p v-if="centred(kind)" class="quiet wide">
        {{ $t('Coats, tab Dip, says how much of a powder sticks to one.') }}
      </p>
      <OnList v-model="form.on" :larder="larder" :places="PLACES[kind]" />
      <v-autocomplete
        v-if="kind === 'DIPPED'"
        v-model="form.plate"
        :items="plates"
        item-title="name"
        item-value="id"
        :label="$t('Decoration plate laid on it, if there is one')"
        class="wide"
        clearable
        :no-data-text="$t('No piece is cut from a sheet yet: Pieces has the way to one')"
      />
    </template>
    <h2 class="wide">{{ $t('Finishing') }}</h2>
    <WornList v-model="form.worn" class="wide" :colours="colours" :uncoloured="kind !== 'HOLLOW'" />
    <template v-if="shown" #drawn>
      <DrawnPiece :piece="shown" :old="refused !== ''" :own="piece?.id" />
    </template>
  </WritingFrame>
</template>

<style scoped>
.at {
  align-self: center;
}
</style>
