<script setup lang="ts">
// Layers that are only thought of: the recipe on the bench and fillings of the books, in a mould.
import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { mdiClose } from '@mdi/js'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type Mould } from '@/api/client'
import type { components } from '@/api/schema'
import { everyPage } from '@/parts/everyPage'
import NumberField from '@/parts/NumberField.vue'
import { useTurn } from '@/parts/turn'
import { request, useRecipe, whole, type OnBench } from './recipe'

const props = defineProps<{ barrierMm: number; days: number }>()
const emit = defineEmits<{
  answered: [moisture: components['schemas']['MoistureView']]
  refused: [words: string]
}>()
const { bench, fillings } = useRecipe()
const MOST = 4

const moulds = ref<Mould[]>([])
const mould = ref('')
/** Ids of fillings; empty for what lies on the bench. Shares in per cent, the last takes the rest. */
const layers = ref<{ filling: string; share: number | null }[]>([
  { filling: '', share: 60 },
  { filling: '', share: null },
])
const choices = computed(() => [
  { id: '', name: t('{name} (on the bench)', { name: bench.value.recipe.name || t('Recipe') }) },
  ...fillings.value.filter((f) => f.id !== bench.value.id),
])
const rest = computed(
  () => 100 - layers.value.slice(0, -1).reduce((sum, l) => sum + (l.share ?? 0), 0),
)
const books = new Map<string, OnBench>()

/** A filling as the bench would hold it. */
async function held(id: string): Promise<OnBench> {
  if (!id) return bench.value
  const known = books.get(id)
  if (known) return known
  const view = await ask(api.GET('/api/fillings/{id}', { params: { path: { id } } }))
  const laid = { id: view.id, number: view.number, recipe: view.recipe, changed: false }
  books.set(id, laid)
  return laid
}

const router = useRouter()
/** Why these cannot be a piece yet. */
const notKept = computed(() =>
  layers.value.some((l) => !l.filling) && (!bench.value.id || bench.value.changed)
    ? t('Save the recipe on the bench first: a piece is made of what is in the books.')
    : '',
)
function keep() {
  const tried = {
    mould: mould.value,
    layers: layers.value.map((l, i) => ({
      filling: l.filling || bench.value.id,
      percent: i === layers.value.length - 1 ? rest.value : (l.share ?? 0),
    })),
  }
  void router.push({ path: '/pieces', query: { new: '', tried: JSON.stringify(tried) } })
}

const turn = useTurn()
const look = useDebounceFn(async () => {
  const current = turn()
  if (!mould.value || !whole(bench.value.recipe)) return
  try {
    const laid = await Promise.all(layers.value.map((l) => held(l.filling)))
    const moisture = await ask(
      api.POST('/api/pieces/moisture', {
        body: {
          mould: mould.value,
          barrierMm: props.barrierMm,
          days: props.days,
          layers: laid.map((each, i) => ({
            on: request(each),
            share: (i === laid.length - 1 ? rest.value : (layers.value[i]!.share ?? 0)) / 100,
          })),
        },
      }),
    )
    if (current()) emit('answered', moisture)
  } catch (problem) {
    if (current()) emit('refused', words(problem))
  }
}, 120)
watch([mould, layers, () => props.barrierMm, () => props.days, () => bench.value.recipe], look, {
  deep: true,
})
onMounted(async () => {
  try {
    moulds.value = await everyPage((query) => ask(api.GET('/api/moulds', { params: { query } })))
    mould.value = moulds.value[0]?.id ?? ''
    // The driest of the books is the likeliest partner; any other can be chosen.
    layers.value[1]!.filling =
      fillings.value.find((f) => f.style === 'CRISP_LAYER' && f.id !== bench.value.id)?.id ??
      fillings.value.find((f) => f.id !== bench.value.id)?.id ??
      ''
  } catch (problem) {
    emit('refused', words(problem))
  }
})
</script>

<template>
  <v-select
    v-model="mould"
    :label="$t('Mould')"
    :items="moulds"
    item-title="name"
    item-value="id"
  />
  <div v-for="(layer, i) in layers" :key="i" class="layer">
    <v-select
      v-model="layer.filling"
      :label="i === 0 ? $t('First in') : $t('Then')"
      :items="choices"
      item-title="name"
      item-value="id"
      hide-details
    />
    <NumberField
      v-if="i < layers.length - 1"
      v-model="layer.share"
      :label="$t('Share')"
      unit="PERCENT"
    />
    <span v-else class="num rest">{{ rest }} %</span>
    <v-btn
      v-if="layers.length > 2"
      :icon="mdiClose"
      variant="text"
      :aria-label="$t('Layer {place} out', { place: i + 1 })"
      @click="layers.splice(i, 1)"
    />
  </div>
  <v-btn
    v-if="layers.length < MOST"
    variant="outlined"
    size="large"
    @click="layers.splice(layers.length - 1, 0, { filling: '', share: 20 })"
    >{{ $t('One more layer') }}</v-btn
  >
  <v-btn size="x-large" color="primary" :disabled="notKept !== ''" @click="keep">{{
    $t('Make a piece of these')
  }}</v-btn>
  <p v-if="notKept" class="quiet">{{ notKept }}</p>
</template>

<style scoped>
.layer {
  display: grid;
  grid-template-columns: 1fr 110px auto;
  gap: 8px;
  align-items: start;
}
.rest {
  align-self: center;
  padding-left: 12px;
  color: var(--p-quiet);
}
</style>
