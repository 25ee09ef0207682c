<script setup lang="ts">
// The bowl: the same fields beside every answer of the station.
import { useMediaQuery } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { useLarder } from '@/parts/couvertures'
import NumberField from '@/parts/NumberField.vue'
import OpenBowls from '@/parts/OpenBowls.vue'
import RoomField from '@/parts/RoomField.vue'
import { known } from '@/parts/shelf'
import { useCoatBowl } from './bowl'

const wide = useMediaQuery('(min-width: 1001px)')
const bowl = useCoatBowl()
const { all, trouble, load } = useLarder()
const couvertures = computed(() => all.value.filter((i) => i.couverture))
const coatings = ref<{ id: string; name: string }[]>([])
const choices = computed(() => [...couvertures.value, ...coatings.value])
/** A coating is not tempered: it has no crystals to ask for. */
const coating = computed(() => coatings.value.some((c) => c.id === bowl.value.couverture))
const refused = ref('')
const loaded = ref(false)

onMounted(async () => {
  await load()
  try {
    coatings.value = await ask(api.GET('/api/coats/coatings'))
    loaded.value = !trouble.value
    if (!choices.value.some((c) => c.id === bowl.value.couverture)) {
      choose(choices.value[0]?.id ?? '')
    }
  } catch (problem) {
    refused.value = words(problem)
  }
})

/** Another one: what was said of the warmth and crystals of the one before does not hold. */
function choose(id: string) {
  const was = coating.value
  bowl.value.couverture = id
  if (coating.value !== was) {
    bowl.value.bowlC = null
    bowl.value.stablePercent = null
  }
}
</script>

<template>
  <p v-if="trouble || refused" class="trouble" role="alert">{{ trouble || refused }}</p>
  <v-select
    :model-value="known(choices, bowl.couverture)"
    :label="coatings.length ? $t('Couverture or coating') : $t('Couverture')"
    :items="choices"
    item-title="name"
    item-value="id"
    @update:model-value="choose"
  />
  <p v-if="loaded && !choices.length" class="quiet">
    <router-link to="/larder/couvertures/new">{{ $t('Write a couverture first') }}</router-link>
  </p>
  <OpenBowls @stands="Object.assign(bowl, $event)" @refused="refused = $event" />
  <details :open="wide" class="more">
    <summary>{{ $t('Warmth and crystals') }}</summary>
    <div class="fields">
      <NumberField v-model="bowl.bowlC" :label="$t('Bowl (its window if empty)')" unit="CELSIUS" />
      <NumberField
        v-if="!coating"
        v-model="bowl.stablePercent"
        :label="$t('Stable crystals, of the fat (this house’s if empty)')"
        unit="PERCENT"
      />
      <RoomField v-model="bowl.roomC" />
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
