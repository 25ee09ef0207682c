<script setup lang="ts">
// Another piece of the books beside the one that is being written: weights and strings, line by line.
import { computed, ref, watch } from 'vue'
import { api, ask, words, type Piece } from '@/api/client'
import { useHouse } from '@/parts/house'
import { useTurn } from '@/parts/turn'
import { quantity } from '@/parts/units'
import PieceSection from './PieceSection.vue'

const props = defineProps<{ mine: Piece; own?: string }>()
const { taste } = useHouse()
const pieces = ref<{ id: string; name: string }[]>([])
const chosen = ref<string | null>(null)
const other = ref<Piece | null>(null)
const trouble = ref('')
const part = ref('')

const turn = useTurn()
watch(
  part,
  async (find) => {
    const current = turn()
    try {
      const query = { find: find ?? '', size: 50 }
      const page = await ask(api.GET('/api/pieces', { params: { query } }))
      if (current()) pieces.value = page.items.filter((p) => p.id !== props.own)
    } catch (problem) {
      if (current()) trouble.value = words(problem)
    }
  },
  { immediate: true },
)
watch(chosen, async (id) => {
  other.value = null
  if (!id) return
  try {
    other.value = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
})

const MARK = { TRUE: '', TIGHT: '▲ ', OFF: '✕ ', '': '' } as const
function said(piece: Piece, name: string): string {
  const figure = [piece.whole, ...piece.parts, ...(piece.qualities?.figures ?? [])].find(
    (f) => f.name === name,
  )
  if (!figure) return '–'
  const mark = MARK[(figure.bandStatus ?? '') as keyof typeof MARK] ?? ''
  return mark + quantity(figure.value, figure.unit, taste.value)
}
const rows = computed(() => {
  if (!other.value) return []
  const names = [props.mine, other.value].flatMap((p) =>
    [p.whole, ...p.parts, ...(p.qualities?.figures ?? [])].map((f) => f.name),
  )
  return [...new Set(names)].map((name) => ({
    name,
    mine: said(props.mine, name),
    theirs: said(other.value!, name),
  }))
})
</script>

<template>
  <div class="beside">
    <v-autocomplete
      v-model="chosen"
      v-model:search="part"
      :items="pieces"
      item-title="name"
      item-value="id"
      :label="$t('Compare with a piece of the books')"
      clearable
      hide-details
      no-filter
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <template v-if="other">
      <PieceSection :piece="other" />
      <table class="rows">
        <thead>
          <tr>
            <th></th>
            <th class="right">{{ $t('this one') }}</th>
            <th class="right">{{ other.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name">
            <td>{{ row.name }}</td>
            <td class="right num">{{ row.mine }}</td>
            <td class="right num">{{ row.theirs }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped>
.beside {
  margin-top: 16px;
  display: grid;
  gap: 10px;
}
</style>
