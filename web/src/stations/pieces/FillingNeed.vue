<script setup lang="ts">
import { written } from '@/words/locale'
import { computed } from 'vue'
import type { Needs } from '@/api/client'
import BasisButton from '@/parts/BasisButton.vue'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { quantity, sentence } from '@/parts/units'

const props = defineProps<{ filling: Needs['fillings'][number] }>()
const { taste } = useHouse()
const grams = (value: number) => quantity(value, 'GRAM', taste.value)
const most = computed(() => props.filling.composition.slice(0, 6))

/** As written, where that is not plain grams. */
function asWritten(line: Needs['fillings'][number]['recipe'][number]): string {
  return line.unit === 'g' ? '' : `${written(line.amount, 1)} ${line.unit}`
}
</script>

<template>
  <div>
    <h2>{{ filling.name }}</h2>
    <div class="two">
      <BasisButton :figure="filling.toMake"
        ><b class="num">{{ grams(filling.toMake.value) }}</b>
        <span class="quiet">{{
          $t('to make, {inPieces} in the pieces', { inPieces: grams(filling.inPieces.value) })
        }}</span></BasisButton
      >
      <BasisButton :figure="filling.perCavity"
        ><b class="num">{{ grams(filling.perCavity.value) }}</b>
        <span class="quiet">{{ $t('in each') }}</span></BasisButton
      >
    </div>
    <FigureString v-if="filling.waterActivity" :figure="filling.waterActivity" />
    <p v-else class="quiet pad">
      {{
        $t('No water phase to speak of: no water activity is claimed. Keep it from moist layers.')
      }}
    </p>
    <FigureString v-if="filling.undissolvedSugar" :figure="filling.undissolvedSugar" />
    <table class="rows">
      <tbody>
        <tr v-for="line in filling.recipe" :key="line.ingredient">
          <td>{{ line.ingredient }}</td>
          <td class="right quiet">{{ asWritten(line) }}</td>
          <td class="right">{{ grams(line.grams) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="quiet pad">
      <template v-for="(share, i) in most" :key="share.component"
        >{{ i ? ', ' : '' }}{{ share.component }}
        {{ quantity(share.percent, 'PERCENT', taste) }}</template
      >.
    </p>
    <p :class="filling.life.keepCold ? 'caution' : 'quiet pad'">
      {{ sentence(filling.life.verdict, taste) }}
    </p>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
}
.two b,
.two .quiet {
  display: block;
}
.two b {
  font-size: 1.5rem;
}
.pad {
  padding: 6px 10px;
}
</style>
