<script setup lang="ts">
// Small questions at the bowl, each one asked either way round.
import { t } from '@/words'
import { computed, reactive, ref } from 'vue'
import { api, ask, words, type Figure, type Question, type Sentence, type Unit } from '@/api/client'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, sentence } from '@/parts/units'
import MeltBy from '@/parts/MeltBy.vue'
import type { MeltKind } from '@/parts/meltBy'
import type { VESSELS } from './methods'

const props = defineProps<{
  couverture: string
  massG: number | null
  vessel: (typeof VESSELS)[number]['id']
}>()
const { taste } = useHouse()

type SeedAsk = 'SEED_FOR_BOWL' | 'BOWL_AFTER_SEED'
type Ask = {
  id: Question | SeedAsk
  words: string
  from: boolean
  value: string
  unit: Unit
  start: number
}
const QUESTIONS: Ask[] = [
  {
    id: 'SEED_FOR_BOWL',
    words: t('How much seed, into a bowl at …'),
    from: true,
    value: '',
    unit: 'GRAM',
    start: 0,
  },
  {
    id: 'BOWL_AFTER_SEED',
    words: t('What so much seed does'),
    from: true,
    value: t('seed'),
    unit: 'GRAM',
    start: 90,
  },
  {
    id: 'HEAT_FOR_TEMPERATURE',
    words: t('How long to heat, to reach …'),
    from: true,
    value: t('reach'),
    unit: 'CELSIUS',
    start: 47,
  },
  {
    id: 'TEMPERATURE_AFTER_HEAT',
    words: t('Where heating ends'),
    from: true,
    value: t('heat'),
    unit: 'SECOND',
    start: 20,
  },
  {
    id: 'BATH_FOR_TEMPERATURE',
    words: t('How long in the cold bath, to reach …'),
    from: true,
    value: t('reach'),
    unit: 'CELSIUS',
    start: 27,
  },
  {
    id: 'TEMPERATURE_AFTER_BATH',
    words: t('Where the cold bath ends'),
    from: true,
    value: t('bath'),
    unit: 'MINUTE',
    start: 5,
  },
  {
    id: 'SHARE_FOR_TEMPERATURE',
    words: t('How much to table, to come back at …'),
    from: false,
    value: t('come back at'),
    unit: 'CELSIUS',
    start: 31.5,
  },
  {
    id: 'TEMPERATURE_AFTER_STONE',
    words: t('Where tabling a share ends'),
    from: false,
    value: t('share'),
    unit: 'PERCENT',
    start: 66,
  },
  {
    id: 'WINDOW',
    words: t('How long the window stays open'),
    from: true,
    value: t('seed in the fat'),
    unit: 'PERCENT',
    start: 1,
  },
]
const chosen = ref<Question | SeedAsk>('HEAT_FOR_TEMPERATURE')
const question = computed(() => QUESTIONS.find((q) => q.id === chosen.value)!)
const heats = computed(
  () => chosen.value === 'HEAT_FOR_TEMPERATURE' || chosen.value === 'TEMPERATURE_AFTER_HEAT',
)
const cools = computed(
  () => chosen.value === 'BATH_FOR_TEMPERATURE' || chosen.value === 'TEMPERATURE_AFTER_BATH',
)
const melting = reactive({ kind: 'BURSTS' as MeltKind, at: null as number | null })
const bath = reactive({ c: null as number | null, g: null as number | null })
/** Heat that takes its time is asked in minutes. */
const unit = computed<Unit>(() =>
  chosen.value === 'TEMPERATURE_AFTER_HEAT' &&
  (melting.kind === 'WATER_BATH' || melting.kind === 'OVEN')
    ? 'MINUTE'
    : question.value.unit,
)
const fromC = ref<number | null>(40)
const value = ref<number | null>(47)
const answer = ref<Figure[]>([])
const said = ref<Sentence[]>([])
const refused = ref('')

function choose(id: Question | SeedAsk) {
  chosen.value = id
  value.value = question.value.start
  fromC.value = id === 'WINDOW' ? 31.5 : id.startsWith('BATH') || id.endsWith('BATH') ? 45 : 40
  answer.value = []
  said.value = []
  refused.value = ''
}

/** Seed has its own balance, solved at once for the whole bowl. */
async function seed(): Promise<Figure[]> {
  const plan = await ask(
    api.GET('/api/temper/seed', {
      params: {
        query: {
          couverture: props.couverture,
          melt: props.massG!,
          bowl: fromC.value ?? 0,
          ...(chosen.value === 'BOWL_AFTER_SEED' ? { grams: value.value! } : {}),
        },
      },
    }),
  )
  said.value = plan.say
  return [plan.seed, plan.bowlTemperature, plan.landing, plan.seedLeft]
}

async function solve() {
  if (!props.massG || value.value === null) return
  try {
    if (chosen.value === 'SEED_FOR_BOWL' || chosen.value === 'BOWL_AFTER_SEED') {
      answer.value = await seed()
      refused.value = ''
      return
    }
    answer.value = await ask(
      api.POST('/api/temper/answers', {
        body: {
          couverture: props.couverture,
          massG: props.massG,
          vessel: props.vessel,
          question: chosen.value,
          fromC: fromC.value ?? 0,
          value: value.value,
          ...(heats.value ? { meltBy: melting.kind, meltAt: melting.at } : {}),
          ...(cools.value ? { bathC: bath.c, bathG: bath.g } : {}),
        },
      }),
    )
    refused.value = ''
  } catch (problem) {
    answer.value = []
    refused.value = inTaste(words(problem), taste.value)
  }
}
</script>

<template>
  <section class="ways">
    <h2>{{ $t('Ask of this bowl') }}</h2>
    <form @submit.prevent="solve">
      <v-select
        :model-value="chosen"
        :label="$t('Question')"
        :items="QUESTIONS"
        item-title="words"
        item-value="id"
        @update:model-value="choose"
      />
      <NumberField
        v-if="question.from"
        v-model="fromC"
        :label="$t('it stands at')"
        unit="CELSIUS"
      />
      <NumberField
        v-if="question.value"
        v-model="value"
        :label="question.value"
        :unit="unit"
        @enter="solve"
      />
      <MeltBy v-if="heats" v-model:kind="melting.kind" v-model:at="melting.at" />
      <template v-if="cools">
        <NumberField
          v-model="bath.c"
          :label="$t('Cold bath (House rules if empty)')"
          unit="CELSIUS"
        />
        <NumberField
          v-model="bath.g"
          :label="$t('Water in it (House rules if empty)')"
          unit="GRAM"
        />
      </template>
      <v-btn size="x-large" variant="tonal" type="submit">{{ $t('Answer') }}</v-btn>
    </form>
    <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
    <div class="answer" role="status">
      <FigureString v-for="f in answer" :key="f.name" :figure="f" />
    </div>
    <p v-for="line in said" :key="line.template" class="said">{{ sentence(line, taste) }}</p>
  </section>
</template>

<style scoped>
.ways {
  margin-top: 22px;
  border-top: 1px solid var(--p-line);
  padding-top: 14px;
}
form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 12px;
  margin: 10px 0;
}
form .v-btn {
  height: 56px !important;
}
.said {
  font-size: 1.15rem;
  margin-top: 6px;
}
.answer {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 4px 18px;
}
@media (max-width: 1000px) {
  form {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 700px) {
  form {
    grid-template-columns: 1fr;
  }
}
</style>
