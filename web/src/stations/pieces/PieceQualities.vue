<script setup lang="ts">
// What matters of one piece: its strings, its life, its allergens, and what to know of it.
import { allergenList } from '@/parts/kinds'
import { asList } from '@/words/locale'
import type { Piece } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { sentence } from '@/parts/units'

defineProps<{ qualities: NonNullable<Piece['qualities']> }>()
const { taste } = useHouse()
</script>

<template>
  <div class="qualities">
    <p v-for="remark in qualities.remarks" :key="remark.template" class="caution">
      {{ sentence(remark, taste) }}
    </p>
    <div class="strings">
      <FigureString v-for="figure in qualities.figures" :key="figure.name" :figure="figure" />
    </div>
    <p v-if="qualities.unpriced.length" class="quiet">
      {{ $t('No price yet: {unpriced}.', { unpriced: asList(qualities.unpriced) }) }}
    </p>
    <p v-if="qualities.life" :class="qualities.keepCold ? 'caution' : 'quiet'">
      {{ sentence(qualities.life, taste) }}
    </p>
    <p>
      {{
        qualities.allergens.length
          ? $t('Allergens: {allergens}.', {
              allergens: allergenList(qualities.allergens),
            })
          : $t('No allergens are named in what goes in.')
      }}
    </p>
  </div>
</template>

<style scoped>
.qualities {
  display: grid;
  gap: 8px;
  margin-top: 8px;
}
.strings {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 4px 18px;
}
</style>
