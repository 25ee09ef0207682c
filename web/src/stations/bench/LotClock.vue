<script setup lang="ts">
// What is dipped and rolled goes in lots: how long the first of this one stays soft.
import { useNow, useStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Step } from '@/api/client'
import { useHouse } from '@/parts/house'
import { clock, quantity } from '@/parts/units'

const props = defineProps<{ step: Step; batch: string }>()
const { taste } = useHouse()
const valueOf = (name: string) => props.step.say.values.find((v) => v.name === name)?.value
const lot = computed(() => valueOf('lot') ?? 0)
const softS = computed(() => (valueOf('skin') ?? 0) * 60)
const all = computed(() => valueOf('pieces') ?? 0)

/** When the first of the lot was set down, and how many lots there were; a reload loses neither. */
const going = useStorage(
  `palintone.lot.${props.batch}.${props.step.number}`,
  { at: 0, lots: 0 },
  undefined,
  { mergeDefaults: true },
)
const now = useNow({ interval: 500 })
const left = computed(() => softS.value - (now.value.getTime() - going.value.at) / 1000)
const begun = computed(() => Math.min(all.value, going.value.lots * lot.value))

function setDown() {
  going.value = { at: Date.now(), lots: going.value.lots + 1 }
}
</script>

<template>
  <div v-if="lot && softS" class="lot" :class="{ over: going.at && left <= 0 }">
    <p role="status">
      <template v-if="!going.at">{{
        $t('{lot} at a time: press when the first of them is set down.', {
          lot: quantity(lot, 'PIECE', taste),
        })
      }}</template>
      <template v-else-if="left > 0">
        <b class="num">{{ clock(left) }}</b>
        {{ $t('until the first of this lot has set') }}
      </template>
      <template v-else>{{ $t('It has set: nothing sticks to it any more.') }}</template>
    </p>
    <v-btn size="x-large" variant="outlined" @click="setDown">
      {{ begun < all ? $t('First of a lot set down') : $t('Count again') }}
      <span v-if="begun" class="num">{{
        $t('{begun} of {all}', { begun, all: quantity(all, 'PIECE', taste) })
      }}</span>
    </v-btn>
  </div>
</template>

<style scoped>
.lot {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
  align-items: center;
  margin: 6px 0;
  padding: 6px 14px;
  border-left: 5px solid var(--p-still);
  background: var(--p-fog);
}
.lot.over {
  border-left-color: var(--p-off);
}
.lot p {
  flex: 1 1 220px;
  font-size: 1.2rem;
}
.lot b {
  font-size: 2rem;
}
.lot .v-btn {
  min-height: 64px;
}
.lot .v-btn .num {
  margin-left: 12px;
  font-weight: 400;
}
</style>
