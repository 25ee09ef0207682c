<script setup lang="ts">
// The moulds of the workshop: found by name, a page at a time, those put away apart.
import { allergenList } from '@/parts/kinds'
import { api, ask, words, type Mould } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useShelf } from '@/parts/shelf'
import { quantity } from '@/parts/units'
import CavityDrawing from './CavityDrawing.vue'
import MouldForm from './MouldForm.vue'
import CardActs from './CardActs.vue'
import ShelfFoot from './ShelfFoot.vue'
import ShelfHead from './ShelfHead.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const shelf = useShelf<Mould>({
  path: '/larder/moulds',
  id: () => props.id,
  page: (query) => ask(api.GET('/api/moulds', { params: { query } })),
  one: (id) => ask(api.GET('/api/moulds/{id}', { params: { path: { id } } })),
  putAway: (mould) =>
    ask(
      api.PUT('/api/moulds/{id}/archived', {
        params: { path: { id: mould.id } },
        body: { archived: !mould.archived, version: mould.version ?? 0 },
      }),
    ),
})
const { find, archived, page, items: moulds, loaded, trouble, load, pages } = shelf
/** Washed hot and dried: it brings nothing into the next piece. */
async function washed(mould: Mould) {
  try {
    await ask(api.POST('/api/moulds/{id}/washed', { params: { path: { id: mould.id } } }))
    await load()
  } catch (problem) {
    trouble.value = words(problem)
  }
}
const { chosen, copied, writing, back, saved, putAway, copy } = shelf
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <MouldForm
      v-if="writing"
      :key="`${id} ${chosen?.version} ${copied}`"
      :mould="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="back"
    />
    <template v-else>
      <ShelfHead
        v-model:find="find"
        v-model:archived="archived"
        :title="$t('Moulds')"
        list="moulds"
        :what="$t('moulds')"
        :add="$t('New mould')"
        to="/larder/moulds/new"
        @taken="load"
      />
      <div class="cards">
        <v-card v-for="mould in moulds" :key="mould.id" border class="pa-4">
          <router-link :to="`/larder/moulds/${mould.id}`" class="to">
            <CavityDrawing :mould="mould" bare />
            <b>{{ mould.name }}</b>
          </router-link>
          <p class="quiet">
            {{
              $t('{cavities} cavities of {cavityMl}, {owned} owned', {
                cavities: mould.cavities,
                cavityMl: quantity(mould.cavityMl, 'MILLILITRE', taste),
                owned: mould.owned,
              })
            }}<template v-if="mould.scratched">{{ $t(', scratched') }}</template>
          </p>
          <p v-if="mould.lastHeld.length" class="held">
            {{ $t('last held {lastHeld}', { lastHeld: allergenList(mould.lastHeld) }) }}
            <v-btn variant="text" @click="washed(mould)">{{ $t('Washed') }}</v-btn>
          </p>
          <CardActs :archived="mould.archived" @copy="copy(mould)" @put-away="putAway(mould)" />
        </v-card>
      </div>
      <ShelfFoot
        v-model="page"
        :empty="loaded && !moulds.length && !trouble"
        :archived="archived"
        :not-found="find ? $t('No mould called “{find}”', { find }) : ''"
        :none="$t('No moulds yet')"
        :text="$t('A mould is written by the shape of one cavity, or simply weighed with water.')"
        :pages="pages"
      />
    </template>
  </section>
</template>

<style scoped src="./cards.css"></style>
<style scoped>
.to :deep(.cavity) {
  height: 110px;
}
.held {
  color: var(--p-off);
  font-weight: 600;
}
</style>
