<script setup lang="ts">
import { computed } from 'vue'
import { mdiPlus } from '@mdi/js'
import type { OperationKind } from '@/api/client'
import { useHouse } from '@/parts/house'
import { inTaste } from '@/parts/units'
import AmountField from './AmountField.vue'
import OperationCard from './OperationCard.vue'
import { locked, toggleLock } from './locks'
import MouldFills from './MouldFills.vue'
import PotHead from './PotHead.vue'
import { neighbour, nextPlace, usePots } from './pots'
import { useRecipe } from './recipe'
import ReadItHere from './ReadItHere.vue'
import SheetStrings from './SheetStrings.vue'

const { ready, bench, place, benchWords, sheet, refused, waiting, touched } = useRecipe()
const { house, taste } = useHouse()

const operations = computed(() => bench.value.recipe.operations)
/** Place of the first line of every operation in the whole recipe. */
const firsts = computed(() => {
  let next = 0
  return operations.value.map((op) => {
    const first = next
    next += op.lines?.length ?? 0
    return first
  })
})
/** The pot as it is computed is only shown where it is that of the recipe as it stands. */
const current = computed(() => (refused.value || waiting.value ? null : sheet.value))
const lineGrams = computed(() => current.value?.lineGrams ?? [])

const { several, standing, mayAdd, add: anotherPot, nameOf, potOf } = usePots()
/** Operations of one pot with their places in the whole. */
const inPot = (pot: number) =>
  operations.value.map((op, place) => ({ op, place })).filter(({ op }) => potOf(op) === pot)

function move(from: number, by: 1 | -1) {
  const to = neighbour(bench.value.recipe, from, by)
  if (to === null) return
  const list = operations.value
  const [op] = list.splice(from, 1)
  list.splice(to, 0, op!)
  touched()
}
function meant(style: typeof bench.value.recipe.style) {
  bench.value.recipe.style = style
  touched()
}
function remove(at: number) {
  operations.value.splice(at, 1)
  touched()
}
function add(kind: OperationKind, pot: number) {
  const lines = benchWords.value?.operations.find((o) => o.kind === kind)?.lines
  operations.value.splice(nextPlace(bench.value.recipe, pot), 0, {
    kind,
    pot: pot || null,
    settings: kind === 'BOIL_DOWN' ? { MASS_G: Math.round((yieldG.value ?? 200) * 0.9) } : {},
    lines: lines === 'WANTED' ? [{ ingredient: '', amount: Number.NaN, unit: 'g' }] : [],
  } as (typeof operations.value)[number])
  touched()
}

const yieldG = computed(
  () => sheet.value?.figures.find((f) => f.quality === 'YIELD')?.figure.value ?? null,
)
</script>

