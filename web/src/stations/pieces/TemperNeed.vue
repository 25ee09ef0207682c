<script setup lang="ts">
import { computed } from 'vue'
import type { Needs, SeedPractice } from '@/api/client'
import BasisButton from '@/parts/BasisButton.vue'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'

const props = defineProps<{ needs: Needs }>()
const practice = defineModel<SeedPractice | null>({ required: true })
const { taste } = useHouse()
const degrees = (value: number) => quantity(value, 'CELSIUS', taste.value)
const current = computed(() => practice.value ?? props.needs.seedPractice)

const SCHOOLS: { id: SeedPractice; words: string }[] = [
  { id: 'THIRD', words: 'a third' },
  { id: 'FEW_PER_CENT', words: 'a few per cent' },
]
</script>

<template>
  <div>
    <h2>Temper by seed</h2>
    <div class="choice" role="group" aria-label="How much seed">
      <button
        v-for="each in SCHOOLS"
        :key="each.id"
        type="button"
        :aria-pressed="current === each.id"
        @click="practice = each.id"
      >
        {{ each.words }}
      </button>
    </div>
    <div class="two">
      <BasisButton :figure="needs.seed.melt"
        ><b class="num">{{ quantity(needs.seed.melt.value, 'GRAM', taste) }}</b>
        <span class="quiet"
          >melt at {{ degrees(needs.melt.low) }} to {{ degrees(needs.melt.high) }}</span
        ></BasisButton
      >
      <BasisButton :figure="needs.seed.seed"
        ><b class="num">{{ quantity(needs.seed.seed.value, 'GRAM', taste) }}</b>
        <span class="quiet">seed, stirred in</span></BasisButton
      >
    </div>
    <FigureString :figure="needs.seed.bowlTemperature" name="bowl when the seed goes in" />
    <p class="quiet after">
      Lands at {{ degrees(needs.seed.landing.value) }} with
      {{ quantity(needs.seed.seedLeft.value, 'PERCENT', taste) }} of the fat still seed. Stir down
      and work at {{ degrees(needs.work.low) }} to {{ degrees(needs.work.high) }}.
    </p>
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 6px 0;
}
.choice button {
  min-height: 48px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  text-align: center;
}
.choice button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
  font-weight: 600;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.two b,
.two .quiet {
  display: block;
}
.two b {
  font-size: 1.4rem;
}
.after {
  padding: 0 10px;
}
</style>
