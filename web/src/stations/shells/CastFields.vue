<script setup lang="ts">
// What a shell is cast of, in and how: the same fields beside every answer of the station.
import { useMediaQuery } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import { everyPage } from '@/parts/everyPage'
import NumberField from '@/parts/NumberField.vue'
import OpenBowls from '@/parts/OpenBowls.vue'
import RoomField from '@/parts/RoomField.vue'
import { known } from '@/parts/shelf'
import { useCasting, VIBRATIONS } from './order'

/** On a phone the answer must not lie a screen further down. */
const wide = useMediaQuery('(min-width: 1001px)')
const casting = useCasting()
const { all, trouble, load } = useLarder()
const couvertures = computed(() => all.value.filter((i) => i.couverture))
const moulds = ref<{ id: string; name: string }[]>([])
const refused = ref('')
const loaded = ref(false)

onMounted(async () => {
  await load()
  try {
    moulds.value = await everyPage((query) => ask(api.GET('/api/moulds', { params: { query } })))
    loaded.value = !trouble.value
    // The first of each where nothing was chosen, or what was chosen is no longer there.
    if (!couvertures.value.some((c) => c.id === casting.value.couverture)) {
      casting.value.couverture = couvertures.value[0]?.id ?? ''
    }
    if (!moulds.value.some((m) => m.id === casting.value.mould)) {
      casting.value.mould = moulds.value[0]?.id ?? ''
    }
  } catch (problem) {
    refused.value = words(problem)
  }
})
</script>

<template>
  <p v-if="trouble || refused" class="trouble" role="alert">{{ trouble || refused }}</p>
  <v-select
    :model-value="known(couvertures, casting.couverture)"
    :label="$t('Couverture')"
    :items="couvertures"
    item-title="name"
    item-value="id"
    @update:model-value="(id: string) => (casting.couverture = id)"
  />
  <v-select
    :model-value="known(moulds, casting.mould)"
    :label="$t('Mould')"
    :items="moulds"
    item-title="name"
    item-value="id"
    @update:model-value="(id: string) => (casting.mould = id)"
  />
  <p v-if="loaded && !moulds.length" class="quiet">
    <router-link to="/larder/moulds/new">{{ $t('Write a mould first') }}</router-link>
  </p>
  <p v-if="loaded && !couvertures.length" class="quiet">
    <router-link to="/larder/couvertures/new">{{ $t('Write a couverture first') }}</router-link>
  </p>
  <OpenBowls @stands="Object.assign(casting, $event)" @refused="refused = $event" />
  <details :open="wide" class="more">
    <summary>{{ $t('Warmth, crystals, draining') }}</summary>
    <div class="fields">
      <NumberField
        v-model="casting.bowlC"
        :label="$t('Bowl (its window if empty)')"
        unit="CELSIUS"
      />
      <NumberField
        v-model="casting.stablePercent"
        :label="$t('Stable crystals, of the fat (this house’s if empty)')"
        unit="PERCENT"
      />
      <NumberField
        v-model="casting.mouldC"
        :label="$t('Mould (the room’s if empty)')"
        unit="CELSIUS"
      />
      <RoomField v-model="casting.roomC" />
      <v-select
        v-model="casting.vibration"
        :label="$t('While it drains')"
        :items="VIBRATIONS"
        item-title="words"
        item-value="id"
      />
      <NumberField v-model="casting.drainS" :label="$t('Drains for')" unit="SECOND" />
      <NumberField
        v-model="casting.rockedDegrees"
        :label="$t('Rocked by, to drain a level floor')"
        unit="DEGREE"
      />
    </div>
  </details>
</template>

<style scoped>
.fields {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.fields > * {
  flex: none;
}
.more summary {
  padding: 12px 0;
  font-weight: 600;
  cursor: pointer;
}
</style>
