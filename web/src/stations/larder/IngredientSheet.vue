<script setup lang="ts">
import { written } from '@/words/locale'
import { t } from '@/words'
import { computed, ref, watch } from 'vue'
import { api, ask, Refusal, words, type Ingredient } from '@/api/client'
import LabelPanel from './LabelPanel.vue'
import LotList from './LotList.vue'
import NumberField from '@/parts/NumberField.vue'
import { ALLERGENS } from '@/parts/kinds'
import { COMPONENTS } from './components'

const chosen = defineModel<Ingredient | null>({ required: true })
const emit = defineEmits<{ saved: [] }>()

const name = ref('')
const density = ref<number | null>(null)
const grams = ref<Record<string, number | null>>({})
const version = ref(0)
const ph = ref<number | null>(null)
const pieceG = ref<number | null>(null)
const price = ref<number | null>(null)
const gelStrength = ref<number | null>(null)
const natures = ref<Ingredient['traits']['natures']>([])
/** What the packet of something that gels is asked for. */
const STRENGTHS: Partial<Record<(typeof natures.value)[number], string>> = {
  GELATINE: t('Bloom, 200 where left empty'),
  PECTIN: t('Grade, 150 where left empty'),
  LOW_METHOXYL_PECTIN: t('Grade, 150 where left empty'),
  AGAR: t('Strength in g/cm², 800 where left empty'),
}
const strengthWords = computed(() => natures.value.map((n) => STRENGTHS[n]).find(Boolean) ?? '')
const allergens = ref<Ingredient['allergens']>([])
const estimated = ref(false)
const source = ref('')
const fromMemory = ref(false)
const NATURES = [
  { id: 'RAW_EGG', words: t('raw egg') },
  { id: 'SPIRIT', words: t('spirit') },
  { id: 'CRISP', words: t('crisp') },
  { id: 'INFUSED', words: t('infused') },
  { id: 'NUT', words: t('nut or seed') },
  { id: 'PECTIN', words: t('pectin') },
  { id: 'LOW_METHOXYL_PECTIN', words: t('pectin, low methoxyl') },
  { id: 'GELATINE', words: t('gelatine') },
  { id: 'AGAR', words: t('agar') },
]
const refused = ref<Refusal | Error | null>(null)
const busy = ref(false)

function fill(ingredient: Ingredient) {
  name.value = ingredient.name
  density.value = ingredient.densityGPerMl
  grams.value = Object.fromEntries(
    COMPONENTS.map(([code]) => [code, ingredient.gramsPer100[code] ?? null]),
  )
  version.value = ingredient.version
  ph.value = ingredient.traits.ph ?? null
  pieceG.value = ingredient.traits.pieceG ?? null
  price.value = ingredient.traits.pricePerKg ?? null
  gelStrength.value = ingredient.traits.gelStrength ?? null
  natures.value = [...ingredient.traits.natures]
  allergens.value = [...ingredient.allergens]
  estimated.value = ingredient.traits.estimated
  source.value = ingredient.source.citation
  fromMemory.value = ingredient.source.fromMemory
  refused.value = null
}
watch(chosen, (ingredient) => ingredient && fill(ingredient))

/** Shown while typing; the server has the last word. */
const sum = computed(() =>
  Object.values(grams.value).reduce<number>((total, part) => total + (part ?? 0), 0),
)
const stale = computed(() => refused.value instanceof Refusal && refused.value.status === 409)

async function save() {
  const of = chosen.value
  if (!of || density.value === null) return
  busy.value = true
  try {
    const parts = Object.entries(grams.value).filter(
      (part): part is [string, number] => part[1] !== null && part[1] !== 0,
    )
    await ask(
      api.PUT('/api/ingredients/{id}', {
        params: { path: { id: of.id } },
        body: {
          name: name.value,
          densityGPerMl: density.value,
          gramsPer100: Object.fromEntries(parts),
          allergens: allergens.value,
          couverture: of.couverture,
          source: source.value,
          fromMemory: fromMemory.value,
          traits: {
            ph: ph.value,
            pieceG: pieceG.value,
            pricePerKg: price.value,
            gelStrength: strengthWords.value ? gelStrength.value : null,
            natures: natures.value,
            estimated: estimated.value,
          },
          bag: of.bag,
          version: version.value < 0 ? null : version.value,
        },
      }),
    )
    emit('saved')
    chosen.value = null
  } catch (problem) {
    refused.value = problem instanceof Error ? problem : new Error(words(problem))
  } finally {
    busy.value = false
  }
}

