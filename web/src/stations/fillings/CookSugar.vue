<script setup lang="ts">
import { useDebounceFn, useStorage } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import FigureString from '@/parts/FigureString.vue'
import NumberField from '@/parts/NumberField.vue'
import { useHouse } from '@/parts/house'
import { inTaste, quantity, sentence } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import AmountField from './AmountField.vue'
import { useRecipe } from './recipe'
import SugarDrop from './SugarDrop.vue'

type Sugar = components['schemas']['SugarView']
const { bench, benchWords, place, larder, touched, kindOf } = useRecipe()
const { house, taste } = useHouse()
const pan = useStorage('palintone.fillings.sugar', {
  way: 'to' as 'to' | 'read',
  from: 'recipe' as 'recipe' | 'pan',
  stage: 'SOFT_BALL' as Sugar['stage'],
  readC: 116 as number | null,
  sugarG: 300 as number | null,
  syrup: 'glucose-42',
  syrupG: 80 as number | null,
  waterG: 90 as number | null,
  boilingWaterC: null as number | null,
  iceC: null as number | null,
  pressureHPa: null as number | null,
})
const answer = ref<Sugar | null>(null)
const refused = ref('')

/** Where the recipe on the bench cooks its sugar, if it does. */
const step = computed(() => bench.value.recipe.operations.find((op) => op.kind === 'COOK_SUGAR'))
const ofRecipe = computed(() => Boolean(step.value) && pan.value.from === 'recipe')
/** How far it is cooked now: what is set, or the custom. */
const now = computed(
  () =>
    step.value?.settings?.TEMPERATURE_C ??
    kindOf('COOK_SUGAR')?.settings.find((s) => s.setting === 'TEMPERATURE_C')?.usual ??
    Number.NaN,
)
/** What is cooked for this recipe is set there, as the true temperature in this kitchen. */
const settled = computed(
  () => answer.value !== null && Math.abs(now.value - answer.value.truth.value) < 0.05,
)
function set() {
  if (!step.value || !answer.value) return
  step.value.settings = {
    ...step.value.settings,
    TEMPERATURE_C: Math.round(answer.value.truth.value * 10) / 10,
  }
  touched()
}

