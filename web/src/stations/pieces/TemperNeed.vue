<script setup lang="ts">
// How the bowl of this batch is brought into temper: by which method, and what that asks for.
import { computed } from 'vue'
import type { Method } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { quantity, sentence } from '@/parts/units'
import type { Tempered } from './tempered'
import { METHODS } from '@/stations/temper/methods'

const props = defineProps<{ needs: Tempered }>()
const method = defineModel<Method | null>({ required: true })
const { taste } = useHouse()
const degrees = (value: number) => quantity(value, 'CELSIUS', taste.value)
const minutes = (value: number) => quantity(value, 'MINUTE', taste.value)
const current = computed({
  get: () => method.value ?? props.needs.temper.method,
  set: (to: Method) => (method.value = to),
})
const acts = computed(() => props.needs.temper.phases.filter((p) => p.kind !== 'WORK'))
</script>

<template>
  <div>
    <h2>{{ $t('Temper') }}</h2>
    <v-select
      v-model="current"
      :items="METHODS"
      item-value="id"
      item-title="words"
      :label="$t('By')"
      hide-details
      class="mb-3"
    />
    <i18n-t
      tag="p"
      class="chopped"
      scope="global"
      keypath="{choppedG} into the bowl; ready in {ready}, then open for {window} at {low} to {high}."
    >
      <template #choppedG>
        <b class="num">{{ quantity(needs.temper.choppedG, 'GRAM', taste) }}</b>
      </template>
      <template #ready>
        <b class="num">{{ minutes(needs.temper.ready.value) }}</b>
      </template>
      <template #window>
        {{ minutes(needs.temper.window.value) }}
      </template>
      <template #low>
        {{ degrees(needs.work.low) }}
      </template>
      <template #high>
        {{ degrees(needs.work.high) }}
      </template>
    </i18n-t>
    <ol>
      <li v-for="phase in acts" :key="phase.startS">
        <b>{{ phase.words }}</b> {{ sentence(phase.say, taste) }}
      </li>
    </ol>
    <FigureString :figure="needs.temper.stable" />
  </div>
</template>

<style scoped>
h2 {
  margin-bottom: 10px;
}
.chopped b {
  font-size: 1.4rem;
}
ol {
  list-style: none;
  padding: 0;
  margin: 6px 0;
}
li {
  padding: 4px 0;
  border-top: 1px solid var(--p-line);
}
li b {
  text-transform: capitalize;
}
</style>
