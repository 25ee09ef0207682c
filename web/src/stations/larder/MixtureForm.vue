<script setup lang="ts">
// Couvertures melted together, or a couverture with a coating: what the mixture is follows from it.
import { allergenList, couvertureWords } from '@/parts/kinds'
import { asList } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted, ref } from 'vue'
import {
  api,
  ask,
  words,
  type Ingredient,
  type IngredientDraft,
  type IngredientName,
  type Mixture,
} from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import type { FieldWords } from '@/parts/twoStates'
import { quantity, sentence } from '@/parts/units'
import { useWriting } from '@/parts/writing'
import WritingFrame from '@/parts/WritingFrame.vue'
import { COMPONENTS } from './components'
import FitFor from './FitFor.vue'

const props = defineProps<{ mixture: Ingredient | null; copied?: boolean }>()
const emit = defineEmits<{ saved: [id: string]; cancel: [] }>()
const { taste } = useHouse()
const { all, load } = useLarder()
const names = ref<IngredientName[]>([])
const trouble = ref('')

interface MixtureInForm {
  name: string
  parts: { ingredient: string; percent: number | null }[]
}
function begun(own: Ingredient | null): MixtureInForm {
  return {
    name: own?.name ?? '',
    parts: own?.parts.map((p) => ({ ...p })) ?? [
      { ingredient: '', percent: 50 },
      { ingredient: '', percent: 50 },
    ],
  }
}
function missing(form: MixtureInForm): string {
  if (form.parts.some((p) => !p.ingredient)) return t('Choose what is melted together.')
  if (form.parts.some((p) => p.percent === null)) return t('Every part wants its share.')
  return ''
}
/** Composition, kind and allergens follow from the parts; the server works them out. */
function draftOf(form: MixtureInForm, version: number | null): IngredientDraft {
  return {
    name: form.name.trim(),
    densityGPerMl: 1,
    gramsPer100: {},
    allergens: [],
    source: 'parts',
    fromMemory: false,
    parts: form.parts.map((p) => ({ ingredient: p.ingredient, percent: p.percent ?? 0 })),
    version,
  }
}

const writing = useWriting<MixtureInForm, Mixture, IngredientDraft>({
  what: 'mixture',
  own: props.copied ? null : props.mixture,
  begin: () => ({
    ...begun(props.mixture),
    ...(props.copied && { name: `${props.mixture?.name} 2` }),
  }),
  missing,
  draft: draftOf,
  trial: (draft) =>
    ask(api.POST('/api/couvertures/mixture', { body: { parts: draft.parts ?? [] } })),
  put: (id, body) => ask(api.PUT('/api/ingredients/{id}', { params: { path: { id } }, body })),
  now: async (id) => {
    const it = await ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } }))
    return draftOf(begun(it), it.version)
  },
  name: (form) => form.name,
  saved: (id) => emit('saved', id),
})
const { form, drawn, refused, look } = writing

onMounted(async () => {
  try {
    const [found] = await Promise.all([ask(api.GET('/api/larder/names')), load()])
    names.value = found
    void look()
  } catch (problem) {
    trouble.value = words(problem)
  }
})
/** Couvertures first: they are what is meant; a coating is an ingredient. */
const choices = computed(() => {
  const first = all.value.filter((i) => i.couverture && !i.parts.length)
  const known = new Set(all.value.filter((i) => i.couverture).map((i) => i.id))
  return [...first, ...names.value.filter((n) => !known.has(n.id))]
})
const sum = computed(() => form.value.parts.reduce((all, p) => all + (p.percent ?? 0), 0))
const composition = computed(() =>
  COMPONENTS.flatMap(([code, name]) => {
    const grams = drawn.value?.gramsPer100[code]
    return grams && grams >= 0.05 ? [`${name} ${quantity(grams, 'PERCENT', taste.value)}`] : []
  }),
)
const c = (value: number) => quantity(value, 'CELSIUS', taste.value)
const nameOf = (id: string) => choices.value.find((i) => i.id === id)?.name ?? id
const FIELDS = [
  { key: 'name', words: t('Name') },
  {
    key: 'parts',
    words: t('Parts'),
    say: (parts: { ingredient: string; percent: number }[]) =>
      asList(
        parts.map((p) => `${nameOf(p.ingredient)} ${quantity(p.percent, 'PERCENT', taste.value)}`),
      ),
  },
] as FieldWords<IngredientDraft>[]
</script>

<template>
  <WritingFrame
    :title="copied || !mixture ? $t('New mixture') : mixture.name"
    :writing="writing"
    :fields="FIELDS"
    :is-new="copied || !mixture"
    :trouble="trouble"
    @cancel="emit('cancel')"
  >
    <v-text-field v-model="form.name" :label="$t('Name')" class="wide" />
    <h2 class="wide">{{ $t('Melted together') }}</h2>
    <div v-for="(part, i) in form.parts" :key="i" class="wide part">
      <v-autocomplete
        v-model="part.ingredient"
        :items="choices"
        item-title="name"
        item-value="id"
        :label="$t('Part {place}', { place: i + 1 })"
        hide-details
      />
      <NumberField v-model="part.percent" :label="$t('Share')" unit="PERCENT" />
      <v-btn
        variant="text"
        :disabled="form.parts.length <= 2"
        :aria-label="$t('Remove part {place}', { place: i + 1 })"
        @click="form.parts.splice(i, 1)"
        >{{ $t('Remove') }}</v-btn
      >
    </div>
    <div class="wide part">
      <v-btn
        size="large"
        variant="outlined"
        :disabled="form.parts.length >= 6"
        @click="form.parts.push({ ingredient: '', percent: Math.max(0, 100 - sum) })"
        >{{ $t('Add a part') }}</v-btn
      >
      <span class="num">{{ $t('{sum} together', { sum: quantity(sum, 'PERCENT', taste) }) }}</span>
    </div>
    <template v-if="drawn" #drawn>
      <div :class="{ old: refused }">
        <p class="weight num">
          {{ $t('{it} to {it2}', { it: c(drawn.work.low), it2: c(drawn.work.high) }) }}
        </p>
        <p class="quiet">
          {{
            $t('worked at, as {kind}; melted to {it} to {it2}.', {
              kind: couvertureWords(drawn.kind),
              it: c(drawn.melt.low),
              it2: c(drawn.melt.high),
            })
          }}
        </p>
        <FitFor :fit="drawn.fit" />
        <p v-for="caution in drawn.cautions" :key="caution.template" class="caution">
          {{ sentence(caution, taste) }} <span class="quiet">{{ drawn.cautionsFrom }}</span>
        </p>
        <h3 class="mt-4">{{ $t('What is in it') }}</h3>
        <p>{{ asList(composition) }}.</p>
        <p>
          {{
            drawn.allergens.length
              ? $t('Allergens: {allergens}.', {
                  allergens: allergenList(drawn.allergens),
                })
              : $t('No allergens are named in its parts.')
          }}
        </p>
        <p v-if="drawn.pricePerKg != null" class="quiet">
          {{
            $t('{pricePerKg} a kilogram, by its parts.', {
              pricePerKg: quantity(drawn.pricePerKg, 'MONEY', taste),
            })
          }}
        </p>
      </div>
    </template>
  </WritingFrame>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: 1.8fr 1fr auto;
  gap: 10px;
  align-items: center;
}
.part .v-btn {
  min-height: 56px;
}
@media (max-width: 700px) {
  .part {
    grid-template-columns: 1fr;
  }
}
</style>
