<script setup lang="ts">
// The warmest filling this shell bears, by its own heat balance.
import { useDebounceFn, useStorage } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { useTurn } from '@/parts/turn'
import { inTaste, quantity, sentence } from '@/parts/units'
import CastFields from './CastFields.vue'
import { useCasting } from './order'

const casting = useCasting()
const { taste } = useHouse()
const into = useStorage('palintone.shells.fill', {
  shellMm: 1.6 as number | null,
  shellC: null as number | null,
  fillC: 28 as number | null,
})
const answer = ref<components['schemas']['FillView'] | null>(null)
const refused = ref('')
const turn = useTurn()
const look = useDebounceFn(async () => {
  const { couverture, mould, roomC } = casting.value
  if (!couverture || !mould || !into.value.shellMm) return
  const current = turn()
  try {
    const found = await ask(
      api.POST('/api/shells/fill', {
        body: {
          couverture,
          mould,
          roomC,
          shellMm: into.value.shellMm,
          shellC: into.value.shellC,
          fillC: into.value.fillC,
          heatJPerMlK: null,
        },
      }),
    )
    if (!current()) return
    answer.value = found
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 80)
watch([casting, into], () => void look(), { deep: true })
onMounted(look)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <NumberField v-model="into.shellMm" :label="$t('Shell thickness')" unit="MILLIMETRE" />
      <NumberField
        v-model="into.shellC"
        :label="$t('Shell is (the room’s if empty)')"
        unit="CELSIUS"
      />
      <NumberField v-model="into.fillC" :label="$t('Filling in the bag')" unit="CELSIUS" />
      <h3 class="mt-2">{{ $t('The shell') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Fill')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <template v-if="answer">
        <h1>
          {{
            $t('Fill no warmer than {most}', {
              most: quantity(answer.advised.value, 'CELSIUS', taste),
            })
          }}
        </h1>
        <p v-for="remark in answer.remarks" :key="remark.template" class="caution">
          {{ sentence(remark, taste) }}
        </p>
        <div class="figures">
          <FigureString :figure="answer.advised" />
          <FigureString :figure="answer.bears" />
        </div>
        <p>
          {{
            $t(
              'It must still flow, stop short of the rim, and stand a few minutes until its top is still. Cap in two strokes at most; what is scraped off holds what the filling holds, and goes back only where that may be.',
            )
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.figures {
  max-width: 480px;
  margin: 12px 0;
}
</style>
