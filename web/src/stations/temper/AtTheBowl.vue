<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type BowlSummary } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import LiveBowl from './LiveBowl.vue'

const props = defineProps<{ id?: string }>()
const { taste } = useHouse()
const router = useRouter()
const bowls = ref<BowlSummary[]>([])
const loaded = ref(false)
const trouble = ref('')
const current = computed(() => props.id ?? bowls.value[0]?.id)

async function load() {
  try {
    bowls.value = (await ask(api.GET('/api/temper/bowls'))).items
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
onMounted(load)
watch(() => props.id, load)

async function ended(id: string) {
  await router.push(`/temper/back/${id}`)
}
</script>

<template>
  <div class="at">
    <nav v-if="bowls.length > 1" :aria-label="$t('Open bowls')">
      <router-link
        v-for="bowl in bowls"
        :key="bowl.id"
        :to="`/temper/bowls/${bowl.id}`"
        :class="{ here: bowl.id === current }"
        ><b>{{ bowl.name }}</b> {{ quantity(bowl.massG, 'GRAM', taste) }}</router-link
      >
    </nav>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <LiveBowl v-if="current" :id="current" :key="current" @ended="ended" />
    <section v-else-if="loaded" class="sheet">
      <h1>{{ $t('No bowl is open') }}</h1>
      <p class="quiet mb-5">
        {{
          $t(
            'Plan a curve and begin the bowl there: with readings you type, a probe, or a simulated one.',
          )
        }}
      </p>
      <v-btn size="x-large" color="primary" to="/temper/plan">{{ $t('Plan a curve') }}</v-btn>
    </section>
  </div>
</template>

<style scoped>
.at {
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
}
nav {
  display: flex;
  gap: 8px;
  padding: 8px 14px 0;
  flex-wrap: wrap;
}
nav a {
  min-height: 48px;
  padding: 10px 16px;
  border-radius: 8px;
  color: inherit;
  text-decoration: none;
  border: 1.5px solid var(--p-line);
}
nav a.here {
  background: var(--p-fog);
  border-color: var(--p-still);
}
</style>