const cookTurn = useTurn()
const cook = useDebounceFn(async () => {
  const current = cookTurn()
  const p = pan.value
  const lines = [
    { ingredient: 'sugar', amount: p.sugarG ?? 0, unit: 'g' },
    { ingredient: p.syrup, amount: p.syrupG ?? 0, unit: 'g' },
    { ingredient: 'water', amount: p.waterG ?? 0, unit: 'g' },
  ].filter((l) => l.amount !== 0)
  try {
    const got = await ask(
      api.POST('/api/fillings/sugar', {
        body: {
          recipe: ofRecipe.value
            ? bench.value.recipe
            : { name: 'pan', version: 0, operations: [{ kind: 'ADD', lines }] },
          stage: p.way === 'to' ? p.stage : null,
          readC: p.way === 'read' ? p.readC : null,
          altitudeM: place.value.altitudeM,
          pressureHPa: p.pressureHPa,
          boilingWaterC: p.boilingWaterC,
          iceC: p.iceC,
        },
      }),
    )
    if (!current()) return
    answer.value = got
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}, 80)
/** What a drop of this pan does at a stage; none where it never comes there. */
const drop = (stage: Sugar['stage']) => answer.value?.drops.find((d) => d.stage === stage)
const chip = (stage: Sugar['stage']) => ({ background: drop(stage)?.colour ?? 'none' })
watch([pan, place, () => bench.value.recipe], () => void cook(), { deep: true })
onMounted(cook)
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent>
      <v-btn-toggle v-model="pan.way" mandatory divided>
        <v-btn value="to" size="large">{{ $t('How far') }}</v-btn>
        <v-btn value="read" size="large">{{ $t('What I read') }}</v-btn>
      </v-btn-toggle>
      <v-select
        v-if="pan.way === 'to'"
        v-model="pan.stage"
        :label="$t('Wanted in cold water')"
        :items="benchWords?.stages"
        item-title="words"
        item-value="stage"
      />
      <NumberField v-else v-model="pan.readC" :label="$t('My thermometer shows')" unit="CELSIUS" />
      <v-btn-toggle
        v-if="step"
        v-model="pan.from"
        mandatory
        divided
        :aria-label="$t('What is cooked')"
      >
        <v-btn value="recipe" size="large">{{ $t('This recipe') }}</v-btn>
        <v-btn value="pan" size="large">{{ $t('Another pan') }}</v-btn>
      </v-btn-toggle>
      <p v-if="ofRecipe" class="quiet">
        {{
          $t('What is in the pot of {name} when its sugar is cooked.', { name: bench.recipe.name })
        }}
      </p>
      <template v-else>
        <NumberField v-model="pan.sugarG" :label="$t('Sugar')" unit="GRAM" />
        <v-autocomplete
          v-model="pan.syrup"
          :label="$t('Syrup, cream or milk beside it')"
          :items="larder"
          item-title="name"
          item-value="id"
        />
        <NumberField v-model="pan.syrupG" :label="$t('Of it')" unit="GRAM" />
        <NumberField v-model="pan.waterG" :label="$t('Water')" unit="GRAM" />
      </template>
      <AmountField
        v-model="place.altitudeM"
        :label="$t('Altitude of the kitchen')"
        unit="METRE"
        :usual="house?.rules.altitudeM ?? 0"
      />
      <NumberField
        v-model="pan.pressureHPa"
        :label="$t('Or by the barometer')"
        unit="HECTOPASCAL"
      />
      <NumberField
        v-model="pan.boilingWaterC"
        :label="$t('My thermometer in boiling water')"
        unit="CELSIUS"
      />
      <NumberField
        v-model="pan.iceC"
        :label="$t('In melting ice (if no boiling check)')"
        unit="CELSIUS"
      />
    </form>
    <section class="answer" :aria-label="$t('Cooked sugar')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <template v-if="answer && !refused">
        <p class="quiet">{{ answer.stageWords }}</p>
        <p class="big num">
          {{ quantity(answer.read.value, 'CELSIUS', taste) }}
          <small>{{ $t('on your thermometer') }}</small>
        </p>
        <v-btn v-if="ofRecipe && !settled" size="large" color="primary" class="my-3" @click="set">{{
          $t('Cook the recipe to {truth}', {
            truth: quantity(answer.truth.value, 'CELSIUS', taste),
          })
        }}</v-btn>
        <p v-for="c in answer.cautions" :key="c.template" class="caution mb-2">
          {{ sentence(c, taste) }}
        </p>
        <div class="figures">
          <FigureString :figure="answer.truth" />
          <FigureString :figure="answer.seaLevel" />
          <FigureString :figure="answer.water" />
          <FigureString :figure="answer.yield" />
          <FigureString :figure="answer.waterActivity" />
          <FigureString :figure="answer.boilsHere" />
        </div>
      </template>
      <table class="rows mt-4">
        <thead>
          <tr>
            <th>{{ $t('In cold water') }}</th>
            <th>{{ $t('A drop in water') }}</th>
            <th>{{ $t('On a cold plate') }}</th>
            <th>{{ $t('Colour') }}</th>
            <th class="right">{{ $t('At sea level, common practice') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="s in benchWords?.stages"
            :key="s.stage"
            :class="{ here: answer?.stage === s.stage }"
          >
            <td>
              {{ s.words }}
              <span v-if="drop(s.stage)" class="quiet feel">{{
                $t('yours {feel}', { feel: drop(s.stage)!.feel })
              }}</span>
            </td>
            <td><SugarDrop v-if="drop(s.stage)" :drop="drop(s.stage)!.inWater" water /></td>
            <td><SugarDrop v-if="drop(s.stage)" :drop="drop(s.stage)!.onPlate" /></td>
            <td>
              <span v-if="drop(s.stage)?.colour" class="chip" :style="chip(s.stage)" />
              {{ drop(s.stage)?.colourWords }}
            </td>
            <td class="right">
              {{
                $t('{fromC} to {toC}', {
                  fromC: quantity(s.fromC, 'CELSIUS', taste),
                  toC: quantity(s.toC, 'CELSIUS', taste),
                })
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="answer" class="quiet">
        <template v-if="answer.drops.some((d) => !d.colour)">
          {{
            $t(
              'With milk or cream in it, it browns by its milk and sooner: go by the thermometer and the drop.',
            )
          }}
        </template>
        {{ answer.dropsFrom.join('; ') }}.
      </p>
    </section>
  </div>
</template>

<style scoped>
.big {
  font-size: 3.4rem;
  font-weight: 600;
  line-height: 1.1;
}
.big small {
  font-size: 1.1rem;
  font-weight: 400;
  color: var(--p-quiet);
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
}
.feel {
  display: block;
}
.chip {
  display: inline-block;
  width: 44px;
  height: 28px;
  border: 1px solid var(--p-line);
  border-radius: 4px;
  vertical-align: middle;
}
.here td {
  background: var(--p-fog);
  font-weight: 600;
}
</style>
