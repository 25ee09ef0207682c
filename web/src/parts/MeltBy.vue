<script setup lang="ts">
// What a bowl is melted with: bursts of the house's heat, a heat gun, hot water, an oven.
import { t } from '@/words'
import { computed } from 'vue'
import NumberField from './NumberField.vue'
import { MELT_USUAL, type MeltKind } from './meltBy'

const kind = defineModel<MeltKind>('kind', { required: true })
const at = defineModel<number | null>('at', { required: true })

const WAYS: { id: MeltKind; words: string }[] = [
  { id: 'BURSTS', words: t('in bursts, microwave') },
  { id: 'HEAT_GUN', words: t('a heat gun') },
  { id: 'WATER_BATH', words: t('over hot water') },
  { id: 'OVEN', words: t('in a warm oven') },
]
const asked = computed(
  () =>
    ({
      BURSTS: '',
      HEAT_GUN: t('Power of the heat gun'),
      WATER_BATH: t('Hot water'),
      OVEN: t('Oven'),
    })[kind.value],
)

function choose(next: MeltKind) {
  kind.value = next
  at.value = MELT_USUAL[next]
}
</script>

<template>
  <v-select
    :model-value="kind"
    :label="$t('Melted')"
    :items="WAYS"
    item-title="words"
    item-value="id"
    @update:model-value="choose"
  />
  <NumberField
    v-if="asked"
    v-model="at"
    :label="asked"
    :unit="kind === 'HEAT_GUN' ? 'WATT' : 'CELSIUS'"
  />
</template>
