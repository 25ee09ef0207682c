<script setup lang="ts">
import { known } from '@/parts/shelf'
import { t } from '@/words'
import { useDebounceFn, useStorage } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type BowlDraft, type Curve, type Method } from '@/api/client'
import type { CurveDrawing } from '@/parts/curve'
import CurveChart from '@/parts/CurveChart.vue'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import { useLarder } from '@/parts/couvertures'
import NumberField from '@/parts/NumberField.vue'
import RoomField from '@/parts/RoomField.vue'
import { inTaste, quantity } from '@/parts/units'
import BeginBowl from './BeginBowl.vue'
import TemperCalculator from './TemperCalculator.vue'
import CurveSteps from './CurveSteps.vue'
import HardBowl from './HardBowl.vue'
import MeltBy from '@/parts/MeltBy.vue'
import type { MeltKind } from '@/parts/meltBy'
import { FLUIDITIES, inWater, METHODS, VESSELS } from './methods'

const { house, taste } = useHouse()
const { all, trouble, load } = useLarder()
const router = useRouter()

/** It opens with the rules of the house; what was chosen last stays chosen. */
const wish = useStorage('palintone.temper.wish', {
  couverture: 'dark-66',
  massG: 2000 as number | null,
  vessel: (house.value?.rules.tempering?.vessel ?? 'STEEL_BOWL') as (typeof VESSELS)[number]['id'],
  fluidity: 'MEDIUM' as (typeof FLUIDITIES)[number]['id'],
  method: (house.value?.rules.method ?? 'SEED_THIRD') as Method,
  beside: '' as Method | '',
  share: null as number | null,
  roomC: null as number | null,
  meltBy: (house.value?.rules.tempering?.meltBy ?? 'BURSTS') as MeltKind,
  meltAt: (house.value?.rules.tempering?.meltAt ?? null) as number | null,
  bathC: null as number | null,
  bathG: null as number | null,
})
/** What an older visit has not kept. */
wish.value.meltBy ??= 'BURSTS'
const wet = computed(() => inWater(wish.value.method) || inWater(wish.value.beside))
const curves = ref<Curve[]>([])
const refused = ref('')
const shown = ref(0)

const couvertures = computed(() => all.value.filter((i) => i.couverture))
const shareName = computed(() =>
  wish.value.method === 'TABLING'
    ? t('Share poured on the stone')
    : wish.value.method.startsWith('SEED')
      ? t('Share of seed')
      : '',
)
/** A kettle heats itself, and a gentle melt never melts out. */
const melts = computed(() => {
  const alone = (m: Method | '') => m === 'KETTLE' || m === 'KEEP_TEMPER' || m === ''
  return !alone(wish.value.method) || !alone(wish.value.beside)
})
const curve = computed(() => curves.value[shown.value] ?? curves.value[0])
/** An empty house: there is nothing to temper, and the way on is the Larder. */
const bare = ref(false)

let asked = 0
const plan = useDebounceFn(async () => {
  const w = wish.value
  if (bare.value || !w.massG || !w.couverture) return
  const mine = ++asked
  try {
    const answer = await ask(
      api.POST('/api/temper/curves', {
        body: {
          couverture: w.couverture,
          massG: w.massG,
          methods: w.beside && w.beside !== w.method ? [w.method, w.beside] : [w.method],
          fluidity: w.fluidity,
          vessel: w.vessel,
          sharePercent: shareName.value && !w.beside ? w.share : null,
          roomC: w.roomC,
          meltBy: w.meltBy,
          meltAt: w.meltAt,
          bathC: wet.value ? w.bathC : null,
          bathG: wet.value ? w.bathG : null,
        },
      }),
    )
    if (mine !== asked) return
    curves.value = answer
    shown.value = Math.min(shown.value, answer.length - 1)
    refused.value = ''
  } catch (problem) {
    if (mine === asked) refused.value = inTaste(words(problem), taste.value)
  }
}, 120)

watch(wish, () => void plan(), { deep: true })
/** As fluid as its bag says; another may be tried. */
watch(
  () => wish.value.couverture,
  (id) => (wish.value.fluidity = all.value.find((c) => c.id === id)?.bag?.fluidity ?? 'MEDIUM'),
)
watch(
  () => wish.value.method,
  () => (wish.value.share = null),
)
onMounted(async () => {
  await load()
  bare.value = !trouble.value && !couvertures.value.length
  if (couvertures.value.length && !couvertures.value.some((c) => c.id === wish.value.couverture)) {
    wish.value.couverture = couvertures.value[0]!.id
  }
  void plan()
})

const drawing = computed<CurveDrawing>(() => ({
  lines: curves.value.map((c, i) => ({
    name: c.words,
    timeS: c.path.timeS,
    celsius: c.path.temperatureC,
    beside: i !== shown.value,
  })),
  lane: curve.value && {
    timeS: curve.value.path.timeS,
    stable: curve.value.path.stablePercent,
    unstable: curve.value.path.unstablePercent,
  },
  window: curve.value && { low: curve.value.work.low, high: curve.value.work.high },
  phases: curve.value?.phases.map((p) => ({ words: p.words, startS: p.startS, endS: p.endS })),
}))
const spoken = computed(() =>
  curve.value
    ? t('{words}: ready after {ready}, {verdictWords}, window open {window}', {
        words: curve.value.words,
        ready: quantity(curve.value.ready.value, 'MINUTE', taste.value),
        verdictWords: curve.value.verdictWords,
        window: quantity(curve.value.window.value, 'MINUTE', taste.value),
      })
    : t('No curve yet'),
)

