<script setup lang="ts">
// From an empty house to the first batch: a few cards, in any order, each to be skipped.
import { t } from '@/words'
import { computed, onMounted, ref } from 'vue'
import { api, ask, words, type SampleOffer } from '@/api/client'
import { useHouse } from '@/parts/house'
import { CARDS, useFirstSteps } from './firstSteps'

const { house, houses, otherDoor } = useHouse()
const { counts, skipped, skip, load, trouble } = useFirstSteps()
const offers = ref<SampleOffer[]>([])
const taking = ref('')
const took = ref('')

onMounted(async () => {
  await load()
  try {
    offers.value = await ask(api.GET('/api/sample'))
  } catch {
    // Without a sample everything can still be written.
    offers.value = []
  }
})

const done = (id: string) => counts.value[id] !== undefined && counts.value[id]! > 0
const next = computed(() =>
  CARDS.find((card) => !done(card.id) && !skipped.value.includes(card.id)),
)
const offered = (kind?: SampleOffer['kind']) =>
  kind ? offers.value.filter((o) => o.kind === kind && !o.here) : []

async function take(kind: SampleOffer['kind'], ids: string[]) {
  taking.value = kind
  took.value = ''
  try {
    const answer = await ask(api.POST('/api/sample/take', { body: { kind, ids } }))
    took.value = t('{taken} taken over from the sample workshop.', { taken: answer.taken })
    await load()
    offers.value = await ask(api.GET('/api/sample'))
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    taking.value = ''
  }
}
</script>

<template>
  <section class="sheet">
    <h1>{{ house?.rules.name ?? $t('Your workshop') }}</h1>
    <p class="lead">
      {{
        next
          ? $t(
              'A few cards and you stand at the Bench. Skip what can wait; everything stays where you left it.',
            )
          : $t('All is here that a first batch wants.')
      }}
    </p>
    <p v-if="houses" class="sample">
      {{
        houses.here === 'SAMPLE'
          ? $t('This is the sample workshop.')
          : $t('This is your own workshop.')
      }}
      <v-btn
        v-if="otherDoor()"
        size="large"
        variant="outlined"
        :href="houses.here === 'SAMPLE' ? `${otherDoor()}begin` : otherDoor()!"
        >{{
          houses.here === 'SAMPLE' ? $t('To your own workshop') : $t('To the sample workshop')
        }}</v-btn
      >
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="took" role="status">{{ took }}</p>
    <ol>
      <li
        v-for="(card, i) in CARDS"
        :key="card.id"
        :class="{ here: card.id === next?.id, done: done(card.id) }"
      >
        <span class="place num" aria-hidden="true">{{ done(card.id) ? '✓' : i + 1 }}</span>
        <div>
          <h2>{{ card.title }}</h2>
          <p class="quiet">{{ card.why }}</p>
          <p v-if="done(card.id)" class="have">
            {{ card.have(counts[card.id]!) }}
          </p>
        </div>
        <div class="acts">
          <v-btn
            size="x-large"
            :color="card.id === next?.id ? 'primary' : undefined"
            :variant="card.id === next?.id ? 'flat' : 'outlined'"
            :to="card.to"
            >{{ card.act }}</v-btn
          >
          <v-btn
            v-if="card.sample && card.all && offered(card.sample).length"
            size="large"
            variant="outlined"
            :loading="taking === card.sample"
            @click="take(card.sample, [])"
            >{{ card.all(offered(card.sample).length) }}</v-btn
          >
          <v-menu v-else-if="card.sample && offered(card.sample).length">
            <template #activator="{ props: menu }">
              <v-btn
                v-bind="menu"
                size="large"
                variant="outlined"
                :loading="taking === card.sample"
                >{{ $t('Take one over') }}</v-btn
              >
            </template>
            <v-list>
              <v-list-item
                v-for="offer in offered(card.sample)"
                :key="offer.id"
                :title="offer.name"
                min-height="56"
                @click="take(offer.kind, [offer.id])"
              />
            </v-list>
          </v-menu>
          <v-btn
            v-if="!done(card.id) && !skipped.includes(card.id)"
            size="large"
            variant="text"
            @click="skip(card.id)"
            >{{ $t('Skip') }}</v-btn
          >
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.sample {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 14px;
  margin-bottom: 14px;
}
.lead {
  font-size: 1.2rem;
  margin: 4px 0 16px;
}
ol {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 10px;
  max-width: 1060px;
}
li {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  padding: 12px 16px;
  border: 1px solid var(--p-line);
  border-radius: 8px;
}
li.here {
  border: 2px solid var(--p-still);
  background: var(--p-fog);
}
.place {
  font-family: var(--p-serif);
  font-size: 2rem;
  text-align: center;
}
.done .place,
.have {
  color: var(--p-true);
}
.have {
  font-weight: 600;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
}
.acts .v-btn {
  height: 56px !important;
}
@media (max-width: 1000px) {
  li {
    grid-template-columns: 40px minmax(0, 1fr);
  }
  .acts {
    grid-column: 1 / -1;
    justify-content: flex-start;
  }
}
</style>
