<script setup lang="ts">
// Count down until the mould lets go, then tick what stuck and what broke; the answer teaches.
import { once } from '@/parts/once'
import { useNow, useStorage } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, words } from '@/api/client'
import type { components } from '@/api/schema'
import { counted, t } from '@/words'
import { when } from '@/words/locale'
import FigureString from '@/parts/FigureString.vue'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { clock, inTaste, number, quantity } from '@/parts/units'
import NothingYet from './NothingYet.vue'
import CastFields from './CastFields.vue'
import MouldTicks from './MouldTicks.vue'
import RemarkList from './RemarkList.vue'
import { request, useCasting } from './order'
import { useAnswer } from './useAnswer'

type Found = components['schemas']['DemouldView']
const casting = useCasting()
const blank = computed(() => !casting.value.couverture || !casting.value.mould)
const { house, taste } = useHouse()
const cold = useStorage('palintone.shells.demould', {
  airC: null as number | null,
  moulds: 4 as number | null,
  capped: false,
  capMm: 2 as number | null,
  /** When the countdown was started, ms; nothing while none runs. */
  since: null as number | null,
})
/** What was ticked and typed outlives a reload; of another mould it says nothing. */
const found = useStorage('palintone.shells.found', {
  mould: '',
  marks: {} as Record<number, 'stuck' | 'broken'>,
  minutes: null as number | null,
  note: '',
})
const empty = (mould: string) => ({ mould, marks: {}, minutes: null, note: '' })
watch(
  () => casting.value.mould,
  (mould) => {
    if (mould && mould !== found.value.mould) found.value = empty(mould)
  },
  { immediate: true },
)
const busy = ref(false)
const now = useNow({ interval: 1000 })

