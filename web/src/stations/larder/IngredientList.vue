<script setup lang="ts">
import { allergenList, couvertureWords } from '@/parts/kinds'
import { api, ask, type Ingredient } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useShelf } from '@/parts/shelf'
import { quantity } from '@/parts/units'
import IngredientForm from './IngredientForm.vue'
import ShelfHead from './ShelfHead.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const shelf = useShelf<Ingredient>({
  path: '/larder/ingredients',
  id: () => props.id,
  size: 200,
  page: (query) => ask(api.GET('/api/ingredients', { params: { query } })),
  one: (id) => ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } })),
  putAway: (it) =>
    ask(
      api.PUT('/api/ingredients/{id}/archived', {
        params: { path: { id: it.id } },
        body: { archived: !it.archived, version: it.version },
      }),
    ),
})
const { find, archived, page, items: ingredients, loaded, trouble, load, pages } = shelf
const { chosen, copied, writing, back, saved, copy } = shelf

async function putAway(it: Ingredient) {
  await shelf.putAway(it)
  if (!trouble.value) await back()
}
const percent = (value: number) => (value < 0.05 ? '' : quantity(value, 'PERCENT', taste.value))
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <IngredientForm
      v-if="writing"
      :key="`${id} ${chosen?.version} ${copied}`"
      :ingredient="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="back"
      @copy="copy(chosen!)"
      @put-away="putAway(chosen!)"
    />
    <template v-else>
      <ShelfHead
        v-model:find="find"
        v-model:archived="archived"
        :title="$t('Ingredients')"
        list="ingredients"
        :what="$t('ingredients')"
        :add="$t('New ingredient')"
        to="/larder/ingredients/new"
        @taken="load"
      />
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
            <th class="from">{{ $t('Composition from') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in ingredients" :key="each.id">
            <td>
              <router-link class="link" :to="`/larder/ingredients/${each.id}`">{{
                each.name
              }}</router-link>
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
                each.traits.pricePerKg != null
                  ? quantity(each.traits.pricePerKg, 'MONEY', taste)
                  : ''
              }}
            </td>
            <td class="held">{{ allergenList(each.allergens) }}</td>
            <td class="quiet from">
              {{ each.source.citation }}{{ each.traits.estimated ? $t(', estimated') : '' }}
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="ingredients.some((each) => each.source.fromMemory)" class="quiet mt-3">
        {{
          $t(
            'Some of these compositions are from memory; the page of each says so, and so does every figure that rests on it.',
          )
        }}
      </p>
      <p v-if="!ingredients.length && loaded && !trouble" class="quiet none">
        {{
          find
            ? $t('Nothing called “{find}” here.', { find })
            : $t('The larder is empty. Write a new ingredient, or import a table.')
        }}
      </p>
      <div v-if="pages > 1" class="d-flex ga-3 mt-4">
        <v-btn variant="outlined" size="large" :disabled="page === 0" @click="page--">{{
          $t('Before')
        }}</v-btn>
        <v-btn variant="outlined" size="large" :disabled="page + 1 >= pages" @click="page++">{{
          $t('After')
        }}</v-btn>
      </div>
    </template>
  </section>
</template>

<style scoped>
/* Where it comes from and what it holds may break anywhere: they are the longest words of the row. */
td.held,
td.quiet {
  overflow-wrap: anywhere;
}
/* On a tablet held upright it stands on the ingredient's own page. */
@media (max-width: 1000px) {
  .from {
    display: none;
  }
}
.link {
  display: inline-block;
  padding: 8px 0;
  color: inherit;
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
</style>
