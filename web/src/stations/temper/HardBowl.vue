<script setup lang="ts">
// A bowl that has gone hard where it stood: warmed gently, or melted out and tempered anew.
import { t } from '@/words'
import { ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { inTaste, sentence } from '@/parts/units'
import type { VESSELS } from './methods'

type Answer = components['schemas']['HardBowlView']
type Looks = components['schemas']['HardBowlRequest']['looks']
const props = defineProps<{
  couverture: string
  massG: number | null
  vessel: (typeof VESSELS)[number]['id']
}>()
const { taste } = useHouse()
const LOOKS: { id: Looks; words: string }[] = [
  { id: 'EVEN', words: t('shiny and even, it snaps') },
  { id: 'DULL', words: t('dull, streaked or soft') },
  { id: 'BLOOMED', words: t('grey, it has bloomed') },
]
const looks = ref<Looks | null>(null)
const answer = ref<Answer | null>(null)
const refused = ref('')

let asked = 0
async function judge() {
  if (!looks.value || !props.massG) return
  const mine = ++asked
  try {
    const said = await ask(
      api.POST('/api/temper/hard-bowl', {
        body: {
          couverture: props.couverture,
          massG: props.massG,
          vessel: props.vessel,
          looks: looks.value,
        },
      }),
    )
    if (mine !== asked) return
    answer.value = said
    refused.value = ''
  } catch (problem) {
    if (mine !== asked) return
    answer.value = null
    refused.value = inTaste(words(problem), taste.value)
  }
}
watch([looks, () => props.couverture, () => props.massG, () => props.vessel], () => void judge())
</script>

<template>
  <section class="hard" :aria-label="$t('Gone hard in the bowl')">
    <h2>{{ $t('Gone hard in the bowl: how has it set?') }}</h2>
    <div class="pick" role="group" :aria-label="$t('How it has set')">
      <button
        v-for="look in LOOKS"
        :key="look.id"
        type="button"
        :aria-pressed="looks === look.id"
        @click="looks = look.id"
      >
        {{ look.words }}
      </button>
    </div>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <div v-if="answer" role="status">
      <p class="say">{{ sentence(answer.say, taste) }}</p>
      <p class="caution">{{ sentence(answer.caution, taste) }}</p>
      <div class="two-ways">
        <div
          v-for="way in answer.gently ? [answer.gently, answer.anew] : [answer.anew]"
          :key="way.words"
        >
          <h3>{{ way.words }}</h3>
          <FigureString :figure="way.ready" />
          <FigureString :figure="way.handsOn" />
          <FigureString :figure="way.stable" />
          <FigureString :figure="way.thickness" />
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.hard {
  margin-top: 22px;
  border-top: 1px solid var(--p-line);
  padding-top: 14px;
}
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 10px 0;
}
.pick button {
  min-height: 56px;
  padding: 0 18px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.pick button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
}
.say {
  font-family: var(--p-serif);
  font-size: 1.25rem;
  margin: 6px 0;
}
.two-ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(270px, 1fr));
  gap: 8px 28px;
  margin-top: 10px;
}
h3::first-letter {
  text-transform: uppercase;
}
</style>
