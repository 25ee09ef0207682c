<script setup lang="ts">
// What one nut or berry weighs, offered; and how many a weight comes to.
import { computed } from 'vue'
import type { IngredientName } from '@/api/client'
import { useHouse } from '@/parts/house'
import { number, quantity } from '@/parts/units'

const props = defineProps<{ ingredient: string; larder: IngredientName[] }>()
const each = defineModel<number | null>({ required: true })
const { taste } = useHouse()

const one = computed(() => props.larder.find((i) => i.id === props.ingredient)?.pieceG ?? null)
const many = computed(() => (one.value && each.value ? each.value / one.value : null))
</script>

<template>
  <v-btn v-if="one && each === null" variant="text" size="large" @click="each = one">{{
    $t('One weighs about {one}: take it', { one: quantity(one, 'GRAM', taste) })
  }}</v-btn>
  <p v-else-if="many" class="quiet many">
    {{
      $t('About {many} of {one}.', {
        many: number(many, 'ONE', taste),
        one: quantity(one!, 'GRAM', taste),
      })
    }}
  </p>
</template>

<style scoped>
.v-btn {
  min-height: 56px;
}
.many {
  align-self: center;
  margin: 0;
}
</style>
