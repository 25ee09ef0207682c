<script setup lang="ts">
// Pans, tins and frames there are: how high so much stands in each, and what each wants.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { inTaste, quantity } from '@/parts/units'
import { t } from '@/words'
import RemarkList from '@/stations/shells/RemarkList.vue'
import { useAnswer } from '@/stations/shells/useAnswer'

const props = defineProps<{ filling: string | null; heightMm: number | null }>()
const { taste } = useHouse()
const MOST = 12

interface OwnPan {
  name: string
  lengthMm: number | null
  /** Nothing of a round one. */
  widthMm: number | null
  depthMm: number | null
}

/** What the workshop has, kept in the browser: it is the same pan tomorrow. */
const own = useStorage('palintone.coats.pans', {
  massG: 500 as number | null,
  pans: [] as OwnPan[],
})
const add = () =>
  own.value.pans.push({
    name: t('Pan {n}', { n: own.value.pans.length + 1 }),
    lengthMm: 200,
    widthMm: 200,
    depthMm: 30,
  })

const { answer, refused } = useAnswer(
  [own, () => ({ ...props })],
  () => {
    const { massG, pans } = own.value
    if (massG === null || props.heightMm === null) return null
    const whole = pans.flatMap(({ name, lengthMm, widthMm, depthMm }) =>
      name.trim() && lengthMm !== null && depthMm !== null
        ? [{ name, lengthMm, widthMm, depthMm }]
        : [],
    )
    return whole.length < pans.length
      ? null
      : ask(
          api.POST('/api/coats/pans', {
            body: { filling: props.filling, massG, heightMm: props.heightMm, pans: whole },
          }),
        )
  },
  computed(() => own.value.pans.length === 0),
)
const mm = (value: number) => quantity(value, 'MILLIMETRE', taste.value)
const grams = (value: number) => quantity(value, 'GRAM', taste.value)
</script>

<template>
  <section class="pans" :aria-label="$t('Which pan')">
    <h2>{{ $t('Which pan') }}</h2>
    <p class="quiet">
      {{
        $t('So much of it, in what there is: how high it stands, and what the height above wants.')
      }}
    </p>
    <NumberField v-if="own.pans.length" v-model="own.massG" :label="$t('There is')" unit="GRAM" />
    <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
    <RemarkList v-if="answer" :remarks="answer.remarks" />
    <fieldset
      v-for="(pan, i) in own.pans"
      :key="i"
      :class="{ best: answer?.nearest === i }"
      :aria-label="pan.name"
    >
      <v-text-field v-model="pan.name" :label="$t('Called')" maxlength="60" hide-details />
      <NumberField v-model="pan.lengthMm" :label="$t('Length')" unit="MILLIMETRE" />
      <NumberField v-model="pan.widthMm" :label="$t('Width, none if round')" unit="MILLIMETRE" />
      <NumberField v-model="pan.depthMm" :label="$t('Depth')" unit="MILLIMETRE" />
      <p v-if="answer?.pans[i]" class="says">
        <b v-if="answer.pans[i].runsOver">{{ $t('Runs over.') }}</b>
        <b v-else>{{ $t('{high} high.', { high: mm(answer.pans[i].height.value) }) }}</b>
        {{
          answer.pans[i].wants
            ? $t('{height} want {mass}.', {
                height: mm(heightMm ?? 0),
                mass: grams(answer.pans[i].wants.value),
              })
            : $t('Not so deep as {height}.', { height: mm(heightMm ?? 0) })
        }}
        <b v-if="answer.nearest === i">{{ $t('Take this one.') }}</b>
      </p>
      <v-btn variant="text" @click="own.pans.splice(i, 1)">{{ $t('Remove') }}</v-btn>
    </fieldset>
    <v-btn v-if="own.pans.length < MOST" variant="outlined" size="large" @click="add">{{
      $t('Add a pan')
    }}</v-btn>
  </section>
</template>

<style scoped>
.pans {
  margin-top: 24px;
}
.quiet {
  margin-bottom: 14px;
}
fieldset {
  display: grid;
  grid-template-columns: 1.4fr repeat(3, 1fr) auto;
  gap: 8px;
  align-items: center;
  border: 0;
  border-left: 4px solid transparent;
  padding: 6px 0 6px 10px;
  margin: 8px 0 0;
}
fieldset.best {
  border-left-color: var(--p-true);
}
.says {
  grid-column: 1 / -1;
  grid-row: 2;
  font-size: 1.15rem;
}
@media (max-width: 900px) {
  fieldset {
    grid-template-columns: 1fr 1fr;
  }
  .says {
    grid-row: auto;
  }
}
</style>
