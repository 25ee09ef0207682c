<script setup lang="ts">
// What to do, when to read, and what can go wrong, stretch by stretch.
import type { Curve } from '@/api/client'
import { useHouse } from '@/parts/house'
import { clock, quantity, sentence } from '@/parts/units'

defineProps<{ curve: Curve }>()
const { taste } = useHouse()
</script>

<template>
  <section>
    <h2>{{ $t('What to do') }}</h2>
    <ol>
      <li v-for="phase in curve.phases" :key="phase.startS + phase.kind">
        <div class="when">
          <b>{{ phase.words }}</b>
          <span class="num">{{ clock(phase.endS - phase.startS) }}</span>
          <span class="num quiet"
            >{{ quantity(phase.fromC, 'CELSIUS', taste) }} →
            {{ quantity(phase.toC, 'CELSIUS', taste) }}</span
          >
        </div>
        <div>
          <p>{{ sentence(phase.say, taste) }}</p>
          <p class="quiet">{{ sentence(phase.read, taste) }}</p>
          <p v-if="phase.caution" class="caution">{{ sentence(phase.caution, taste) }}</p>
        </div>
      </li>
    </ol>
    <h2>{{ $t('What can go wrong') }}</h2>
    <ul>
      <li v-for="risk in curve.risks" :key="risk.template">{{ sentence(risk, taste) }}</li>
    </ul>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
  margin: 8px 0 18px;
}
ol li {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 16px;
  padding: 10px 0;
  border-top: 1px solid var(--p-line);
}
.when span,
.when b {
  display: block;
}
.when b {
  font-size: 1.15rem;
}
.caution {
  margin-top: 6px;
}
ul {
  padding-left: 20px;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
