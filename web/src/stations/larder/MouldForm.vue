<script setup lang="ts">
// A mould being written down: section, volume and release answer every change.
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words, type Mould, type MouldDraft, type MouldShape } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { isStale, saveNew, useSafeForm } from '@/parts/safeForm'
import TwoStates from '@/parts/TwoStates.vue'
import type { FieldWords } from '@/parts/twoStates'
import { useTurn } from '@/parts/turn'
import { inTaste, quantity, sentence } from '@/parts/units'
import { ALLERGENS } from './allergens'
import CavityDrawing from './CavityDrawing.vue'
import OutlineBoard from './OutlineBoard.vue'
import { begun, BUILDS, draftOf, FIELD_OF, MATERIALS, missing, ofShape } from './mouldForm'

const props = defineProps<{ mould: Mould | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const own = props.copied ? null : props.mould

const { form, changed, restored, forget, startOver, undo, redo, canUndo, canRedo } = useSafeForm(
  `mould ${own?.id ?? 'new'}`,
  () => ({
    ...begun(props.mould),
    ...(props.copied && { name: `${props.mould?.name} 2` }),
  }),
)
const version = ref(own?.version ?? null)
const shapes = ref<MouldShape[]>([])
const shape = computed(() => shapes.value.find((s) => s.shape === form.value.shape))
const drawn = ref<Mould | null>(props.mould)
const refused = ref('')
const notSaved = ref('')
const theirs = ref<MouldDraft | null>(null)
const busy = ref(false)
const open = computed(() => missing(form.value, shape.value))

const turn = useTurn()
const look = useDebounceFn(async () => {
  const current = turn()
  if (open.value || !shape.value) return
  try {
    const answer = await ask(
      api.POST('/api/moulds/trial', { body: draftOf(form.value, null, false) }),
    )
    if (!current()) return
    drawn.value = answer
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 60)
watch(
  form,
  () => {
    notSaved.value = ''
    void look()
  },
  { deep: true },
)

onMounted(async () => {
  try {
    shapes.value = await ask(api.GET('/api/moulds/shapes'))
    void look()
  } catch (problem) {
    refused.value = words(problem)
  }
})

function choose(next: MouldShape) {
  form.value = ofShape(form.value, next)
}

const measured = (ask: keyof typeof FIELD_OF) => form.value[FIELD_OF[ask]] as number | null

const put = (id: string) =>
  ask(
    api.PUT('/api/moulds/{id}', {
      params: { path: { id } },
      body: draftOf(form.value, version.value, true),
    }),
  )

async function save() {
  if (open.value || !form.value.name.trim()) {
    notSaved.value = open.value || 'The mould wants a name.'
    return
  }
  busy.value = true
  try {
    const id = own
      ? (await put(own.id)).id
      : await saveNew(form.value.name, 'mould', [], (fresh) => put(fresh))
    forget()
    emit('saved', id)
  } catch (problem) {
    if (own && isStale(problem)) await compare(own.id)
    else notSaved.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}

async function compare(id: string) {
  try {
    const now = await ask(api.GET('/api/moulds/{id}', { params: { path: { id } } }))
    theirs.value = draftOf(begun(now), now.version ?? null, true)
  } catch (problem) {
    notSaved.value = words(problem)
  }
}

function settled(state: MouldDraft) {
  form.value = { ...form.value, ...state } as typeof form.value
  version.value = theirs.value?.version ?? null
  theirs.value = null
  void save()
}

const say = (unit: 'MILLIMETRE' | 'DEGREE') => (value: number) => quantity(value, unit, taste.value)
const FIELDS = [
  { key: 'name', words: 'Name' },
  { key: 'shape', words: 'Shape' },
  { key: 'lengthMm', words: 'Length', say: say('MILLIMETRE') },
  { key: 'widthMm', words: 'Width', say: say('MILLIMETRE') },
  { key: 'depthMm', words: 'Depth', say: say('MILLIMETRE') },
  { key: 'floorMm', words: 'Floor', say: say('MILLIMETRE') },
  { key: 'draftDegrees', words: 'Lean', say: say('DEGREE') },
  { key: 'waterG', words: 'Water' },
  { key: 'outline', words: 'Outline', say: (p: unknown[]) => `${p.length} points` },
  { key: 'cavities', words: 'Cavities' },
  { key: 'rows', words: 'Rows' },
  { key: 'owned', words: 'Owned' },
  { key: 'material', words: 'Material' },
  { key: 'build', words: 'Build' },
  { key: 'wallMm', words: 'Wall', say: say('MILLIMETRE') },
  { key: 'scratched', words: 'Scratched' },
  { key: 'lastHeld', words: 'Last held', say: (a: string[]) => a.join(', ').toLowerCase() },
] as FieldWords<MouldDraft>[]

function cancel() {
  forget()
  emit('cancel')
}
</script>

<template>
  <form class="writing" @submit.prevent="save">
    <header>
      <h1>{{ own ? own.name : 'New mould' }}</h1>
      <p v-if="restored" class="quiet">
        What you typed last time stands here again.
        <v-btn variant="text" @click="startOver">Start over</v-btn>
      </p>
    </header>
    <div class="two">
      <div class="fields">
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
        />
        <v-switch v-model="form.scratched" label="Scratched" hide-details />
      </div>
      <aside>
        <template v-if="drawn">
          <CavityDrawing :mould="drawn" :class="{ old: refused }" />
          <p class="weight num">{{ quantity(drawn.cavityMl, 'MILLILITRE', taste) }}</p>
          <p class="quiet">
            one cavity, brim-full about
            {{ quantity(drawn.brim.low ?? drawn.brim.value, 'GRAM', taste) }} to
            {{ quantity(drawn.brim.high ?? drawn.brim.value, 'GRAM', taste) }} of couverture; wall
            {{ Math.round(drawn.wallAreaMm2 / 100) }} cm², opening
            {{ (drawn.rimAreaMm2 / 100).toFixed(1) }} cm². The whole mould holds
            {{ quantity(drawn.brim.value * drawn.cavities, 'GRAM', taste) }}.
          </p>
          <p class="release" :class="drawn.release.answer" role="status">
            {{ sentence(drawn.release.words, taste) }}
          </p>
        </template>
        <p v-if="open" class="quiet mt-3">{{ open }}</p>
        <p v-if="notSaved || refused" class="trouble mt-3" role="alert">
          {{ notSaved || refused }}
        </p>
      </aside>
    </div>
    <TwoStates
      v-if="theirs"
      :mine="draftOf(form, version, true)"
      :theirs="theirs"
      :fields="FIELDS"
      @settled="settled"
      @cancel="theirs = null"
    />
    <footer v-else>
      <v-btn size="x-large" variant="outlined" @click="cancel">Cancel</v-btn>
      <v-btn size="x-large" variant="outlined" :disabled="!canUndo" @click="undo()">Undo</v-btn>
      <v-btn size="x-large" variant="outlined" :disabled="!canRedo" @click="redo()">Redo</v-btn>
      <v-btn
        size="x-large"
        color="primary"
        type="submit"
        class="save"
        :loading="busy"
        :disabled="Boolean(own) && !changed"
        >Save</v-btn
      >
    </footer>
  </form>
</template>

<style scoped src="./writing.css"></style>
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
