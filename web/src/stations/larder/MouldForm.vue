<script setup lang="ts">
// A mould being written down: section, volume and release answer every change.
import { written } from '@/words/locale'
import { allergenList } from '@/parts/kinds'
import { t } from '@/words'
import { computed, onMounted, ref } from 'vue'
import {
  api,
  ask,
  refusal,
  words,
  type Mould,
  type MouldDraft,
  type MouldShape,
} from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity, sentence } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { ALLERGENS, wordsOf, type Allergen } from '@/parts/kinds'
import CavityDrawing from './CavityDrawing.vue'
import {
  begun,
  BUILDS,
  draftOf,
  FIELD_OF,
  MATERIALS,
  missing,
  ofShape,
  type MouldInForm,
} from './mouldForm'
import OutlineBoard from './OutlineBoard.vue'

const props = defineProps<{ mould: Mould | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()

/** Kept with the mould when it is saved. */
const photo = ref<File | null>(null)
const hasPhoto = ref(false)
async function keepPhoto(id: string, file: File) {
  const response = await fetch(`/api/moulds/${encodeURIComponent(id)}/photo`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/octet-stream' },
    body: file,
  })
  if (!response.ok) throw refusal(await response.json().catch(() => null), response.status)
}

const shapes = ref<MouldShape[]>([])
const notLoaded = ref('')
const shapeOf = (form: MouldInForm) => shapes.value.find((s) => s.shape === form.shape)

