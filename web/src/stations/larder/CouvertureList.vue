<script setup lang="ts">
// The couvertures of the workshop; each is an ingredient that is tempered and cast.
import { allergenList, couvertureWords } from '@/parts/kinds'
import { api, ask, type Ingredient } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useShelf } from '@/parts/shelf'
import { quantity } from '@/parts/units'
import CouvertureForm from './CouvertureForm.vue'
import MixtureForm from './MixtureForm.vue'
import CardActs from './CardActs.vue'
import ShelfFoot from './ShelfFoot.vue'
import ShelfHead from './ShelfHead.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const MIXTURE = 'mixture'
const shelf = useShelf<Ingredient>({
  path: '/larder/couvertures',
  id: () => props.id,
  acts: [MIXTURE],
  page: (query) =>
    ask(api.GET('/api/ingredients', { params: { query: { ...query, couvertures: true } } })),
  one: (id) => ask(api.GET('/api/ingredients/{id}', { params: { path: { id } } })),
  putAway: (it) =>
    ask(
      api.PUT('/api/ingredients/{id}/archived', {
        params: { path: { id: it.id } },
        body: { archived: !it.archived, version: it.version },
      }),
    ),
})
const { find, archived, page, items: couvertures, loaded, trouble, load, pages } = shelf
const { chosen, copied, writing, back, saved, putAway, copy } = shelf
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <MixtureForm
      v-if="writing && (id === MIXTURE || chosen?.parts.length)"
      :key="`mixture ${id} ${chosen?.version} ${copied}`"
      :mixture="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="back"
    />
    <CouvertureForm
      v-else-if="writing"
      :key="`${id} ${chosen?.version} ${copied}`"
      :couverture="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="back"
    />
    <template v-else>
      <ShelfHead
        v-model:find="find"
        v-model:archived="archived"
        :title="$t('Couvertures')"
        list="couvertures"
        :what="$t('couvertures')"
        :add="$t('New couverture')"
        to="/larder/couvertures/new"
        @taken="load"
      >
        <v-btn size="x-large" variant="outlined" to="/larder/couvertures/mixture">{{
          $t('New mixture')
        }}</v-btn>
      </ShelfHead>
      <div class="cards">
        <v-card v-for="each in couvertures" :key="each.id" border class="pa-4">
          <router-link :to="`/larder/couvertures/${each.id}`" class="to">
            <span class="block" :class="each.couverture?.toLowerCase()" aria-hidden="true" />
            <b>{{ each.name }}</b>
          </router-link>
          <p class="quiet">
            {{
              $t('{couverture}, {fatPercent} fat', {
                couverture: couvertureWords(each.couverture),
                fatPercent: quantity(each.fatPercent, 'PERCENT', taste),
              })
            }}<template v-if="each.traits.pricePerKg != null">{{
              $t(', {pricePerKg} a kilogram', {
                pricePerKg: quantity(each.traits.pricePerKg, 'MONEY', taste),
              })
            }}</template
            ><template v-if="each.bag.packKg">{{
              $t(', {packKg} a bag', { packKg: quantity(each.bag.packKg * 1000, 'GRAM', taste) })
            }}</template
            ><template v-if="each.parts.length">{{ $t(', a mixture') }}</template>
          </p>
          <p class="quiet">
            {{
              each.allergens.length
                ? $t('Allergens: {allergens}', {
                    allergens: allergenList(each.allergens),
                  })
                : $t('no allergens named')
            }}
          </p>
          <CardActs :archived="each.archived" @copy="copy(each)" @put-away="putAway(each)" />
        </v-card>
      </div>
      <ShelfFoot
        v-model="page"
        :empty="loaded && !couvertures.length && !trouble"
        :archived="archived"
        :not-found="find ? $t('No couverture called “{find}”', { find }) : ''"
        :none="$t('No couvertures yet')"
        :text="$t('A couverture is written from three numbers of its bag: cocoa, fat and sugars.')"
        :pages="pages"
      />
    </template>
  </section>
</template>

<style scoped src="./cards.css"></style>
<style scoped>
.block {
  height: 64px;
  border-radius: 6px;
  background: var(--p-choc-dark);
}
.block.milk {
  background: var(--p-choc-milk);
}
.block.white {
  background: var(--p-choc-white);
}
</style>