const beginning = ref(false)
const template = computed<Omit<BowlDraft, 'id' | 'simulated' | 'probe'>>(() => ({
  name: `${couvertures.value.find((c) => c.id === wish.value.couverture)?.name ?? t('Bowl')}`,
  couverture: wish.value.couverture,
  massG: wish.value.massG ?? 0,
  vessel: wish.value.vessel,
  method: wish.value.method,
  roomC: wish.value.roomC,
}))
</script>

<template>
  <div class="plan">
    <form v-if="!bare" class="wish" @submit.prevent>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-select
        :model-value="known(couvertures, wish.couverture)"
        :label="$t('Couverture')"
        :items="couvertures"
        item-title="name"
        item-value="id"
        @update:model-value="wish.couverture = $event"
      />
      <NumberField
        v-model="wish.massG"
        :label="$t('Mass to temper')"
        unit="GRAM"
        :refused="refused"
      />
      <v-select
        v-model="wish.method"
        :label="$t('Method')"
        :items="METHODS"
        item-title="words"
        item-value="id"
      />
      <v-select
        v-model="wish.beside"
        :label="$t('Beside it')"
        :items="[{ id: '', words: $t('nothing') }, ...METHODS.filter((m) => m.id !== wish.method)]"
        item-title="words"
        item-value="id"
      />
      <NumberField
        v-if="shareName && !wish.beside"
        v-model="wish.share"
        :label="$t('{shareName} (practice if empty)', { shareName })"
        unit="PERCENT"
      />
      <template v-if="wet">
        <NumberField
          v-model="wish.bathC"
          :label="$t('Cold bath (House rules if empty)')"
          unit="CELSIUS"
        />
        <NumberField
          v-model="wish.bathG"
          :label="$t('Water in it (House rules if empty)')"
          unit="GRAM"
        />
      </template>
      <MeltBy v-if="melts" v-model:kind="wish.meltBy" v-model:at="wish.meltAt" />
      <v-select
        v-model="wish.vessel"
        :label="$t('Vessel')"
        :items="VESSELS"
        item-title="words"
        item-value="id"
      />
      <v-select
        v-model="wish.fluidity"
        :label="$t('Fluidity')"
        :items="FLUIDITIES"
        item-title="words"
        item-value="id"
      />
      <RoomField v-model="wish.roomC" />
      <v-btn size="x-large" color="primary" :disabled="!curve" @click="beginning = true">{{
        $t('Begin this bowl')
      }}</v-btn>
    </form>

    <section v-if="bare" class="curve bare" :aria-label="$t('The curve')">
      <h1>{{ $t('No couverture yet') }}</h1>
      <p class="quiet mb-5">
        {{
          $t('A curve is worked out for a couverture. Write one in the Larder, or import files.')
        }}
      </p>
      <v-btn size="x-large" color="primary" to="/larder">{{ $t('To the Larder') }}</v-btn>
    </section>
    <section v-else class="curve" :aria-label="$t('The curve')">
      <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
      <template v-if="curve">
        <div
          v-if="curves.length > 1"
          class="which"
          role="group"
          :aria-label="$t('Which method is read')"
        >
          <button
            v-for="(c, i) in curves"
            :key="c.method"
            type="button"
            :aria-pressed="i === shown"
            @click="shown = i"
          >
            <b>{{ c.words }}</b>
            <span>{{
              $t('{ready}, hands on {handsOn}; {verdictWords}', {
                ready: quantity(c.ready.value, 'MINUTE', taste),
                handsOn: quantity(c.handsOn.value, 'MINUTE', taste),
                verdictWords: c.verdictWords,
              })
            }}</span>
          </button>
        </div>
        <h1 v-else>{{ curve.words }}: {{ curve.verdictWords }}</h1>
        <div class="picture">
          <CurveChart :drawing="drawing" :spoken="spoken" />
        </div>
        <div class="figures">
          <FigureString :figure="curve.ready" />
          <FigureString :figure="curve.handsOn" />
          <FigureString :figure="curve.window" />
          <FigureString :figure="curve.stable" />
          <FigureString :figure="curve.thickness" />
          <FigureString :figure="curve.pour" />
          <FigureString v-for="f in curve.solved" :key="f.name" :figure="f" />
        </div>
        <CurveSteps :curve="curve" />
      </template>
      <p v-else-if="!refused" class="quiet">{{ $t('Working it out …') }}</p>
      <TemperCalculator :couverture="wish.couverture" :mass-g="wish.massG" :vessel="wish.vessel" />
      <HardBowl :couverture="wish.couverture" :mass-g="wish.massG" :vessel="wish.vessel" />
    </section>

    <BeginBowl
      v-model="beginning"
      :template="template"
      @begun="(id) => router.push(`/temper/bowls/${id}`)"
    />
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  min-height: 0;
  overflow: hidden;
}
.wish {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 16px;
  border-right: 1px solid var(--p-line);
  overflow: auto;
}
.wish > * {
  flex: none;
}
.wish .v-btn {
  height: 68px !important;
  position: sticky;
  bottom: 0;
  z-index: 1;
}
/* Paler than before by colour: what scrolls beneath must not show through. */
.wish .v-btn--disabled {
  opacity: 1;
  background: var(--p-fog) !important;
}
.curve {
  overflow: auto;
  padding: 14px 20px 40px;
}
.bare {
  grid-column: 1 / -1;
}
.curve h1::first-letter {
  text-transform: uppercase;
}
.picture {
  height: 400px;
}
.which {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.which button {
  min-height: 56px;
  padding: 6px 14px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.which button span {
  display: block;
  color: var(--p-quiet);
}
.which button[aria-pressed='true'] {
  border-color: var(--p-still);
  border-width: 3px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 4px 18px;
  margin: 8px 0 18px;
}
@media (max-width: 1000px) {
  .plan {
    grid-template-columns: 1fr;
    overflow: auto;
  }
  .wish,
  .curve {
    overflow: visible;
  }
}
</style>
