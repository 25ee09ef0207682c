<script setup lang="ts">
import { t } from '@/words'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { words } from '@/api/client'
import { mdiRedo, mdiUndo } from '@mdi/js'
import { useKeys } from '@/parts/keys'
import StationTabs from '@/parts/StationTabs.vue'
import { useRecipe } from './recipe'
import ArchiveFilling from './ArchiveFilling.vue'
import StartRecipe from './StartRecipe.vue'

const props = defineProps<{ tab?: string; id?: string }>()
const router = useRouter()
const route = useRoute()
const { bench, fillings, trouble, loadAll, open, save, look, steps, settled } = useRecipe()
const { canUndo, canRedo, undo, redo } = steps
useKeys({ u: undo, r: redo })

const TABS = [
  ['recipe', t('Recipe')],
  ['balance', t('Balance')],
  ['sugar', t('Cook sugar')],
  ['cool', t('Cool & rest')],
  ['mend', t('Fix')],
  ['layers', t('Layers')],
  ['size', t('Scale')],
  ['versions', t('Versions & notes')],
] as const
const views = {
  recipe: defineAsyncComponent(() => import('./RecipeBench.vue')),
  balance: defineAsyncComponent(() => import('./BalanceBench.vue')),
  sugar: defineAsyncComponent(() => import('./CookSugar.vue')),
  cool: defineAsyncComponent(() => import('./CoolRest.vue')),
  mend: defineAsyncComponent(() => import('./MendIt.vue')),
  layers: defineAsyncComponent(() => import('./WaterLayers.vue')),
  size: defineAsyncComponent(() => import('./SizeIt.vue')),
  versions: defineAsyncComponent(() => import('./RememberIt.vue')),
}
const current = computed(() => props.tab || 'recipe')
const view = computed(() => views[current.value as keyof typeof views] ?? views.recipe)

const starting = ref(false)
const saving = ref(false)
const note = ref('')
const refused = ref('')
const leaving = ref<string | null>(null)

const way = (tab: string) => `/fillings/${tab}${bench.value.id ? `/${bench.value.id}` : ''}`
const tabs = computed(() => TABS.map(([id, label]) => ({ id, words: label, to: way(id) })))

/** What is changed is not thrown away without a word. */
function choose(id: string | null) {
  if (!id || id === bench.value.id) return
  if (bench.value.changed) leaving.value = id
  else void router.push(`/fillings/${current.value}/${id}`)
}
function leave() {
  const id = leaving.value
  leaving.value = null
  bench.value.changed = false
  if (id) void router.push(`/fillings/${current.value}/${id}`)
}

async function keep() {
  try {
    await save(note.value)
    refused.value = ''
    saving.value = false
    note.value = ''
    void router.replace(way(current.value))
  } catch (problem) {
    refused.value = words(problem)
  }
}

async function follow() {
  if (props.id && props.id !== bench.value.id) {
    if (bench.value.changed) leaving.value = props.id
    else await open(props.id)
  }
}
watch(() => props.id, follow)
onMounted(async () => {
  await loadAll()
  await follow()
  if (!bench.value.recipe.operations.length && fillings.value[0]) await open(fillings.value[0].id)
  settled.value = true
  // The way from the cards of a new house.
  if ('start' in route.query) starting.value = true
  void look()
})
</script>

<template>
  <div class="fillings">
    <header class="no-print">
      <v-select
        :model-value="bench.id || null"
        :items="fillings"
        item-title="name"
        item-value="id"
        :label="bench.id ? $t('Filling') : $t('Not in the books yet')"
        :placeholder="bench.recipe.name"
        density="comfortable"
        class="which"
        hide-details
        @update:model-value="choose"
      />
      <span class="state num">
        <template v-if="bench.number">{{
          $t('version {number}', { number: bench.number })
        }}</template>
        <template v-if="bench.changed">{{ bench.number ? $t(', changed') : $t('new') }}</template>
      </span>
      <v-btn
        :icon="mdiUndo"
        variant="text"
        :aria-label="$t('Undo the last change (U)')"
        :title="$t('Undo (U)')"
        :disabled="!canUndo"
        @click="undo"
      />
      <v-btn
        :icon="mdiRedo"
        variant="text"
        :aria-label="$t('Do it again (R)')"
        :title="$t('Again (R)')"
        :disabled="!canRedo"
        @click="redo"
      />
      <v-btn size="large" variant="outlined" @click="starting = true">{{
        $t('Start or paste')
      }}</v-btn>
      <v-btn
        size="large"
        color="primary"
        :disabled="!bench.changed || bench.unseen"
        @click="((saving = true), (refused = ''))"
        >{{ $t('Save') }}</v-btn
      >
    </header>
    <StationTabs class="no-print" :name="$t('Fillings')" :tabs="tabs" :current="current" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <component :is="view" class="view" />

    <ArchiveFilling v-if="current === 'versions'" />
    <StartRecipe v-model="starting" @begun="router.push('/fillings/recipe')" />
    <v-dialog v-model="saving" max-width="520" :aria-label="$t('Save the recipe')">
      <v-card class="pa-6">
        <h2 class="mb-3">{{ $t('Save as version {number}', { number: bench.number + 1 }) }}</h2>
        <v-text-field v-model="bench.recipe.name" :label="$t('Name')" />
        <v-text-field v-model="note" :label="$t('What changed, and why')" @keydown.enter="keep" />
        <p v-if="refused" class="trouble mt-3" role="alert">{{ refused }}</p>
        <div class="d-flex ga-3 mt-4">
          <v-btn size="large" variant="outlined" @click="saving = false">{{ $t('Cancel') }}</v-btn>
          <v-btn size="large" color="primary" @click="keep">{{ $t('Save version') }}</v-btn>
        </div>
      </v-card>
    </v-dialog>
    <v-dialog
      :model-value="leaving !== null"
      max-width="480"
      :aria-label="$t('Unsaved changes')"
      @update:model-value="leaving = null"
    >
      <v-card class="pa-6">
        <h2 class="mb-3">
          {{ $t('{name} has changes', { name: bench.recipe.name || $t('This recipe') }) }}
        </h2>
        <p>{{ $t('They are not in the books yet.') }}</p>
        <div class="d-flex ga-3 mt-4">
          <v-btn size="large" variant="outlined" @click="leave">{{ $t('Drop them') }}</v-btn>
          <v-btn size="large" color="primary" @click="leaving = null">{{ $t('Cancel') }}</v-btn>
        </div>
      </v-card>
    </v-dialog>
  </div>
</template>

<style scoped>
.fillings {
  display: grid;
  grid-template-rows: auto auto auto 1fr auto;
  height: 100%;
  min-height: 0;
}
header {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 12px 20px 4px;
}
.which {
  max-width: 380px;
}
.state {
  color: var(--p-quiet);
  margin-right: auto;
}
.view {
  grid-row: 4;
  min-height: 0;
}
.trouble {
  margin: 10px 20px;
}
@media (max-width: 700px) {
  header {
    flex-wrap: wrap;
    gap: 6px;
  }
  .which {
    flex: 1 0 100%;
  }
}
</style>
