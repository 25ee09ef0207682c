<script setup lang="ts">
// A figure with its string: name, number, how it stands, and its basis on a press.
import { computed } from 'vue'
import type { Figure } from '@/api/client'
import BasisButton from '@/parts/BasisButton.vue'
import { useHouse } from '@/parts/house'
import { bandStatusWords } from '@/parts/string'
import TautString from '@/parts/TautString.vue'
import { isTime, number, quantity, symbol } from '@/parts/units'

const props = defineProps<{ figure: Figure; name?: string }>()
const { taste } = useHouse()
const spread = computed<[number, number] | null>(() =>
  props.figure.low != null && props.figure.high != null
    ? [props.figure.low, props.figure.high]
    : null,
)
</script>

<template>
  <BasisButton :figure="figure">
    <span class="head">
      <span class="name">{{ name ?? figure.name }}</span>
      <span class="number">
        <template v-if="isTime(figure.unit)">{{
          quantity(figure.value, figure.unit, taste)
        }}</template>
        <template v-else
          >{{ number(figure.value, figure.unit, taste)
          }}<small>{{ symbol(figure.unit, taste) }}</small></template
        >
        <em v-if="figure.band" :class="figure.bandStatus.toLowerCase()">{{
          bandStatusWords(figure.bandStatus)
        }}</em>
      </span>
    </span>
    <TautString
      v-if="figure.band"
      :name="name ?? figure.name"
      :unit="figure.unit"
      :band="figure.band"
      :value="figure.value"
      :spread="spread"
    />
  </BasisButton>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  column-gap: 12px;
}
.name {
  color: var(--p-quiet);
}
.number {
  font-size: 1.3rem;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
small {
  margin-left: 3px;
  font-weight: 400;
  color: var(--p-quiet);
}
em {
  margin-left: 8px;
  font-size: 0.9rem;
  font-style: normal;
}
.in_band {
  color: var(--p-true);
}
.tight {
  color: var(--p-tight);
}
.off {
  color: var(--p-off);
}
</style>
