<script setup lang="ts">
// How many pieces the recipe fills: those that hold it, or else every mould with a usual shell.
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import { useTurn } from '@/parts/turn'
import { request, useRecipe, whole } from './recipe'

/** Said below and asked for: the same number. */
const SHELL_MM = 1.6
const props = defineProps<{ yieldG: number }>()
const { bench } = useRecipe()
const { taste } = useHouse()
const held = ref<{ name: string; pieces?: number | null }[]>([])
const rooms = ref<{ name: string; pieces: number; cavities: number }[]>([])

const turn = useTurn()
const look = useDebounceFn(async () => {
  const current = turn()
  const { id, number, recipe } = bench.value
  try {
    const pieces = number
      ? await ask(
          api.GET('/api/pieces/holding', {
            params: { query: { filling: id, grams: props.yieldG } },
          }),
        )
      : []
    const moulds =
      pieces.length || !whole(recipe)
        ? []
        : await ask(
            api.POST('/api/pieces/rooms', {
              body: { on: request(bench.value), shellMm: SHELL_MM },
            }),
          )
    if (!current()) return
    held.value = pieces
    rooms.value = moulds
  } catch {
    if (!current()) return
    // What is wrong with the recipe is said where it stands.
    held.value = []
    rooms.value = []
  }
}, 250)
watch([() => props.yieldG, () => bench.value.id], () => void look(), { immediate: true })
const grams = computed(() => quantity(props.yieldG, 'GRAM', taste.value))
</script>

<template>
  <div class="fills">
    <i18n-t
      v-for="f in held"
      :key="f.name"
      tag="p"
      scope="global"
      keypath="{grams} fill {pieces} of {name}."
    >
      <template #grams>
        {{ grams }}
      </template>
      <template #pieces>
        <b>{{ quantity(f.pieces ?? 0, 'PIECE', taste) }}</b>
      </template>
      <template #name>
        {{ f.name }}
      </template>
    </i18n-t>
    <template v-if="rooms.length">
      <p>
        {{
          $t('{grams} fill, with a shell of {shellMm}:', {
            grams,
            shellMm: quantity(SHELL_MM, 'MILLIMETRE', taste),
          })
        }}
      </p>
      <ul>
        <li v-for="r in rooms" :key="r.name">
          <i18n-t scope="global" keypath="{pieces} in {name} ({cavities} a mould)">
            <template #pieces>
              <b>{{ r.pieces }}</b>
            </template>
            <template #name>
              {{ r.name }}
            </template>
            <template #cavities>
              {{ r.cavities }}
            </template>
          </i18n-t>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.fills {
  margin-top: 10px;
}
ul {
  padding-left: 20px;
}
</style>
