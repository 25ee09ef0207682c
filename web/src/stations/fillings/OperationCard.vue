<script setup lang="ts">
// One operation: what is done, how, and what goes in.
import { t } from '@/words'
import { computed } from 'vue'
import {
  mdiArrowDown,
  mdiArrowUp,
  mdiClose,
  mdiLockOpenVariantOutline,
  mdiLockOutline,
  mdiPlus,
} from '@mdi/js'
import type { OperationDraft, RecipeLineDraft, Sheet } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import AmountField from './AmountField.vue'
import FromPotLine from './FromPotLine.vue'
import { usePots } from './pots'
import { useRecipe } from './recipe'

const props = defineProps<{
  operation: OperationDraft
  place: number
  first: boolean
  last: boolean
  stage?: Sheet['stages'][number]
  firstLine: number
  locked: number[]
  lineGrams: number[]
}>()
const emit = defineEmits<{ up: []; down: []; remove: []; lock: [line: number] }>()
const { benchWords, larder, kindOf, touched } = useRecipe()
const { taste } = useHouse()
const { several, standing, nameOf, potOf } = usePots()
const kind = computed(() => kindOf(props.operation.kind))
const op = computed(() => props.operation)

/** What the pot holds when this is done. */
const after = computed(() => {
  const pot = props.stage
  if (!pot) return ''
  const mass = quantity(pot.massG, 'GRAM', taste.value)
  const temperature = quantity(pot.temperatureC, 'CELSIUS', taste.value)
  return pot.lostG >= 0.5
    ? t('{mass} at {temperature}, {lost} lost', {
        mass,
        temperature,
        lost: quantity(pot.lostG, 'GRAM', taste.value),
      })
    : t('{mass} at {temperature}', { mass, temperature })
})

/** How much passed the sieve, by what is in the pot; nothing before it was computed. */
const passes = computed(() => {
  const pot = props.stage
  return pot && pot.massG > 0 ? (100 * pot.massG) / (pot.massG + pot.lostG) : null
})

type SettingKey = keyof NonNullable<OperationDraft['settings']>

function set(setting: string, value: number | null) {
  const settings = { ...(op.value.settings ?? {}) } as Record<string, number>
  if (value === null) Reflect.deleteProperty(settings, setting)
  else settings[setting] = value
  op.value.settings = settings as OperationDraft['settings']
  touched()
}
function change(next: OperationDraft['kind']) {
  op.value.kind = next
  op.value.settings = {}
  if (kindOf(next)?.lines === 'NONE') op.value.lines = []
  if (op.value.fromPot != null && !kindOf(next)?.takesFromPot)
    Object.assign(op.value, { fromPot: null, takenG: null, takenPercent: null })
  touched()
}
function add() {
  op.value.lines = [...(op.value.lines ?? []), { ingredient: '', amount: Number.NaN, unit: 'g' }]
  touched()
}
function drop(line: RecipeLineDraft) {
  op.value.lines = (op.value.lines ?? []).filter((l) => l !== line)
  touched()
}
/** The first other pot is the one meant where there are two. */
function takeFrom() {
  op.value.fromPot = standing.value.find((pot) => pot !== potOf(op.value)) ?? null
  touched()
}
function putInto(pot: number) {
  op.value.pot = pot
  if (op.value.fromPot === pot)
    Object.assign(op.value, { fromPot: null, takenG: null, takenPercent: null })
  touched()
}
/** How it looks when so much has boiled away, where a share is said; by custom. */
const look = computed(() => {
  const away = op.value.settings?.PERCENT
  return benchWords.value?.looks.some((l) => l.awayPercent === away) ? away : null
})
function boilTo(away: number) {
  // Of grams and a share one is said.
  op.value.settings = { PERCENT: away }
  touched()
}
const pots = computed(() => standing.value.map((pot) => ({ value: pot, title: nameOf(pot) })))
const settingOf = (key: string) => op.value.settings?.[key as SettingKey] ?? null
</script>

