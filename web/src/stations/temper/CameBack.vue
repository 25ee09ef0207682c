<script setup lang="ts">
// Couverture that came back from the work: what got into it, and what it may still become.
import { t } from '@/words'
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { api, ask, words, type FillingSummary } from '@/api/client'
import type { components } from '@/api/schema'
import { useLarder } from '@/parts/couvertures'
import { everyPage } from '@/parts/everyPage'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import JobList from '@/parts/JobList.vue'
import { allergenList } from '@/parts/kinds'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, sentence } from '@/parts/units'

type Answer = components['schemas']['CameBackView']
/** One thing that got in: `i:` an ingredient, `f:` a filling. */
type Met = { what: string; grams: number | null }

const { taste } = useHouse()
const { all, load } = useLarder()
const fillings = ref<FillingSummary[]>([])
const couvertures = computed(() => all.value.filter((i) => i.couverture))
const back = reactive({
  couverture: '',
  massG: 800 as number | null,
  meltings: 2 as number | null,
  met: [] as Met[],
})
const answer = ref<Answer | null>(null)
const refused = ref('')

const things = computed(() => [
  ...fillings.value.map((f) => ({ id: `f:${f.id}`, name: t('filling {name}', { name: f.name }) })),
  ...all.value
    .filter((i) => i.id !== back.couverture)
    .map((i) => ({ id: `i:${i.id}`, name: i.name })),
])

let asked = 0
const judge = useDebounceFn(async () => {
  if (!back.couverture || !back.massG || !back.meltings) return
  const mine = ++asked
  try {
    const said = await ask(
      api.POST('/api/temper/came-back', {
        body: {
          couverture: back.couverture,
          massG: back.massG,
          meltings: back.meltings,
          met: back.met
            .filter((m) => m.what && m.grams)
            .map((m) => ({
              [m.what.startsWith('f:') ? 'filling' : 'ingredient']: m.what.slice(2),
              grams: m.grams!,
            })),
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
}, 120)
watch(back, () => void judge())
onMounted(async () => {
  await load()
  back.couverture = couvertures.value[0]?.id ?? ''
  try {
    fillings.value = await everyPage((query) =>
      ask(api.GET('/api/fillings', { params: { query } })),
    )
  } catch (problem) {
    refused.value = words(problem)
  }
})
</script>

<template>
  <section :aria-label="$t('What came back')">
    <h2>{{ $t('What came back: what may it still become?') }}</h2>
    <p v-if="!couvertures.length" class="quiet">{{ $t('No couverture yet') }}</p>
    <div class="fields">
      <v-select
        v-model="back.couverture"
        :label="$t('Couverture that came back')"
        :items="couvertures"
        item-title="name"
        item-value="id"
      />
      <NumberField v-model="back.massG" :label="$t('All of it weighs')" unit="GRAM" />
      <NumberField v-model="back.meltings" :label="$t('Times it was melted')" unit="ONE" />
    </div>
    <div v-for="(met, i) in back.met" :key="i" class="met">
      <v-autocomplete
        v-model="met.what"
        :label="$t('What got into it')"
        :items="things"
        item-title="name"
        item-value="id"
        auto-select-first
      />
      <NumberField v-model="met.grams" :label="$t('of it, about')" unit="GRAM" />
      <v-btn variant="text" size="x-large" @click="back.met.splice(i, 1)">{{ $t('Remove') }}</v-btn>
    </div>
    <v-btn
      v-if="back.met.length < 12"
      size="x-large"
      variant="outlined"
      @click="back.met.push({ what: '', grams: 5 })"
      >{{ $t('Something got into it') }}</v-btn
    >
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <div v-if="answer" role="status">
      <p v-for="s in answer.says" :key="s.template" class="say">{{ sentence(s, taste) }}</p>
      <p v-if="answer.brought.length" class="caution">
        {{
          $t(
            'From now on it holds {allergens} as well: write that on its tub, and never into chocolate for somebody allergic.',
            {
              allergens: allergenList(answer.brought),
            },
          )
        }}
      </p>
      <div class="figures">
        <FigureString :figure="answer.water" />
        <FigureString :figure="answer.firm" />
      </div>
      <JobList :jobs="answer.jobs" />
    </div>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
  margin: 10px 0;
}
.met {
  display: grid;
  grid-template-columns: 2fr 1fr auto;
  gap: 12px;
}
.met,
.figures {
  margin-bottom: 12px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 4px 18px;
}
.say {
  font-family: var(--p-serif);
  font-size: 1.25rem;
  margin: 10px 0 6px;
}
@media (max-width: 700px) {
  .met {
    grid-template-columns: 1fr;
  }
}
</style>
