<script setup lang="ts">
// The bowl: the same fields beside every answer of the station.
import { useMediaQuery } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { known } from '@/parts/shelf'
import { quantity } from '@/parts/units'
import { useCoatBowl } from './bowl'

const wide = useMediaQuery('(min-width: 1001px)')
const bowl = useCoatBowl()
const { house, taste } = useHouse()
const { all, trouble, load } = useLarder()
const couvertures = computed(() => all.value.filter((i) => i.couverture))
const open = ref<{ id: string; name: string; couverture: string }[]>([])
const refused = ref('')
const loaded = ref(false)

onMounted(async () => {
  await load()
  try {
    const bowls = await ask(api.GET('/api/temper/bowls', { params: { query: { state: 'OPEN' } } }))
    open.value = bowls.items
    loaded.value = !trouble.value
    if (!couvertures.value.some((c) => c.id === bowl.value.couverture)) {
      bowl.value.couverture = couvertures.value[0]?.id ?? ''
    }
  } catch (problem) {
    refused.value = words(problem)
  }
})

/** As it stands at this moment. */
async function from(id: string) {
  try {
    const live = await ask(api.GET('/api/temper/bowls/{id}', { params: { path: { id } } }))
    bowl.value.couverture = live.summary.couverture
    if (live.now) {
      bowl.value.bowlC = Math.round(live.now.temperatureC * 10) / 10
      bowl.value.stablePercent = Math.round(live.now.stablePercent * 100) / 100
    }
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  }
}
</script>

<template>
  <p v-if="trouble || refused" class="trouble" role="alert">{{ trouble || refused }}</p>
  <v-select
    :model-value="known(couvertures, bowl.couverture)"
    :label="$t('Couverture')"
    :items="couvertures"
    item-title="name"
    item-value="id"
    @update:model-value="(id: string) => (bowl.couverture = id)"
  />
  <p v-if="loaded && !couvertures.length" class="quiet">
    <router-link to="/larder/couvertures/new">{{ $t('Write a couverture first') }}</router-link>
  </p>
  <v-btn v-for="each in open" :key="each.id" size="large" @click="from(each.id)">
    {{ $t('As it stands in {name}', { name: each.name }) }}
  </v-btn>
  <details :open="wide" class="more">
    <summary>{{ $t('Warmth and crystals') }}</summary>
    <div class="fields">
      <NumberField v-model="bowl.bowlC" :label="$t('Bowl (its window if empty)')" unit="CELSIUS" />
      <NumberField
        v-model="bowl.stablePercent"
        :label="$t('Stable crystals, of the fat')"
        unit="PERCENT"
      />
      <NumberField
        v-model="bowl.roomC"
        :label="
          $t('Room (House rules: {roomTemperatureC})', {
            roomTemperatureC: quantity(house?.rules.roomTemperatureC ?? 20, 'CELSIUS', taste),
          })
        "
        unit="CELSIUS"
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