<template>
  <article class="op" :aria-label="$t('Operation {place}', { place: place + 1 })">
    <div class="head">
      <span class="no num">{{ place + 1 }}</span>
      <v-select
        :model-value="operation.kind"
        :items="benchWords?.operations"
        item-title="words"
        item-value="kind"
        density="compact"
        hide-details
        class="kind"
        :aria-label="$t('Operation {place}', { place: place + 1 })"
        @update:model-value="change"
      />
      <AmountField
        v-for="s in kind?.settings"
        :key="s.setting"
        :model-value="settingOf(s.setting)"
        :label="s.words"
        :unit="s.unit"
        :usual="s.usual ?? (s.byContent ? passes : null)"
        class="setting"
        @update:model-value="set(s.setting, $event)"
      />
      <v-select
        v-if="operation.kind === 'BOIL_DOWN'"
        :model-value="look"
        :items="benchWords?.looks"
        item-title="words"
        item-value="awayPercent"
        density="compact"
        hide-details
        class="look"
        :label="$t('or to a look')"
        @update:model-value="boilTo"
      />
    </div>
    <div v-for="(line, k) in operation.lines" :key="k" class="line">
      <v-autocomplete
        :model-value="line.ingredient || null"
        :items="larder"
        :placeholder="$t('Which ingredient?')"
        item-title="name"
        item-value="id"
        density="compact"
        hide-details
        :aria-label="$t('Ingredient {firstLine}', { firstLine: firstLine + k + 1 })"
        @update:model-value="((line.ingredient = $event ?? ''), touched())"
      />
      <AmountField
        :model-value="line.amount"
        :label="$t('Amount {firstLine}', { firstLine: firstLine + k + 1 })"
        bare
        @update:model-value="((line.amount = $event ?? Number.NaN), touched())"
      />
      <v-select
        v-model="line.unit"
        :items="benchWords?.units"
        density="compact"
        hide-details
        :aria-label="$t('Unit {firstLine}', { firstLine: firstLine + k + 1 })"
        @update:model-value="touched()"
      />
      <span class="drag">
        <input
          type="range"
          min="0"
          :max="Math.max(1, Math.round((line.amount || 50) * 2))"
          :step="line.amount < 20 ? 0.5 : 1"
          :value="line.amount"
          :aria-label="$t('Drag amount {firstLine}', { firstLine: firstLine + k + 1 })"
          :disabled="locked.includes(firstLine + k)"
          @input="
            ((line.amount = Math.max(0.1, Number(($event.target as HTMLInputElement).value))),
            touched())
          "
        />
        <span class="grams num quiet">{{
          line.unit !== 'g' && lineGrams[firstLine + k] !== undefined
            ? quantity(lineGrams[firstLine + k]!, 'GRAM', taste)
            : ''
        }}</span>
      </span>
      <v-btn
        :icon="locked.includes(firstLine + k) ? mdiLockOutline : mdiLockOpenVariantOutline"
        variant="text"
        :aria-pressed="locked.includes(firstLine + k)"
        :aria-label="$t('Lock amount {firstLine}', { firstLine: firstLine + k + 1 })"
        @click="emit('lock', firstLine + k)"
      />
      <v-btn
        :icon="mdiClose"
        variant="text"
        :aria-label="$t('Line {firstLine} out', { firstLine: firstLine + k + 1 })"
        @click="drop(line)"
      />
    </div>
    <FromPotLine v-if="operation.fromPot != null" :operation="operation" :place="place" />
    <div class="foot">
      <v-btn
        v-if="kind?.lines !== 'NONE'"
        variant="text"
        :prepend-icon="mdiPlus"
        :aria-label="$t('Ingredient into operation {place}', { place: place + 1 })"
        @click="add"
        >{{ $t('ingredient') }}</v-btn
      >
      <v-btn
        v-if="several && kind?.takesFromPot && operation.fromPot == null"
        variant="text"
        :prepend-icon="mdiPlus"
        :aria-label="$t('Out of another pot into operation {place}', { place: place + 1 })"
        @click="takeFrom"
        >{{ $t('out of a pot') }}</v-btn
      >
      <v-select
        v-if="several"
        class="where"
        :model-value="potOf(operation)"
        :items="pots"
        density="compact"
        hide-details
        :aria-label="$t('Operation {place} is done in', { place: place + 1 })"
        @update:model-value="putInto"
      />
      <span v-if="stage" class="num quiet after">{{ after }}</span>
      <span class="tools">
        <v-btn
          :icon="mdiArrowUp"
          variant="text"
          :disabled="first"
          :aria-label="$t('Operation {place} up', { place: place + 1 })"
          @click="emit('up')"
        />
        <v-btn
          :icon="mdiArrowDown"
          variant="text"
          :disabled="last"
          :aria-label="$t('Operation {place} down', { place: place + 1 })"
          @click="emit('down')"
        />
        <v-btn
          :icon="mdiClose"
          variant="text"
          :aria-label="$t('Operation {place} out', { place: place + 1 })"
          @click="emit('remove')"
        />
      </span>
    </div>
  </article>
</template>

<style scoped>
.op {
  container-type: inline-size;
  border: 1px solid var(--p-line);
  border-radius: 8px;
  padding: 8px 10px 2px;
  margin-bottom: 10px;
}
.head {
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
}
.no {
  font-size: 1.3rem;
  color: var(--p-quiet);
  min-width: 22px;
}
.kind {
  max-width: 230px;
  min-width: 150px;
  font-weight: 600;
}
.setting {
  width: 132px;
  flex: none;
}
.look {
  max-width: 190px;
  min-width: 150px;
}
.tools {
  white-space: nowrap;
}
.line {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) 72px 108px 86px 44px 44px;
  gap: 6px;
  align-items: center;
  margin-top: 6px;
}
.drag {
  display: flex;
  align-items: center;
  gap: 4px;
}
.line input[type='range'] {
  flex: 1;
  min-width: 40px;
  height: 44px;
  accent-color: var(--p-still);
}
.grams {
  text-align: right;
  font-size: 0.9rem;
}
.where {
  max-width: 150px;
  flex: none;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  min-height: 40px;
}
.op :deep(.v-btn--icon) {
  width: 44px;
  height: 44px;
}
@container (max-width: 560px) {
  .line .drag {
    order: 1;
  }
  .line {
    grid-template-columns: 1fr 1fr 44px 44px;
  }
  .line > :first-child,
  .line .drag {
    grid-column: 1 / -1;
  }
}
</style>
