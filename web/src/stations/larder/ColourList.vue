<script setup lang="ts">
// The coloured cocoa butters of the workshop: how they look, what is left.
import { api, ask, type ColourStock } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useShelf } from '@/parts/shelf'
import { quantity, sentence } from '@/parts/units'
import ColourForm from './ColourForm.vue'
import CardActs from './CardActs.vue'
import ShelfFoot from './ShelfFoot.vue'
import ShelfHead from './ShelfHead.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const shelf = useShelf<ColourStock>({
  path: '/larder/colours',
  id: () => props.id,
  page: (query) => ask(api.GET('/api/colours', { params: { query } })),
  one: (id) => ask(api.GET('/api/colours/{id}', { params: { path: { id } } })),
  putAway: (it) =>
    ask(
      api.PUT('/api/colours/{id}/archived', {
        params: { path: { id: it.id } },
        body: { archived: !it.archived, version: it.colour.version ?? 0 },
      }),
    ),
})
const { find, archived, page, items: colours, loaded, trouble, load, pages } = shelf
const { chosen, copied, writing, back, saved, putAway, copy } = shelf
</script>

<template>
  <section class="sheet">
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <ColourForm
      v-if="writing"
      :key="`${id} ${chosen?.colour.version} ${copied}`"
      :stock="chosen"
      :copied="copied"
      @saved="saved"
      @cancel="back"
    />
    <template v-else>
      <ShelfHead
        v-model:find="find"
        v-model:archived="archived"
        :title="$t('Colours')"
        list="colours"
        :what="$t('colours')"
        :add="$t('New colour')"
        to="/larder/colours/new"
        @taken="load"
      />
      <div class="cards">
        <v-card v-for="each in colours" :key="each.id" border class="pa-4">
          <router-link :to="`/larder/colours/${each.id}`" class="to">
            <span class="tint" :style="{ background: each.colour.tint }" aria-hidden="true" />
            <b>{{ each.colour.name }}</b>
          </router-link>
          <p class="quiet">
            {{
              $t('{sharePercent} colour, used at {useC}, {strained}', {
                sharePercent: quantity(each.colour.sharePercent, 'PERCENT', taste),
                useC: quantity(each.colour.useC, 'CELSIUS', taste),
                strained: each.colour.strained ? $t('strained') : $t('not strained'),
              })
            }}
          </p>
          <i18n-t tag="p" scope="global" keypath="{leftG} left">
            <template #leftG>
              <b class="num">{{ quantity(each.colour.leftG, 'GRAM', taste) }}</b>
            </template>
          </i18n-t>
          <p v-for="remark in each.remarks" :key="remark.template" class="quiet">
            {{ sentence(remark, taste) }}
          </p>
          <CardActs :archived="each.archived" @copy="copy(each)" @put-away="putAway(each)" />
        </v-card>
      </div>
      <ShelfFoot
        v-model="page"
        :empty="loaded && !colours.length && !trouble"
        :archived="archived"
        :not-found="find ? $t('No colour called “{find}”', { find }) : ''"
        :none="$t('No colours yet')"
        :text="
          $t(
            'A coloured cocoa butter: its base, how much colour, strained or not, and what is left.',
          )
        "
        :pages="pages"
      />
    </template>
  </section>
</template>

<style scoped src="./cards.css"></style>
<style scoped>
.tint {
  height: 64px;
  border-radius: 6px;
  border: 1px solid var(--p-line);
}
</style>