const writing = useWriting<MouldInForm, Mould, MouldDraft>({
  what: 'mould',
  own: props.copied ? null : props.mould,
  begin: () => ({
    ...begun(props.mould),
    ...(props.copied && { name: `${props.mould?.name} 2` }),
  }),
  missing: (form) => missing(form, shapeOf(form)),
  draft: draftOf,
  trial: (body) =>
    ask(api.POST('/api/moulds/trial', { body: { ...body, name: body.name || t('Unnamed') } })),
  put: async (id, body) => {
    await ask(api.PUT('/api/moulds/{id}', { params: { path: { id } }, body }))
    if (photo.value) await keepPhoto(id, photo.value)
  },
  now: async (id) => {
    const mould = await ask(api.GET('/api/moulds/{id}', { params: { path: { id } } }))
    return draftOf(begun(mould), mould.version ?? null)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, refused, look } = writing
const shape = computed(() => shapeOf(form.value))
const shown = computed(() => drawn.value ?? props.mould)

onMounted(async () => {
  try {
    shapes.value = await ask(api.GET('/api/moulds/shapes'))
    hasPhoto.value = Boolean(props.mould?.photo)
    void look()
  } catch (problem) {
    notLoaded.value = words(problem)
  }
})

function choose(next: MouldShape) {
  form.value = ofShape(form.value, next)
}
const measured = (ask: keyof typeof FIELD_OF) => form.value[FIELD_OF[ask]] as number | null

const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
const FIELDS = [
  { key: 'name', words: t('Name') },
  { key: 'shape', words: t('Shape') },
  { key: 'lengthMm', words: t('Length'), say: mm },
  { key: 'widthMm', words: t('Width'), say: mm },
  { key: 'depthMm', words: t('Depth'), say: mm },
  { key: 'floorMm', words: t('Floor'), say: mm },
  { key: 'draftDegrees', words: t('Lean'), say: (v: number) => quantity(v, 'DEGREE', taste.value) },
  { key: 'waterG', words: t('Water'), say: (v: number) => quantity(v, 'GRAM', taste.value) },
  {
    key: 'outline',
    words: t('Outline'),
    say: (points: unknown[]) => t('{points} points', { points: points.length }),
  },
  { key: 'cavities', words: t('Cavities') },
  { key: 'unlike', words: t('Unlike the rest') },
  { key: 'rows', words: t('Rows') },
  { key: 'owned', words: t('Owned') },
  { key: 'material', words: t('Material'), say: (v: Mould['material']) => wordsOf(MATERIALS, v) },
  { key: 'build', words: t('Build'), say: (v: Mould['build']) => wordsOf(BUILDS, v) },
  { key: 'wallMm', words: t('Wall'), say: mm },
  { key: 'scratched', words: t('Scratched'), say: (v: boolean) => (v ? t('yes') : t('no')) },
  {
    key: 'lastHeld',
    words: t('Last held'),
    say: (a: Allergen[]) => allergenList(a) || '–',
  },
] as FieldWords<MouldDraft>[]
</script>

<template>
  <WritingFrame
    :title="copied || !mould ? $t('New mould') : mould.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !mould"
    :trouble="notLoaded"
    :open="shapes.length ? writing.open.value : ''"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <h2 class="wide">{{ $t('One cavity') }}</h2>
    <div class="wide shapes" role="radiogroup" :aria-label="$t('Shape')">
      <v-btn
        v-for="each in shapes"
        :key="each.shape"
        size="large"
        role="radio"
        :aria-checked="form.shape === each.shape"
        :variant="form.shape === each.shape ? 'flat' : 'outlined'"
        :color="form.shape === each.shape ? 'secondary' : undefined"
        @click="choose(each)"
        >{{ each.words }}</v-btn
      >
    </div>
    <template v-for="asked in shape?.asks ?? []" :key="asked.ask">
      <OutlineBoard
        v-if="asked.ask === 'OUTLINE'"
        v-model="form.outline"
        class="wide"
        :kind="form.shape === 'TURNED' ? 'profile' : 'opening'"
        :kept="mould && hasPhoto ? `/api/moulds/${mould.id}/photo` : undefined"
        @photo="photo = $event"
      />
      <NumberField
        v-else
        :model-value="measured(asked.ask)"
        :label="asked.words"
        :unit="asked.unit"
        @update:model-value="Object.assign(form, { [FIELD_OF[asked.ask]]: $event })"
      />
    </template>
    <p v-if="form.shape === 'WEIGHED'" class="wide quiet">
      {{
        $t(
          'Fill one cavity level with water and weigh what it took. It is drawn round, with the same opening, depth and content.',
        )
      }}
    </p>
    <h2 class="wide">{{ $t('The mould') }}</h2>
    <NumberField v-model="form.cavities" :label="$t('Cavities')" unit="ONE" />
    <NumberField v-model="form.unlike" :label="$t('Of them unlike the rest')" unit="ONE" />
    <NumberField v-model="form.rows" :label="$t('In rows')" unit="ONE" />
    <NumberField v-model="form.owned" :label="$t('Moulds owned')" unit="ONE" />
    <NumberField v-model="form.wallMm" :label="$t('Its wall')" unit="MILLIMETRE" />
    <v-select
      v-model="form.material"
      :items="MATERIALS"
      item-title="words"
      item-value="id"
      :label="$t('Material')"
    />
    <v-select
      v-model="form.build"
      :items="BUILDS"
      item-title="words"
      item-value="id"
      :label="$t('Build')"
    />
    <v-select
      v-model="form.lastHeld"
      :items="ALLERGENS"
      item-title="words"
      item-value="id"
      multiple
      :label="$t('Last held, not washed since')"
      class="wide"
    />
    <v-switch v-model="form.scratched" :label="$t('Scratched')" hide-details />
    <template v-if="shown" #drawn>
      <CavityDrawing :mould="shown" :class="{ old: refused }" />
      <p class="weight num">{{ quantity(shown.cavityMl, 'MILLILITRE', taste) }}</p>
      <p class="quiet">
        {{
          $t(
            'one cavity, brim-full about {low} to {high} of couverture; wall {wallAreaMm2} cm², opening {rimAreaMm2} cm². The whole mould holds {brim}{unlike}.',
            {
              low: quantity(shown.brim.low ?? shown.brim.value, 'GRAM', taste),
              high: quantity(shown.brim.high ?? shown.brim.value, 'GRAM', taste),
              wallAreaMm2: written(shown.wallAreaMm2 / 100, 0),
              rimAreaMm2: written(shown.rimAreaMm2 / 100, 1),
              brim: quantity(shown.brim.value * (shown.cavities - shown.unlike), 'GRAM', taste),
              unlike: shown.unlike ? $t(', what is unlike the rest left empty') : '',
            },
          )
        }}
      </p>
      <p class="release" :class="shown.release.answer" role="status">
        {{ sentence(shown.release.words, taste) }}
      </p>
    </template>
  </WritingFrame>
</template>

<style scoped>
.shapes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.shapes .v-btn {
  height: 56px !important;
}
.release {
  margin-top: 14px;
  padding: 10px 14px;
  border-left: 6px solid var(--p-true);
}
.release.TIGHT {
  border-left-color: var(--p-tight);
}
.release.STAYS_IN {
  border-left: 6px double var(--p-off);
  font-weight: 600;
}
</style>
