<script setup lang="ts">
// A piece cast full, being written down: what it weighs and how it looks answers every change.
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import {
  api,
  ask,
  Refusal,
  words,
  type ColourStock,
  type IngredientName,
  type Mould,
  type Piece,
  type SolidPiece,
  type SolidPieceDraft,
} from '@/api/client'
import { useHouse } from '@/parts/house'
import { everyPage } from '@/parts/everyPage'
import { idOf } from '@/parts/ids'
import { useLarder } from '@/parts/couvertures'
import NumberField from '@/parts/NumberField.vue'
import { useTurn } from '@/parts/turn'
import { inTaste, quantity } from '@/parts/units'
import PieceSection from './PieceSection.vue'
import { missingWorn, wornDraft, wornOf } from './worn'
import WornList from './WornList.vue'

const props = defineProps<{ piece: SolidPiece | null; taken: string[]; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const { all, trouble, load } = useLarder()
const MOST_TRIES = 5
const PLACINGS = [
  { id: 'STIRRED_IN', words: 'stirred in' },
  { id: 'ON_THE_BACK', words: 'laid on the back' },
] as const

type In = Omit<SolidPieceDraft['inclusions'][number], 'eachG'> & { eachG: number | null }
const from = props.piece
const own = props.copied ? null : from
const name = ref(props.copied ? `${from?.name} 2` : (from?.name ?? ''))
const story = ref(from?.story ?? '')
const mould = ref(from?.mouldId ?? '')
const couverture = ref(from?.couvertureId ?? '')
const inclusions = ref<In[]>(
  from?.inclusions.map((i) => ({ ingredient: i.ingredient, eachG: i.eachG, placing: i.placing })) ??
    [],
)
const pressed = ref(Boolean(from?.relief))
const reliefMm = ref<number | null>(from?.relief?.depthMm ?? 1)
const reliefPercent = ref<number | null>(from?.relief?.sharePercent ?? 30)
const worn = ref(wornOf(from))
const colours = ref<ColourStock[]>([])

const moulds = ref<Mould[]>([])
const larder = ref<IngredientName[]>([])
const couvertures = computed(() => all.value.filter((i) => i.couverture))
const drawn = ref<Piece | null>(null)
const refused = ref('')
/** Why it could not be kept; until something is changed. */
const notSaved = ref('')
const busy = ref(false)

/** What is still to be said before it can be drawn. */
const missing = computed(() => {
  if (!mould.value) return 'Choose a mould.'
  if (!couverture.value) return 'Choose a couverture.'
  if (inclusions.value.some((i) => !i.ingredient || i.eachG === null))
    return 'Every line wants an ingredient and grams.'
  if (pressed.value && (reliefMm.value === null || reliefPercent.value === null))
    return 'The relief wants a depth and a share of the back.'
  return missingWorn(worn.value)
})

function draft(named: boolean): SolidPieceDraft {
  return {
    kind: 'SOLID',
    name: name.value.trim() || (named ? '' : 'Unnamed'),
    story: story.value.trim() || 'Cast full.',
    mould: mould.value,
    couverture: couverture.value,
    inclusions: inclusions.value.map((i) => ({ ...i, eachG: i.eachG ?? 0 })),
    ...(pressed.value && {
      relief: { depthMm: reliefMm.value ?? 0, sharePercent: reliefPercent.value ?? 0 },
    }),
    ...wornDraft(worn.value, colours.value),
    version: own?.version ?? null,
  }
}

const turn = useTurn()
const look = useDebounceFn(async () => {
  const current = turn()
  if (missing.value) {
    drawn.value = null
    return
  }
  try {
    const piece = await ask(api.POST('/api/pieces/trial', { body: draft(false) }))
    if (!current()) return
    drawn.value = piece
    refused.value = ''
  } catch (problem) {
    if (!current()) return
    refused.value = inTaste(words(problem), taste.value)
  }
}, 60)
watch(
  [mould, couverture, inclusions, pressed, reliefMm, reliefPercent, worn],
  () => {
    notSaved.value = ''
    void look()
  },
  { deep: true },
)

onMounted(async () => {
  await load()
  try {
    const [m, c, l] = await Promise.all([
      everyPage((query) => ask(api.GET('/api/moulds', { params: { query } }))),
      everyPage((query) => ask(api.GET('/api/colours', { params: { query } }))),
      ask(api.GET('/api/larder/names')),
    ])
    moulds.value = m
    colours.value = c
    larder.value = l
    void look()
  } catch (problem) {
    refused.value = words(problem)
  }
})

/** New under an id made of its name; one taken meanwhile by another screen is tried again. */
async function save() {
  if (missing.value || busy.value) {
    notSaved.value = missing.value
    return
  }
  if (!name.value.trim()) {
    notSaved.value = 'The piece wants a name.'
    return
  }
  busy.value = true
  const taken = [...props.taken]
  try {
    for (let tries = 1; ; tries++) {
      const id = own?.id ?? idOf(name.value, taken, 'piece')
      try {
        await ask(api.PUT('/api/pieces/{id}', { params: { path: { id } }, body: draft(true) }))
        emit('saved', id)
        return
      } catch (problem) {
        const another = !own && problem instanceof Refusal && problem.status === 409
        if (!another || tries === MOST_TRIES) throw problem
        taken.push(id)
      }
    }
  } catch (problem) {
    notSaved.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="solid" @submit.prevent="save">
    <header>
      <h1>{{ own ? own.name : 'A piece cast full' }}</h1>
      <p class="quiet">A bar or a figure: couverture to the rim, and what is in it or on it.</p>
    </header>
    <div class="two">
      <div class="fields">
        <v-text-field v-model="name" label="Name" />
        <v-text-field v-model="story" label="In a few words" />
        <v-select
          v-model="mould"
          :items="moulds"
          item-title="name"
          item-value="id"
          label="Mould"
          no-data-text="No moulds yet: read them in from a file in the Larder"
        />
        <v-select
          v-model="couverture"
          :items="couvertures"
          item-title="name"
          item-value="id"
          label="Couverture"
          no-data-text="No couverture yet: the Larder has the way to one"
        />

        <h2>What is in it</h2>
        <div v-for="(line, i) in inclusions" :key="i" class="line">
          <v-autocomplete
            v-model="line.ingredient"
            :items="larder"
            item-title="name"
            item-value="id"
            label="What"
            hide-details
          />
          <NumberField v-model="line.eachG" label="In one" unit="GRAM" />
          <v-select
            v-model="line.placing"
            :items="PLACINGS"
            item-title="words"
            item-value="id"
            label="Where"
            hide-details
          />
          <v-btn
            variant="text"
            :aria-label="`Remove line ${i + 1}`"
            @click="inclusions.splice(i, 1)"
            >Remove</v-btn
          >
        </div>
        <v-btn
          variant="outlined"
          size="large"
          class="mb-4"
          @click="inclusions.push({ ingredient: '', eachG: null, placing: 'STIRRED_IN' })"
          >Add an inclusion</v-btn
        >

        <h2>Back, colour and finishing</h2>
        <v-switch v-model="pressed" label="A pattern pressed into the back" hide-details />
        <div v-if="pressed" class="pair">
          <NumberField v-model="reliefMm" label="Depth" unit="MILLIMETRE" />
          <NumberField v-model="reliefPercent" label="Of the back" unit="PERCENT" />
        </div>
        <WornList v-model="worn" :colours="colours" />
      </div>
      <aside>
        <template v-if="drawn">
          <p class="weight num">{{ quantity(drawn.whole.value, 'GRAM', taste) }}</p>
          <p class="quiet">
            one piece:
            {{
              drawn.parts
                .map((p) => `${p.name.toLowerCase()} ${quantity(p.value, 'GRAM', taste)}`)
                .join(', ')
            }}
          </p>
          <PieceSection :piece="drawn" :class="{ old: refused }" />
        </template>
        <p v-else class="quiet">{{ missing || 'Drawing it …' }}</p>
        <p v-if="notSaved || refused || trouble" class="trouble mt-3" role="alert">
          {{ notSaved || refused || trouble }}
        </p>
      </aside>
    </div>
    <footer>
      <v-btn size="x-large" variant="outlined" @click="emit('cancel')">Cancel</v-btn>
      <v-btn size="x-large" color="primary" type="submit" class="save" :loading="busy">Save</v-btn>
    </footer>
  </form>
</template>

<style scoped>
.solid {
  overflow: auto;
  padding: 16px 26px 0;
  display: flex;
  flex-direction: column;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(280px, 1fr);
  gap: 30px;
}
.fields {
  display: grid;
  gap: 12px;
  align-content: start;
}
.fields h2 {
  margin-top: 8px;
}
.line {
  display: grid;
  grid-template-columns: 1fr 1.4fr auto;
  gap: 10px;
  align-items: center;
  margin-bottom: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.weight {
  font-size: 3.4rem;
  font-weight: 600;
  line-height: 1.1;
}
.old {
  opacity: 0.45;
}
aside {
  position: sticky;
  top: 0;
  align-self: start;
}
footer {
  position: sticky;
  bottom: 0;
  margin-top: auto;
  display: flex;
  gap: 14px;
  padding: 12px 0 16px;
  background: linear-gradient(transparent, var(--p-ground) 20%);
}
footer .v-btn {
  height: 72px !important;
}
.save {
  flex: 1;
  font-size: 1.5rem;
}
@media (max-width: 1000px) {
  .two {
    grid-template-columns: 1fr;
  }
  aside {
    position: static;
  }
}
@media (max-width: 700px) {
  .solid {
    padding: 12px 14px 0;
  }
  .line {
    grid-template-columns: 1fr 1fr;
  }
}
.line > :first-child {
  grid-column: 1 / -1;
}
</style>
