<script setup lang="ts">
import { t } from '@/words'
import { when } from '@/words/locale'
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, words } from '@/api/client'
import ListInOut from '@/parts/ListInOut.vue'
import { newId } from '@/parts/once'
import type { Order, OrderRead } from './week'

const route = useRoute()
const orders = ref<Order[]>([])
const loaded = ref(false)
const trouble = ref('')
const said = ref(typeof route.query.say === 'string' ? route.query.say : '')
const name = ref('')
const read = ref<OrderRead | null>(null)

async function load() {
  try {
    orders.value = await ask(api.GET('/api/week/orders'))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    loaded.value = true
  }
}
onMounted(() => void load())

async function readIt() {
  try {
    read.value = await ask(api.POST('/api/week/orders/read', { body: { text: said.value } }))
    trouble.value = ''
  } catch (problem) {
    read.value = null
    trouble.value = words(problem)
  }
}
const whole = computed(
  () =>
    read.value != null &&
    read.value.lines.length > 0 &&
    read.value.unread.length === 0 &&
    !!read.value.due,
)

async function keep() {
  if (!read.value?.due) return
  await write(newId(), {
    name: name.value.trim() || t('Order'),
    due: read.value.due,
    lines: read.value.lines.map((l) => ({ piece: l.piece, pieces: l.pieces })),
  })
  if (!trouble.value) {
    said.value = ''
    name.value = ''
    read.value = null
  }
}

type Draft = Parameters<typeof write>[1]
async function write(
  id: string,
  body: {
    name: string
    due: string
    lines: { piece: string; pieces: number }[]
    done?: boolean
    version?: number
  },
) {
  try {
    await ask(api.PUT('/api/week/orders/{id}', { params: { path: { id } }, body }))
    trouble.value = ''
    await load()
  } catch (problem) {
    trouble.value = words(problem)
  }
}

function over(order: Order) {
  const body: Draft = {
    name: order.name,
    due: order.due,
    lines: order.lines.map((l) => ({ piece: l.piece, pieces: l.pieces })),
    done: true,
    version: order.version,
  }
  return write(order.id, body)
}

async function remove(order: Order) {
  try {
    await ask(api.DELETE('/api/week/orders/{id}', { params: { path: { id: order.id } } }))
    await load()
  } catch (problem) {
    trouble.value = words(problem)
  }
}
const moment = (at: string) =>
  when(at, {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <header class="head">
    <h1>{{ $t('Orders') }}</h1>
    <ListInOut list="orders" :what="$t('orders')" @taken="load" />
  </header>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <form class="say" @submit.prevent="readIt">
    <v-textarea
      v-model="said"
      :label="$t('What should be ready when')"
      :hint="$t('as: 240 Plum & bay, 12 herons, ready Saturday 9:00')"
      persistent-hint
      rows="2"
      auto-grow
      @update:model-value="read = null"
    />
    <v-text-field v-model="name" :label="$t('For')" hide-details />
    <v-btn
      v-if="!whole"
      type="submit"
      size="x-large"
      color="primary"
      :disabled="!said.trim()"
      data-main
      >{{ $t('Read it') }}</v-btn
    >
    <v-btn v-else size="x-large" color="primary" data-main @click="keep">{{ $t('Add') }}</v-btn>
  </form>
  <div v-if="read" role="status" class="read">
    <ul>
      <li v-for="(line, i) in read.lines" :key="i">
        {{ $t('{n} × {piece}', { n: line.pieces, piece: line.name }) }}
      </li>
    </ul>
    <p v-if="read.due">{{ $t('ready {at}', { at: moment(read.due) }) }}</p>
    <p v-else class="off">{{ $t('Ready when? Say a day, as Saturday 9:00.') }}</p>
    <p v-for="(part, i) in read.unread" :key="i" class="off">
      {{ $t('Not understood: {text}', { text: part.text }) }} ({{ part.why }})
    </p>
  </div>
  <p v-if="loaded && !orders.length && !trouble" class="quiet">
    {{ $t('Nothing is wanted yet.') }}
  </p>
  <article v-for="order in orders" :key="order.id" class="order">
    <div>
      <h3>{{ order.name }}</h3>
      <p>{{ $t('ready {at}', { at: moment(order.due) }) }}</p>
      <ul>
        <li v-for="(line, i) in order.lines" :key="i">
          {{ $t('{n} × {piece}', { n: line.pieces, piece: line.name }) }}
        </li>
      </ul>
    </div>
    <div class="acts">
      <v-btn size="large" variant="outlined" @click="over(order)">{{ $t('Done') }}</v-btn>
      <v-btn size="large" variant="text" @click="remove(order)">{{ $t('Remove') }}</v-btn>
    </div>
  </article>
</template>

<style scoped>
.head,
.order {
  display: flex;
  gap: 12px 24px;
  justify-content: space-between;
  align-items: flex-start;
  flex-wrap: wrap;
}
.order {
  padding: 14px 0;
  border-bottom: 1px solid var(--p-line);
}
.say {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 1fr) auto;
  gap: 14px;
  align-items: start;
  margin: 14px 0;
}
.say .v-btn {
  min-height: 64px;
}
.acts .v-btn {
  min-height: 56px;
}
.read {
  margin: 6px 0 18px;
}
.off {
  color: var(--p-off);
}
ul {
  padding-left: 1.2em;
}
@media (max-width: 700px) {
  .say {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
