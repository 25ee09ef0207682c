<script setup lang="ts">
// The sample workshop and one's own, side by side: where one is, and the way to the other.
import { t } from '@/words'
import { computed, watch } from 'vue'
import { useHouse } from './house'

const open = defineModel<boolean>({ required: true })
const { houses, lookNextDoor, otherDoor } = useHouse()
watch(open, (now) => now && void lookNextDoor(), { immediate: true })

const HOUSES = [
  {
    id: 'SAMPLE',
    words: t('Sample workshop'),
    why: t(
      'Invented, full of pieces and batches. Try anything in it; nothing of yours is touched.',
    ),
  },
  {
    id: 'OWN',
    words: t('Own workshop'),
    why: t(
      'Yours. It begins empty and holds what you write. Single things of the sample can be taken over.',
    ),
  },
] as const
const door = computed(() => otherDoor())
</script>

<template>
  <v-dialog v-model="open" max-width="760" :aria-label="$t('Two houses')">
    <v-card class="pa-6">
      <h2 class="mb-4">{{ $t('Two houses, nothing mixed') }}</h2>
      <div class="two">
        <section v-for="each in HOUSES" :key="each.id" :class="{ here: houses?.here === each.id }">
          <h3>{{ each.words }}</h3>
          <p class="quiet">{{ each.why }}</p>
          <p v-if="houses?.here === each.id" class="at">{{ $t('You are here.') }}</p>
          <v-btn
            v-else-if="door"
            size="x-large"
            color="primary"
            :href="each.id === 'OWN' ? `${door}begin` : door"
            >{{ $t('Go there') }}</v-btn
          >
          <p v-else class="quiet">{{ $t('Not open. It opens a few seconds after a start.') }}</p>
        </section>
      </div>
      <v-btn size="x-large" variant="outlined" class="mt-5" @click="open = false">{{
        $t('Close')
      }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 14px;
}
section {
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  padding: 16px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
section .v-btn,
.at {
  margin-top: auto;
}
.here {
  border: 2px solid var(--p-still);
  background: var(--p-fog);
}
.at {
  font-weight: 600;
  min-height: 52px;
  display: flex;
  align-items: center;
}
</style>
