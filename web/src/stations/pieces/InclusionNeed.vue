<script setup lang="ts">
import { t } from '@/words'
import type { Needs } from '@/api/client'
import BasisButton from '@/parts/BasisButton.vue'
import { useHouse } from '@/parts/house'
import { quantity, sentence } from '@/parts/units'

defineProps<{ inclusions: Needs['inclusions'] }>()
const { taste } = useHouse()
const PLACES = {
  STIRRED_IN: t('stirred in'),
  ON_THE_BACK: t('laid on the back'),
  SET_IN: t('set in whole'),
  ROLLED_IN: t('rolled in'),
  BRUSHED_BELOW: t('brushed below'),
}
</script>

<template>
  <div>
    <h2>{{ $t('In it and on it') }}</h2>
    <div v-for="(each, i) in inclusions" :key="i">
      <BasisButton :figure="each.toWeigh"
        ><b class="num">{{ quantity(each.toWeigh.value, 'GRAM', taste) }}</b> {{ each.name }},
        <span class="quiet">{{
          $t('{eachG} in each, {places}', {
            eachG: quantity(each.eachG, 'GRAM', taste),
            places: PLACES[each.placing],
          })
        }}</span></BasisButton
      >
      <p :class="each.keepCold ? 'caution' : 'quiet pad'">{{ sentence(each.verdict, taste) }}</p>
    </div>
  </div>
</template>

<style scoped>
b {
  font-size: 1.4rem;
}
.pad {
  padding: 0 10px 8px;
}
</style>