function body() {
  const cast = request(casting.value)
  if (!cast) return null
  const of = (mark: string) =>
    Object.keys(found.value.marks)
      .map(Number)
      .filter((n) => found.value.marks[n] === mark)
  return {
    cold: {
      cast,
      movedMin: null,
      airC: cold.value.airC,
      metresPerS: null,
      moulds: cold.value.moulds,
      shelves: null,
      coolingW: null,
      opening: null,
    },
    capMm: cold.value.capped ? cold.value.capMm : null,
    coldMin: found.value.minutes,
    stuck: of('stuck'),
    broken: of('broken'),
    note: found.value.note,
    notedAt: null,
  }
}
const { answer, refused, look } = useAnswer<Found>([casting, cold], () => {
  const asked = body()
  return asked
    ? ask(
        api.POST('/api/shells/demoulded', {
          body: { ...asked, coldMin: null, stuck: [], broken: [], note: null },
        }),
      )
    : null
})
const gone = computed(() =>
  cold.value.since === null ? null : Math.max(0, (now.value.getTime() - cold.value.since) / 1000),
)
/** Until the first of them let go; below nothing, they should have. */
const left = computed(() =>
  gone.value === null || !answer.value?.letsGo ? null : answer.value.letsGo.value * 60 - gone.value,
)
const head = computed(() => {
  const lets = answer.value?.letsGo
  if (!lets) return t('It does not let go by itself')
  if (left.value === null)
    return t('Lets go after {from} to {until} in the cold', {
      from: quantity(lets.value, 'MINUTE', taste.value),
      until: quantity(lets.high ?? lets.value, 'MINUTE', taste.value),
    })
  return left.value > 0
    ? t('Another {left} in the cold', { left: clock(left.value) })
    : t('Look now: loose ones look light from below')
})
/** Sent from the Bench with its piece: how it was cast stands there already. */
const route = useRoute()
onMounted(async () => {
  const { piece: id, min } = route.query
  if (typeof id !== 'string') return
  try {
    const piece = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }))
    if (piece.kind !== 'MOULDED') return
    Object.assign(casting.value, {
      couverture: piece.couvertureId,
      mould: piece.mouldId,
      asked: 'MEAN',
      meanMm: piece.shellMm,
    })
    Object.assign(cold.value, { capped: true, capMm: piece.headRoomMm })
    if (found.value.mould !== piece.mouldId) found.value = empty(piece.mouldId)
    found.value.minutes = Number(min) || null
  } catch (problem) {
    refused.value = words(problem)
  }
})
function start() {
  cold.value.since = Date.now()
  found.value.minutes = null
}
function out() {
  found.value.minutes = Math.round((gone.value ?? 0) / 6) / 10
  cold.value.since = null
}
const keepOnce = once()
async function keep() {
  const asked = body()
  if (!asked || busy.value) return
  busy.value = true
  try {
    answer.value = await keepOnce(asked, (id) =>
      ask(api.POST('/api/shells/demouldings', { body: { ...asked, id } })),
    )
    found.value = empty(casting.value.mould)
    refused.value = ''
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}
async function takeBack(id: string) {
  try {
    await ask(api.DELETE('/api/shells/demouldings/{id}', { params: { path: { id } } }))
    await look()
  } catch (problem) {
    refused.value = words(problem)
  }
}
const by = (value: number) => number(Math.round(value * 100) / 100, 'ONE', taste.value)
const came = (row: Found['found'][number]) =>
  t('{out} of {all}', { out: row.cavities - row.stuck.length, all: row.cavities })
</script>

<template>
  <div class="tool">
    <form class="ask" @submit.prevent="keep">
      <NumberField
        v-model="cold.airC"
        :label="
          $t('Cabinet (House rules: {cabinetC})', {
            cabinetC: quantity(house?.rules.cabinets[0]?.temperatureC ?? 12, 'CELSIUS', taste),
          })
        "
        unit="CELSIUS"
      />
      <NumberField v-model="cold.moulds" :label="$t('Moulds in it at once')" unit="ONE" />
      <v-switch v-model="cold.capped" :label="$t('Filled and capped')" color="primary" />
      <NumberField
        v-if="cold.capped"
        v-model="cold.capMm"
        :label="$t('Cap thickness')"
        unit="MILLIMETRE"
      />
      <h3 class="mt-2">{{ $t('How it was cast') }}</h3>
      <CastFields />
    </form>
    <section class="answer" :aria-label="$t('Demould')">
      <p v-if="refused" class="trouble" role="alert">{{ inTaste(refused, taste) }}</p>
      <NothingYet v-if="blank" />
      <template v-if="answer">
        <h1>{{ head }}</h1>
        <div class="acts">
          <v-btn v-if="cold.since === null" size="x-large" color="primary" @click="start">{{
            $t('Into the cold now')
          }}</v-btn>
          <template v-else>
            <span class="gone">{{ $t('{gone} in the cold', { gone: clock(gone ?? 0) }) }}</span>
            <v-btn size="x-large" color="primary" @click="out">{{ $t('Out of the cold') }}</v-btn>
          </template>
        </div>
        <RemarkList :remarks="answer.says" />
        <FigureString v-if="answer.letsGo" :figure="answer.letsGo" />
        <h2 class="mt-4">{{ $t('What came out') }}</h2>
        <p>
          {{
            $t(
              'Twist, turn it over onto a soft cloth, gloves on. Press a cavity once if it stuck, twice if it broke.',
            )
          }}
        </p>
        <MouldTicks v-model="found.marks" :cavities="answer.cavities" :rows="answer.rows" />
        <div class="kept">
          <NumberField v-model="found.minutes" :label="$t('Was in the cold')" unit="MINUTE" />
          <v-text-field v-model="found.note" :label="$t('Remark')" maxlength="400" />
          <v-btn
            size="x-large"
            color="primary"
            :loading="busy"
            :disabled="found.minutes === null"
            @click="keep"
            >{{ $t('Save') }}</v-btn
          >
        </div>
        <h2 class="mt-4">{{ $t('Turned out') }}</h2>
        <p v-if="answer.found.length" class="quiet">
          {{
            $t(
              'Against the model it takes {factor} times as long ({low} to {high}, eight times in ten).',
              {
                factor: by(answer.factor),
                low: by(answer.low),
                high: by(answer.high),
              },
            )
          }}
          {{ counted('From {n} mould. | From {n} moulds.', answer.found.length) }}
        </p>
        <p v-else class="quiet">
          {{ $t('By the model alone: tick the first mould, and it learns.') }}
        </p>
        <table v-if="answer.found.length" class="rows">
          <thead>
            <tr>
              <th>{{ $t('When') }}</th>
              <th class="right">{{ $t('In the cold') }}</th>
              <th class="right">{{ $t('Foretold') }}</th>
              <th class="right">{{ $t('Came out') }}</th>
              <th class="right">{{ $t('Broken') }}</th>
              <th>{{ $t('Remark') }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in answer.found" :key="row.id">
              <td>{{ when(row.notedAt, { day: 'numeric', month: 'short' }) }}</td>
              <td class="right">{{ quantity(row.coldMin, 'MINUTE', taste) }}</td>
              <td class="right">{{ quantity(row.foretoldMin, 'MINUTE', taste) }}</td>
              <td class="right">
                <b>{{ came(row) }}</b>
              </td>
              <td class="right">{{ row.broken.length }}</td>
              <td class="said">{{ row.note }}</td>
              <td>
                <v-btn variant="text" @click="takeBack(row.id)">{{ $t('Take back') }}</v-btn>
              </td>
            </tr>
          </tbody>
        </table>
      </template>
    </section>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
  margin: 12px 0;
}
.gone {
  font-size: 1.6rem;
  font-variant-numeric: tabular-nums;
}
.kept {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 16px 0;
}
.kept > * {
  flex: 1 1 200px;
}
</style>
