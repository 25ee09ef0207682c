<script setup lang="ts">
import { allergenList } from '@/parts/kinds'
import { t } from '@/words'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import {
  api,
  ask,
  words,
  type BowlSummary,
  type Needs,
  type Fillings,
  type Method,
  type Piece,
} from '@/api/client'
import { useBatches } from '@/parts/batches'
import { newId } from '@/parts/once'
import { useHouse } from '@/parts/house'
import { useKeys } from '@/parts/keys'
import { quantity, sentence } from '@/parts/units'
import CouvertureFlow from './CouvertureFlow.vue'
import FillingNeed from './FillingNeed.vue'
import InclusionNeed from './InclusionNeed.vue'
import HowMany from './HowMany.vue'
import PieceSection from './PieceSection.vue'
import PieceTaste from './PieceTaste.vue'
import TemperNeed from './TemperNeed.vue'
import type { Tempered } from './tempered'

const props = defineProps<{ piece: Piece }>()
const emit = defineEmits<{ edit: []; copy: []; putAway: [] }>()
const router = useRouter()
const { begin } = useBatches()
const { taste } = useHouse()

/** In what it is counted besides pieces. */
const holder = computed(() =>
  'mould' in props.piece ? 'MOULD' : props.piece.kind === 'SHEET' ? 'SHEET' : null,
)
const FIRST = { MOULD: 4, SHEET: 2 }
const count = ref<number | null>(holder.value ? FIRST[holder.value] : 40)
const by = ref<'moulds' | 'pieces'>(holder.value ? 'moulds' : 'pieces')
const where = computed(() => {
  const { piece } = props
  if ('mould' in piece) {
    return t('{mould}, {cavitiesPerMould} a mould.', {
      mould: piece.mould,
      cavitiesPerMould: piece.cavitiesPerMould,
    })
  }
  return piece.kind === 'SHEET'
    ? t('{pieces} a sheet.', { pieces: quantity(piece.perSheet, 'PIECE', taste.value) })
    : ''
})
const method = ref<Method | null>(null)
/** Made with the batch, or standing ready from another day. */
const fillings = ref<Fillings>('MADE_WITH_IT')
/** A bowl that stands in temper, instead of one tempered for it. */
const bowl = ref<string | null>(null)
const bowls = ref<BowlSummary[]>([])
const needs = ref<Needs | null>(null)
const refused = ref('')
const busy = ref(false)
let asked = 0
/** One id for one press, however often it has to be sent. */
let order = newId()

const size = computed(() => ({ [by.value]: count.value ?? 0 }))

watch(
  [count, by, method, fillings, bowl],
  async () => {
    order = newId()
    // Counted first: an answer still on its way must not speak over what is typed now.
    const mine = ++asked
    if (count.value === null) {
      refused.value = t('How many? Type a whole number.')
      return
    }
    try {
      const answer = await ask(
        api.GET('/api/pieces/{id}/needs', {
          params: {
            path: { id: props.piece.id },
            query: {
              ...size.value,
              method: method.value ?? undefined,
              fillings: fillings.value,
              bowl: bowl.value ? 'IN_TEMPER' : 'TEMPERED_FOR_IT',
            },
          },
        }),
      )
      if (mine === asked) {
        needs.value = answer
        refused.value = ''
      }
    } catch (problem) {
      if (mine === asked) refused.value = words(problem)
    }
  },
  { immediate: true },
)

async function start() {
  if (busy.value || refused.value) return
  busy.value = true
  try {
    const batch = await begin({
      id: order,
      piece: props.piece.id,
      ...size.value,
      method: method.value ?? undefined,
      fillings: fillings.value,
      bowl: bowl.value ?? undefined,
    })
    await router.push(`/bench/${batch.summary.id}`)
  } catch (problem) {
    refused.value = words(problem)
  } finally {
    busy.value = false
  }
}

onMounted(async () => {
  try {
    const page = await ask(api.GET('/api/temper/bowls', { params: { query: { state: 'OPEN' } } }))
    bowls.value = page.items
  } catch {
    // Without the list a bowl is tempered for it, as ever.
    bowls.value = []
  }
})
const mine = computed(() => bowls.value.filter((b) => b.couverture === props.piece.couvertureId))

useKeys({ ' ': () => void start() })
</script>

