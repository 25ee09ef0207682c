<script setup lang="ts">
// Whatever is inside can be pressed to ask why the number is what it is.
import { t } from '@/words'
import { ref } from 'vue'
import type { Figure } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

defineProps<{ figure: Figure }>()
const { taste } = useHouse()
const open = ref(false)

const KINDS = {
  PUBLISHED: t('Published'),
  DEFINITION: t('By definition'),
  CALIBRATED: t('Calibrated here'),
  PRACTICE: t('Practice'),
  WORKSHOP: t('This workshop'),
}
</script>

<template>
  <button
    type="button"
    class="figure"
    :title="$t('Why {name}?', { name: figure.name })"
    @click="open = true"
  >
    <slot />
  </button>
  <v-dialog v-model="open" max-width="560" :aria-label="$t('Why this number')">
    <v-card class="basis" :aria-label="$t('Why {name}', { name: figure.name })">
      <h2>{{ figure.name }}</h2>
      <p class="value">{{ quantity(figure.value, figure.unit, taste) }}</p>
      <p v-if="figure.low != null && figure.high != null" class="quiet">
        {{
          $t('Models differ: {low} to {high}.', {
            low: quantity(figure.low, figure.unit, taste),
            high: quantity(figure.high, figure.unit, taste),
          })
        }}
      </p>
      <p class="formula">{{ figure.basis.formula }}</p>
      <dl>
        <template v-for="input in figure.basis.inputs" :key="input.name">
          <dt>{{ input.name }}</dt>
          <dd>{{ quantity(input.value, input.unit, taste) }}</dd>
        </template>
      </dl>
      <ul>
        <li v-for="source in figure.basis.sources" :key="source.citation">
          <b>{{ KINDS[source.kind] }}</b>
          {{ source.citation }}<span v-if="source.fromMemory">{{ $t(', from memory') }}</span>
        </li>
      </ul>
      <p v-if="figure.basis.validity" :class="{ outside: !figure.basis.withinValidity }">
        {{ figure.basis.withinValidity ? $t('Holds for') : $t('Outside its range:') }}
        {{ figure.basis.validity }}.
      </p>
      <v-btn size="large" variant="tonal" autofocus @click="open = false">{{ $t('Close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.figure {
  display: block;
  width: 100%;
  text-align: left;
  padding: 8px 10px;
  border-radius: 6px;
  min-height: 44px;
  align-self: start;
}
.figure:hover {
  background: var(--p-fog);
}
.basis {
  padding: 24px 28px;
}
.value {
  font-size: 1.9rem;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.quiet {
  color: var(--p-quiet);
}
.formula {
  margin: 12px 0;
  padding: 10px 14px;
  background: var(--p-fog);
  border-radius: 6px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 20px;
  margin-bottom: 12px;
}
dd {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
ul {
  list-style: none;
  padding: 0;
  margin-bottom: 12px;
}
li {
  margin: 4px 0;
}
.outside {
  color: var(--p-off);
  font-weight: 600;
}
</style>
