<script setup lang="ts">
import { t } from '@/words'
import { ref, watch } from 'vue'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { useHouse } from '@/parts/house'
import { inTaste, quantity, sentence } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import { request, useRecipe, whole } from './recipe'
import SheetStrings from './SheetStrings.vue'

type Mend = components['schemas']['MendView']
type Fault = Mend['fault']
const FAULTS: [Fault, string][] = [
  ['SPLIT', t('It has split')],
  ['GRAINY', t('It is grainy')],
  ['TOO_SOFT', t('Too soft')],
  ['TOO_HARD', t('Too hard')],
  ['SCORCHED', t('Scorched')],
  ['LUMPY', t('Lumpy')],
]
const { bench } = useRecipe()
const { taste } = useHouse()
const fault = ref<Fault | null>(null)
const answer = ref<Mend | null>(null)
const refused = ref('')

const turn = useTurn()
async function mend(next: Fault) {
  const current = turn()
  fault.value = next
  if (!whole(bench.value.recipe)) return
  try {
    const got = await ask(
      api.POST('/api/fillings/mend', { body: { on: request(bench.value), fault: next } }),
    )
    if (!current()) return
    answer.value = got
    refused.value = ''
  } catch (problem) {
    if (current()) refused.value = words(problem)
  }
}
watch(
  () => bench.value.recipe,
  () => fault.value && void mend(fault.value),
)
const heavy = (likely: number) =>
  likely > 0.6 ? t('speaks strongly for it') : likely > 0.25 ? t('may be') : t('hardly')
</script>

<template>
  <div class="mend">
    <div class="faults" role="group" :aria-label="$t('What is wrong')">
      <button
        v-for="[id, label] in FAULTS"
        :key="id"
        type="button"
        :aria-pressed="fault === id"
        @click="mend(id)"
      >
        {{ label }}
      </button>
    </div>
    <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
    <p v-if="!answer" class="quiet">
      {{
        $t('What is wrong with {name}? Its own numbers tell why.', {
          name: bench.recipe.name || $t('the filling'),
        })
      }}
    </p>
    <div v-else class="both">
      <section :aria-label="$t('Causes')">
        <h2>{{ $t('Why, by its own numbers') }}</h2>
        <div v-for="c in answer.causes" :key="c.words.template" class="cause">
          <div class="heavy" aria-hidden="true">
            <i :style="{ width: `${Math.max(3, c.likely * 100)}%` }" />
          </div>
          <div>
            <p>{{ sentence(c.words, taste) }}</p>
            <p class="quiet">{{ heavy(c.likely) }}</p>
          </div>
        </div>
      </section>
      <section :aria-label="$t('What to do')">
        <h2>{{ $t('What to do') }}</h2>
        <div v-for="r in answer.remedies" :key="r.words.template" class="remedy">
          <p class="do">{{ sentence(r.words, taste) }}</p>
          <details v-if="r.after">
            <summary>
              <template v-if="r.ingredient">{{
                $t('With {grams} of {ingredient} it becomes', {
                  grams: quantity(r.grams, 'GRAM', taste),
                  ingredient: r.ingredient,
                })
              }}</template>
              <template v-else>{{ $t('Then it becomes') }}</template>
            </summary>
            <SheetStrings :sheet="r.after" brief />
          </details>
        </div>
      </section>
    </div>
  </div>
</template>

<style scoped>
.mend {
  overflow: auto;
  padding: 16px 20px 40px;
}
.faults {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
  margin-bottom: 18px;
}
.faults button {
  min-height: 64px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
  padding: 0 14px;
  font-weight: 600;
  text-align: center;
}
.faults button[aria-pressed='true'] {
  border: 3px solid var(--p-still);
}
.both {
  display: grid;
  grid-template-columns: 1fr 1.6fr;
  gap: 30px;
}
.cause {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 14px;
  align-items: start;
  margin-top: 12px;
}
.heavy {
  margin-top: 6px;
  height: 12px;
  border-radius: 6px;
  background: var(--p-line);
  overflow: hidden;
}
.heavy i {
  display: block;
  height: 100%;
  background: var(--p-still);
}
.remedy {
  margin-top: 12px;
  padding: 12px 16px;
  border: 1px solid var(--p-line);
  border-radius: 8px;
}
.do {
  font-size: 1.15rem;
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
