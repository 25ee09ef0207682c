<script setup lang="ts">
// The bowl this batch is made from, beside the task that uses it: how it stands, what its plan says
// next, how long its window is open. Noted here or at the Temper station, it is one bowl.
import { computed, ref, toRef } from 'vue'
import { api, ask, words, type BowlSummary } from '@/api/client'
import { useHouse } from '@/parts/house'
import { standingWords } from '@/parts/standing'
import { useTemperBowl } from '@/parts/temper'
import { clock, inTaste, quantity, sentence } from '@/parts/units'

const props = defineProps<{ batch: string; id?: string | null; couverture?: string | null }>()
const { taste } = useHouse()
const { bowl, clockS } = useTemperBowl(toRef(() => props.id ?? undefined))

const now = computed(() => bowl.value?.now ?? null)
const first = computed(() => bowl.value?.moves[0])
const closes = computed(() => {
  const n = now.value
  if (!n || n.windowClosesInS == null) return null
  return n.windowClosesInS - Math.max(0, clockS.value - n.timeS)
})

const choosing = ref(false)
const others = ref<BowlSummary[]>([])
const refused = ref('')

async function choose() {
  try {
    const page = await ask(api.GET('/api/temper/bowls', { params: { query: { state: 'OPEN' } } }))
    others.value = page.items.filter((b) => b.couverture === props.couverture && b.id !== props.id)
    refused.value = ''
    choosing.value = true
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  }
}

async function use(other: string) {
  try {
    await ask(
      api.PUT('/api/batches/{id}/bowl', {
        params: { path: { id: props.batch } },
        body: { bowl: other },
      }),
    )
    choosing.value = false
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  }
}
</script>

<template>
  <section class="bowl" :aria-label="$t('The bowl')">
    <template v-if="bowl && now">
      <p class="line">
        <b class="num">{{ quantity(now.temperatureC, 'CELSIUS', taste) }}</b>
        <span :class="now.standing.toLowerCase()">{{ standingWords(bowl, taste) }}</span>
        <span class="quiet">{{ now.verdictWords }}</span>
        <i18n-t
          v-if="closes != null"
          tag="span"
          class="window"
          scope="global"
          keypath="window {closes}"
        >
          <template #closes>
            <b class="num">{{ closes > 0 ? clock(closes) : $t('closed') }}</b>
          </template>
        </i18n-t>
      </p>
      <p v-if="first" class="next">{{ sentence(first.say, taste) }}</p>
    </template>
    <p v-else class="quiet">{{ id ? $t('The bowl is not read yet.') : $t('No bowl yet.') }}</p>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <nav>
      <router-link v-if="id" :to="`/temper/bowls/${id}`">{{ $t('Open the bowl') }}</router-link>
      <button v-if="couverture" type="button" @click="choose">{{ $t('Another bowl') }}</button>
    </nav>
    <v-dialog v-model="choosing" max-width="520" :aria-label="$t('Another bowl')">
      <v-card class="pa-6">
        <h2 class="mb-3">{{ $t('Another bowl') }}</h2>
        <p v-if="!others.length" class="quiet mb-3">
          {{ $t('No other bowl of this couverture is under way at the Temper station.') }}
        </p>
        <v-btn
          v-for="other in others"
          :key="other.id"
          size="x-large"
          variant="outlined"
          block
          class="mb-2"
          @click="use(other.id)"
          >{{ other.name }}, {{ quantity(other.massG, 'GRAM', taste) }}</v-btn
        >
        <v-btn size="x-large" variant="text" class="mt-2" @click="choosing = false">{{
          $t('Cancel')
        }}</v-btn>
      </v-card>
    </v-dialog>
  </section>
</template>

<style scoped>
.bowl {
  margin: 8px 0;
  padding: 10px 18px 4px;
  border-radius: 8px;
  border-left: 6px solid var(--p-true);
  background: var(--p-fog);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
}
.line b {
  font-size: 1.3rem;
}
.there {
  color: var(--p-true);
}
.past {
  color: var(--p-tight);
}
.off_the_plan {
  color: var(--p-off);
  font-weight: 600;
}
.next {
  font-size: 1.55rem;
  line-height: 1.25;
  margin: 2px 0;
  text-wrap: pretty;
}
@media (max-width: 700px) {
  .next {
    font-size: 1.2rem;
  }
}
nav {
  display: flex;
  gap: 18px;
}
nav a,
nav button {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  color: inherit;
  text-decoration: underline;
}
</style>