async function putAway() {
  const of = chosen.value
  if (!of) return
  try {
    await ask(
      api.PUT('/api/ingredients/{id}/archived', {
        params: { path: { id: of.id } },
        body: { archived: !of.archived, version: version.value },
      }),
    )
    emit('saved')
    chosen.value = null
  } catch (problem) {
    refused.value = problem instanceof Error ? problem : new Error(words(problem))
  }
}

/** A composition estimated from a packet is shown as one. */
function take(parts: Record<string, number>, basis: string) {
  grams.value = Object.fromEntries(COMPONENTS.map(([code]) => [code, parts[code] ?? null]))
  estimated.value = true
  source.value = t('label, {new}; {basis}', { new: new Date().toISOString().slice(0, 10), basis })
  fromMemory.value = false
}

/** Takes over the newer state's version, and keeps what was typed. */
async function loadNew() {
  if (!chosen.value) return
  try {
    const path = { id: chosen.value.id }
    version.value = (await ask(api.GET('/api/ingredients/{id}', { params: { path } }))).version
    refused.value = null
  } catch (problem) {
    refused.value = problem instanceof Error ? problem : new Error(words(problem))
  }
}
</script>

<template>
  <v-dialog
    :model-value="chosen !== null"
    max-width="820"
    scrollable
    :aria-label="$t('Ingredient')"
    @update:model-value="chosen = null"
  >
    <v-card v-if="chosen" class="pa-6">
      <h2 class="mb-4">{{ chosen.name || $t('New ingredient') }}</h2>
      <div class="fields">
        <v-text-field v-model="name" :label="$t('Name')" class="wide" />
        <NumberField v-model="density" :label="$t('Density')" unit="GRAM_PER_ML" />
        <NumberField v-model="ph" :label="$t('pH')" unit="PH" />
        <NumberField v-model="pieceG" :label="$t('One piece weighs')" unit="GRAM" />
        <NumberField v-model="price" :label="$t('Price of a kilogram')" unit="MONEY" />
        <v-select
          v-model="allergens"
          :label="$t('Allergens (EU 14)')"
          :items="ALLERGENS"
          item-title="words"
          item-value="id"
          multiple
        />
        <v-select
          v-model="natures"
          :label="$t('Special nature')"
          :items="NATURES"
          item-title="words"
          item-value="id"
          multiple
        />
        <NumberField v-if="strengthWords" v-model="gelStrength" :label="strengthWords" unit="ONE" />
        <v-text-field v-model="source" :label="$t('Composition from')" />
        <LabelPanel class="wide" @estimated="take" />
        <p v-if="estimated && !allergens.length" class="wide caution">
          {{
            $t(
              'No allergens are named. Read them on the packet and set them here before it is used.',
            )
          }}
        </p>
        <h3 class="wide">
          {{ $t('In 100 g')
          }}<template v-if="estimated">{{ ' ' }}{{ $t('(estimated from a label)') }}</template>
          <span class="quiet num ml-2" :class="{ wrong: Math.abs(sum - 100) > 1 }">{{
            $t('{sum} g so far; 99 to 101 is taken', { sum: written(sum, 1) })
          }}</span>
        </h3>
        <NumberField
          v-for="[code, label] in COMPONENTS"
          :key="code"
          :model-value="grams[code] ?? null"
          :label="label"
          unit="PERCENT"
          @update:model-value="grams[code] = $event"
        />
      </div>
      <LotList v-if="chosen.version >= 0" :ingredient="chosen.id" class="mt-4" />
      <p v-if="refused" class="trouble mt-4" role="alert">{{ refused.message }}</p>
      <div class="acts d-flex ga-3">
        <v-btn size="large" variant="outlined" @click="chosen = null">{{ $t('Cancel') }}</v-btn>
        <v-btn v-if="chosen.version >= 0" size="large" variant="outlined" @click="putAway">{{
          chosen.archived ? $t('Bring back') : $t('Archive')
        }}</v-btn>
        <v-btn v-if="stale" size="large" variant="outlined" @click="loadNew">{{
          $t('Save over the new state')
        }}</v-btn>
        <v-btn
          size="large"
          color="primary"
          :loading="busy"
          :disabled="density === null || stale"
          @click="save"
          >{{ $t('Save') }}</v-btn
        >
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
}
.wide {
  grid-column: 1 / -1;
}
.fields > .wide:first-child {
  grid-column: span 2;
}
.acts {
  position: sticky;
  bottom: -24px;
  margin-top: 8px;
  padding: 12px 0 24px;
  background: var(--p-ground);
}
.wrong {
  color: var(--p-off);
}
</style>
