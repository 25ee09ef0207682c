<script setup lang="ts">
// The bowls that stand open: one press takes over what is in one, as it stands at this moment.
import { onMounted, ref } from 'vue'
import { api, ask, words, type BowlSummary } from '@/api/client'

export interface Stands {
  couverture: string
  bowlC?: number
  stablePercent?: number
}
const emit = defineEmits<{ stands: [it: Stands]; refused: [why: string] }>()
const open = ref<BowlSummary[]>([])

onMounted(async () => {
  try {
    const bowls = await ask(api.GET('/api/temper/bowls', { params: { query: { state: 'OPEN' } } }))
    open.value = bowls.items
  } catch (problem) {
    emit('refused', words(problem))
  }
})

async function take(id: string) {
  try {
    const { summary, now } = await ask(
      api.GET('/api/temper/bowls/{id}', { params: { path: { id } } }),
    )
    emit('refused', '')
    emit('stands', {
      couverture: summary.couverture,
      ...(now && {
        bowlC: Math.round(now.temperatureC * 10) / 10,
        stablePercent: Math.round(now.stablePercent * 100) / 100,
      }),
    })
  } catch (problem) {
    emit('refused', words(problem))
  }
}
</script>

<template>
  <v-btn v-for="each in open" :key="each.id" size="large" @click="take(each.id)">
    {{ $t('As it stands in {name}', { name: each.name }) }}
  </v-btn>
</template>
