<script setup lang="ts">
import { allergenList, couvertureWords } from '@/parts/kinds'
import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import { api, ask, words, type Ingredient } from '@/api/client'
import { newId } from '@/parts/once'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import ListInOut from '@/parts/ListInOut.vue'
import { quantity } from '@/parts/units'
import IngredientSheet from './IngredientSheet.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const find = ref('')
const box = ref<{ focus: () => void } | null>(null)
const ingredients = ref<Ingredient[]>([])
const total = ref(0)
const trouble = ref('')
const chosen = ref<Ingredient | null>(null)
const archived = ref(false)
const PAGE = 200
const page = ref(0)

async function load() {
  try {
    const answer = await ask(
      api.GET('/api/ingredients', {
        params: {
          query: { find: find.value, archived: archived.value, page: page.value, size: PAGE },
        },
      }),
    )
    ingredients.value = answer.items
    total.value = answer.total
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
}

const soon = useDebounceFn(load, 150)
watch([find, archived], () => {
  page.value = 0
  void soon()
})
onMounted(load)
/** The one in the address stands open. */
watch(
  () => props.id,
  async (id) => {
    if (!id) return
    try {
      chosen.value = await ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } }))
    } catch (problem) {
      trouble.value = words(problem)
    }
  },
  { immediate: true },
)
useKeys({ '/': () => box.value?.focus() })

const percent = (value: number) => (value < 0.05 ? '' : quantity(value, 'PERCENT', taste.value))
/** An ingredient of one's own begins empty; below version 0 it is not in the books yet. */
function fresh() {
  chosen.value = {
    id: `own-${newId().slice(0, 8)}`,
    name: '',
    densityGPerMl: 1,
    gramsPer100: {},
    fatPercent: 0,
    waterPercent: 0,
    allergens: [],
    couverture: null,
    source: { kind: 'WORKSHOP', citation: t('written down by the workshop'), fromMemory: false },
    traits: { natures: [], estimated: false },
    labelInTheUnitedStates: [],
    bag: {},
    parts: [],
    archived: false,
    version: -1,
  } as Ingredient
}
</script>

<template>
  <section class="sheet">
    <header>
      <h1>{{ $t('Ingredients') }}</h1>
      <v-text-field
        ref="box"
        v-model="find"
        :label="$t('Find ( / )')"
        density="comfortable"
        class="find"
        clearable
        @click:clear="find = ''"
      />
      <v-switch v-model="archived" :label="$t('Archived')" hide-details class="flex-grow-0" />
      <v-btn size="large" variant="outlined" @click="fresh">{{ $t('New ingredient') }}</v-btn>
      <ListInOut list="ingredients" :what="$t('ingredients')" @taken="load" />
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <table v-if="ingredients.length" class="rows">
      <thead>
        <tr>
          <th>{{ $t('Ingredient') }}</th>
          <th></th>
          <th class="right">{{ $t('Water') }}</th>
          <th class="right">{{ $t('Fat') }}</th>
          <th class="right">{{ $t('Density') }}</th>
          <th class="right">{{ $t('Price/kg') }}</th>
          <th>{{ $t('Allergens') }}</th>
          <th>{{ $t('Composition from') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in ingredients" :key="each.id">
          <td>
            <button type="button" class="link" @click="chosen = each">{{ each.name }}</button>
          </td>
          <td>
            <span v-if="each.couverture" class="kind" :class="each.couverture.toLowerCase()">{{
              couvertureWords(each.couverture)
            }}</span>
          </td>
          <td class="right">{{ percent(each.waterPercent) }}</td>
          <td class="right">{{ percent(each.fatPercent) }}</td>
          <td class="right">{{ quantity(each.densityGPerMl, 'GRAM_PER_ML', taste) }}</td>
          <td class="right">
            {{
              each.traits.pricePerKg != null ? quantity(each.traits.pricePerKg, 'MONEY', taste) : ''
            }}
          </td>
          <td>{{ allergenList(each.allergens) }}</td>
          <td class="quiet">
            {{ each.source.citation }}{{ each.source.fromMemory ? $t(', from memory') : ''
            }}{{ each.traits.estimated ? $t(', estimated') : '' }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else-if="!trouble" class="quiet none">
      {{
        find
          ? $t('Nothing called “{find}” here.', { find })
          : $t('The larder is empty. Write a new ingredient, or import a table.')
      }}
    </p>
    <div v-if="total > PAGE" class="d-flex ga-3 mt-4">
      <v-btn variant="outlined" size="large" :disabled="page === 0" @click="(page--, load())">{{
        $t('Before')
      }}</v-btn>
      <v-btn
        variant="outlined"
        size="large"
        :disabled="(page + 1) * PAGE >= total"
        @click="(page++, load())"
        >{{ $t('After') }}</v-btn
      >
    </div>

    <IngredientSheet v-model="chosen" @saved="load" />
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 20px;
  margin-bottom: 12px;
}
.find {
  max-width: 340px;
  margin-left: auto;
}
.link {
  min-height: 40px;
  font-weight: 600;
  text-decoration: underline;
  text-align: left;
}
.kind {
  padding: 2px 10px;
  border-radius: 10px;
  border: 1px solid var(--p-line);
  font-size: 0.9rem;
}
.kind.dark {
  background: #4a3128;
  color: #fff;
}
.kind.milk {
  background: #7d5033;
  color: #fff;
}
.kind.white {
  background: #eadfc4;
  color: #1e2326;
}
.none {
  margin-top: 8vh;
  text-align: center;
  font-size: 1.2rem;
}
@media (max-width: 1000px) {
  header {
    flex-wrap: wrap;
    gap: 10px;
  }
  .find {
    flex: 1 0 100%;
    max-width: none;
    margin-left: 0;
  }
}
</style>