<template>
  <div class="bench" :class="{ wide: several }">
    <section class="left" :aria-label="$t('Recipe')">
      <div class="name">
        <v-text-field
          v-model="bench.recipe.name"
          :label="$t('Name')"
          density="comfortable"
          hide-details
          @update:model-value="touched()"
        />
        <v-select
          :model-value="benchWords ? bench.recipe.style : null"
          :label="$t('Meant to be')"
          :items="benchWords?.styles"
          item-title="words"
          item-value="style"
          density="comfortable"
          hide-details
          @update:model-value="meant"
        />
      </div>
      <div class="pots" :class="{ several }">
        <section
          v-for="pot in standing"
          :key="pot"
          :aria-label="several ? nameOf(pot) : $t('Operations')"
        >
          <PotHead v-if="several" :pot="pot" :empty="!inPot(pot).length" />
          <OperationCard
            v-for="({ op, place: i }, nth) in inPot(pot)"
            :key="`${bench.id} ${i}`"
            :operation="op"
            :place="i"
            :first="nth === 0"
            :last="nth === inPot(pot).length - 1"
            :stage="current?.stages[i]"
            :first-line="firsts[i]!"
            :locked="locked"
            :line-grams="lineGrams"
            @up="move(i, -1)"
            @down="move(i, 1)"
            @remove="remove(i)"
            @lock="toggleLock"
          />
          <v-select
            :model-value="null"
            :label="several ? $t('Then, in {pot} …', { pot: nameOf(pot) }) : $t('Then …')"
            :items="benchWords?.operations"
            item-title="words"
            item-value="kind"
            hide-details
            @update:model-value="(kind: OperationKind | null) => kind && add(kind, pot)"
          />
        </section>
      </div>
      <v-btn
        v-if="mayAdd && operations.length"
        class="another"
        variant="text"
        :prepend-icon="mdiPlus"
        @click="anotherPot"
        >{{ $t('Another pot') }}</v-btn
      >
      <div class="place">
        <AmountField v-model="place.servingC" :label="$t('Served at')" unit="CELSIUS" :usual="20" />
        <AmountField v-model="place.storageC" :label="$t('Kept at')" unit="CELSIUS" :usual="16" />
        <AmountField
          v-model="place.altitudeM"
          :label="$t('Altitude')"
          unit="METRE"
          :usual="house?.rules.altitudeM ?? 0"
        />
      </div>
    </section>
    <section class="right" :aria-label="$t('What it will be')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <p v-else-if="waiting" class="waiting" role="status">{{ waiting }}</p>
      <div v-if="bench.unseen" class="unseen" role="status">
        <p>
          {{
            $t(
              'Read from a text. Look at its pots, its steps and its amounts: no days are given, and nothing is saved, before you say that this is what is meant.',
            )
          }}
        </p>
        <v-btn size="x-large" color="primary" @click="bench.unseen = false">{{
          $t('This is it')
        }}</v-btn>
      </div>
      <SheetStrings v-if="sheet" :sheet="sheet" :class="{ old: refused || waiting }">
        <template #reading><ReadItHere /></template>
      </SheetStrings>
      <p v-else-if="!refused && !waiting" class="quiet">
        {{
          ready
            ? $t('Nothing on the bench. Start or paste a recipe, or choose a filling.')
            : $t('The recipe is on its way …')
        }}
      </p>
      <MouldFills v-if="yieldG" :yield-g="yieldG" />
      <a
        v-if="bench.number"
        class="out"
        :href="`/api/fillings/${bench.id}/recipe.jsonld`"
        :download="`${bench.id}.jsonld`"
        >{{ $t('Save as schema.org recipe') }}</a
      >
    </section>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  overflow: hidden;
}
.bench.wide {
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
}
.pots.several {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(300px, 1fr);
  gap: 16px;
  padding-top: 8px;
  overflow-x: auto;
}
.pots.several > section + section {
  padding-left: 16px;
  border-left: 1px solid var(--p-line);
}
.unseen {
  display: grid;
  gap: 10px;
  padding: 12px 14px;
  margin-bottom: 12px;
  border: 1px solid var(--p-tight);
  border-radius: 8px;
}
.unseen p {
  margin: 0;
}
.another {
  min-height: 44px;
  margin-top: 6px;
}
.left,
.right {
  overflow: auto;
  padding: 14px 18px 40px;
}
.left {
  border-right: 1px solid var(--p-line);
}
.name,
.place {
  display: grid;
  grid-template-columns: 1.3fr 1fr;
  gap: 10px;
  margin-bottom: 12px;
}
.place {
  grid-template-columns: repeat(3, 1fr);
  margin-top: 16px;
}
.old {
  opacity: 0.55;
}
.waiting {
  font-size: 1.15rem;
  color: var(--p-tight);
}
.out {
  display: inline-block;
  margin-top: 14px;
  min-height: 44px;
  color: inherit;
}
@media (max-width: 1000px) {
  .bench.wide {
    grid-template-columns: 1fr;
  }
  /* What it will be stays in sight above, while amounts are dragged below. */
  .bench {
    grid-template-columns: 1fr;
    grid-template-rows: minmax(0, 2fr) minmax(0, 3fr);
  }
  .left {
    border: 0;
  }
  .right {
    order: -1;
    padding-bottom: 14px;
    border-bottom: 1px solid var(--p-line);
  }
}
@media (max-width: 700px) {
  .bench {
    display: block;
    overflow: auto;
  }
  .left,
  .right {
    overflow: visible;
    padding: 12px 14px;
  }
  .name {
    grid-template-columns: 1fr;
  }
  .pots.several {
    grid-auto-flow: row;
    grid-auto-columns: auto;
  }
  .pots.several > section + section {
    padding: 12px 0 0;
    border: 0;
    border-top: 1px solid var(--p-line);
  }
}
</style>
