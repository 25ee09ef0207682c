<script setup lang="ts">
// A mould being written down: section, volume and release answer every change.
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
import { ALLERGENS } from './allergens'
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
    ask(api.POST('/api/moulds/trial', { body: { ...body, name: body.name || 'Unnamed' } })),
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
const { form, drawn, refused, notSaved, look, forget } = writing
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
  { key: 'name', words: 'Name' },
  { key: 'shape', words: 'Shape' },
  { key: 'lengthMm', words: 'Length', say: mm },
  { key: 'widthMm', words: 'Width', say: mm },
  { key: 'depthMm', words: 'Depth', say: mm },
  { key: 'floorMm', words: 'Floor', say: mm },
  { key: 'draftDegrees', words: 'Lean', say: (v: number) => quantity(v, 'DEGREE', taste.value) },
  { key: 'waterG', words: 'Water', say: (v: number) => quantity(v, 'GRAM', taste.value) },
  { key: 'outline', words: 'Outline', say: (points: unknown[]) => `${points.length} points` },
  { key: 'cavities', words: 'Cavities' },
  { key: 'unlike', words: 'Unlike the rest' },
  { key: 'rows', words: 'Rows' },
  { key: 'owned', words: 'Owned' },
  { key: 'material', words: 'Material', say: (v: string) => v.toLowerCase() },
  { key: 'build', words: 'Build', say: (v: string) => v.toLowerCase().replaceAll('_', ' ') },
  { key: 'wallMm', words: 'Wall', say: mm },
  { key: 'scratched', words: 'Scratched', say: (v: boolean) => (v ? 'yes' : 'no') },
  { key: 'lastHeld', words: 'Last held', say: (a: string[]) => a.join(', ').toLowerCase() || '–' },
] as FieldWords<MouldDraft>[]

function cancel() {
  forget()
  emit('cancel')
}
</script>

<template>
  <WritingFrame
    :title="copied || !mould ? 'New mould' : mould.name"
    :restored="writing.restored.value"
    :changed="writing.changed.value"
    :is-new="copied || !mould"
    :trouble="notSaved || refused || notLoaded"
    :open="shapes.length ? writing.open.value : ''"
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
    <h2 class="wide">One cavity</h2>
    <div class="wide shapes" role="radiogroup" aria-label="Shape">
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
      Fill one cavity level with water and weigh what it took. It is drawn round, with the same
      opening, depth and content.
    </p>
    <h2 class="wide">The mould</h2>
    <NumberField v-model="form.cavities" label="Cavities" unit="ONE" />
    <NumberField v-model="form.unlike" label="Of them unlike the rest" unit="ONE" />
    <NumberField v-model="form.rows" label="In rows" unit="ONE" />
    <NumberField v-model="form.owned" label="Moulds owned" unit="ONE" />
    <NumberField v-model="form.wallMm" label="Its wall" unit="MILLIMETRE" />
    <v-select
      v-model="form.material"
      :items="MATERIALS"
      item-title="words"
      item-value="id"
      label="Material"
    />
    <v-select
      v-model="form.build"
      :items="BUILDS"
      item-title="words"
      item-value="id"
      label="Build"
    />
    <v-select
      v-model="form.lastHeld"
      :items="ALLERGENS"
      item-title="words"
      item-value="id"
      multiple
      label="Last held, not washed since"
      class="wide"
    />
    <v-switch v-model="form.scratched" label="Scratched" hide-details />
    <template v-if="shown" #drawn>
      <CavityDrawing :mould="shown" :class="{ old: refused }" />
      <p class="weight num">{{ quantity(shown.cavityMl, 'MILLILITRE', taste) }}</p>
      <p class="quiet">
        one cavity, brim-full about
        {{ quantity(shown.brim.low ?? shown.brim.value, 'GRAM', taste) }} to
        {{ quantity(shown.brim.high ?? shown.brim.value, 'GRAM', taste) }} of couverture; wall
        {{ Math.round(shown.wallAreaMm2 / 100) }} cm², opening
        {{ (shown.rimAreaMm2 / 100).toFixed(1) }} cm². The whole mould holds
        {{ quantity(shown.brim.value * (shown.cavities - shown.unlike), 'GRAM', taste)
        }}{{ shown.unlike ? ', what is unlike the rest left empty' : '' }}.
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