<template>
  <article class="piece">
    <header>
      <h1>{{ piece.name }}</h1>
      <p class="quiet">
        {{ $t('{story} {where}', { story: piece.story, where }) }}
        <v-btn variant="text" @click="emit('edit')">{{ $t('Change it') }}</v-btn>
        <v-btn variant="text" @click="emit('copy')">{{ $t('Copy') }}</v-btn>
        <v-btn variant="text" @click="emit('putAway')">{{
          piece.archived ? $t('Bring back') : $t('Archive')
        }}</v-btn>
      </p>
    </header>

    <div class="top">
      <PieceSection :piece="piece" class="drawing" />
      <HowMany
        v-model:count="count"
        v-model:by="by"
        :needs="needs"
        :refused="refused"
        :holder="holder"
      />
    </div>

    <template v-if="needs">
      <p v-for="remark in needs.remarks" :key="remark.template" class="caution">
        {{ sentence(remark, taste) }}
      </p>
      <section v-if="needs.temper" class="columns" :class="{ old: refused }">
        <CouvertureFlow :needs="needs" :piece="piece" />
        <div>
          <v-select
            v-if="mine.length"
            v-model="bowl"
            :items="[
              { id: null, name: $t('tempered for this batch') },
              ...mine.map((b) => ({
                id: b.id,
                name: $t('{name}, in temper now', { name: b.name }),
              })),
            ]"
            item-value="id"
            item-title="name"
            :label="$t('Bowl')"
            hide-details
            class="mb-3"
          />
          <TemperNeed v-if="!bowl" v-model="method" :needs="needs as Tempered" />
          <p v-else class="quiet">
            {{
              $t('That bowl is tested on paper before it is cast; what is cast is taken out of it.')
            }}
          </p>
        </div>
      </section>
      <section class="columns" :class="{ old: refused }">
        <div v-if="needs.fillings.length" class="made" role="group" :aria-label="$t('Fillings')">
          <button
            v-for="[id, say] in [
              ['MADE_WITH_IT', $t('Make the filling too')],
              ['READY', $t('It stands ready')],
            ] as const"
            :key="id"
            type="button"
            :aria-pressed="fillings === id"
            @click="fillings = id"
          >
            {{ say }}
          </button>
        </div>
        <FillingNeed
          v-for="(filling, i) in needs.fillings"
          :key="`${i} ${filling.name}`"
          :filling="filling"
        />
        <InclusionNeed v-if="needs.inclusions.length" :inclusions="needs.inclusions" />
        <div class="fetch">
          <h2>{{ $t('To fetch from the larder') }}</h2>
          <table class="rows">
            <tbody>
              <tr v-for="line in needs.fetch" :key="line.ingredient">
                <td>{{ line.ingredient }}</td>
                <td class="right">{{ quantity(line.grams, 'GRAM', taste) }}</td>
              </tr>
              <tr v-for="colour in needs.colours" :key="colour.name">
                <td>{{ colour.name }}</td>
                <td class="right">{{ quantity(colour.value, 'GRAM', taste) }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="needs.life" :class="needs.keepCold ? 'caution mt-4' : 'quiet mt-4'">
            {{ sentence(needs.life, taste) }}
          </p>
          <p v-if="needs.allergens.length" class="caution mt-4">
            {{
              $t(
                'Contains {allergens}. Traces depend on your room; follow the local food authority’s rules for labels.',
                { allergens: allergenList(needs.allergens) },
              )
            }}
          </p>
        </div>
      </section>
    </template>

    <PieceTaste :id="piece.id" />

    <v-btn
      v-if="needs && !refused"
      size="x-large"
      variant="outlined"
      class="ready"
      :to="{ path: '/week/orders', query: { say: `${needs.pieces} ${piece.name}, ready ` } }"
      >{{ $t('Ready at …') }}</v-btn
    >

    <footer>
      <v-btn
        size="x-large"
        color="primary"
        class="begin"
        :loading="busy"
        :disabled="!needs || refused !== ''"
        :title="$t('Space')"
        @click="start"
      >
        {{ $t('Begin') }}
        <span v-if="needs && !refused" class="what">{{
          holder
            ? $t('{pieces} in {moulds}', {
                pieces: quantity(needs.pieces, 'PIECE', taste),
                moulds: quantity(needs.moulds, holder, taste),
              })
            : quantity(needs.pieces, 'PIECE', taste)
        }}</span>
      </v-btn>
    </footer>
  </article>
</template>

<style scoped>
.piece {
  overflow: auto;
  padding: 16px 26px 0;
  display: flex;
  flex-direction: column;
}
h1 {
  font-size: 2.5rem;
}
.top {
  display: grid;
  grid-template-columns: minmax(0, 1.35fr) minmax(300px, 1fr);
  gap: 26px;
  align-items: center;
}
.drawing {
  max-height: 300px;
}
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 22px 34px;
  margin: 14px 0;
}
.old {
  opacity: 0.45;
}
.made {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  max-width: 520px;
}
.made button {
  min-height: 56px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.made button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
  font-weight: 600;
}
.fetch h2 {
  margin-bottom: 6px;
}
footer {
  position: sticky;
  bottom: 0;
  /* Labels of fields below would lie over it. */
  z-index: 2;
  margin-top: auto;
  padding: 12px 0 16px;
  background: linear-gradient(transparent, var(--p-ground) 20%);
}
.ready {
  min-height: 64px;
  align-self: flex-start;
  margin: 18px 0;
}
.begin {
  width: 100%;
  height: 76px !important;
  font-size: 1.7rem;
}
.what {
  font-size: 1.15rem;
  font-weight: 400;
  margin-left: 18px;
}
@media (max-width: 1000px) {
  .top {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .sheet {
    padding: 12px 14px 30px;
  }
}
</style>
