<script setup lang="ts">
// What a pot is called, what came of it, and what to do with what is left in it.
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { mdiClose } from '@mdi/js'
import { words } from '@/api/client'
import { useHouse } from '@/parts/house'
import { quantity } from '@/parts/units'
import { usePots } from './pots'
import { useRecipe } from './recipe'

const props = defineProps<{ pot: number; empty: boolean }>()
const { bench } = useRecipe()
const { taste } = useHouse()
const { nameOf, came, rename, drop, onlyUsed, ownFilling } = usePots()
const trouble = ref('')

const name = computed(() => bench.value.recipe.pots?.[props.pot] ?? '')
const of = computed(() => (props.pot === 0 ? null : came(props.pot)))
const grams = (g: number) => quantity(g, 'GRAM', taste.value)
/** What a scale would not show is not left. */
const left = computed(() => (of.value && of.value.leftG >= 0.5 ? of.value.leftG : 0))
const made = computed(() => (of.value ? of.value.takenG + of.value.leftG : 0))

async function attempt(what: () => Promise<void>) {
  try {
    await what()
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  }
}
/** Not in the books yet: the address of what it was taken out of is no longer its own. */
const router = useRouter()
async function own() {
  await ownFilling(props.pot)
  await router.push('/fillings/recipe')
}
</script>

<template>
  <header class="pot">
    <div class="row">
      <v-text-field
        :model-value="name"
        :placeholder="nameOf(pot)"
        persistent-placeholder
        :label="pot === 0 ? $t('The pot it comes out of') : $t('Pot {number}', { number: pot + 1 })"
        density="compact"
        maxlength="40"
        hide-details
        @update:model-value="rename(pot, $event)"
      />
      <v-btn
        v-if="pot !== 0 && empty"
        :icon="mdiClose"
        variant="text"
        :aria-label="$t('{pot} out', { pot: nameOf(pot) })"
        @click="drop(pot)"
      />
    </div>
    <p v-if="of && made > 0" class="came num">
      {{
        $t('{made} out of {weighed} weighed in, {share}', {
          made: grams(made),
          weighed: grams(of.weighedG),
          share: quantity((100 * made) / Math.max(of.weighedG, 0.1), 'PERCENT', taste),
        })
      }}
    </p>
    <template v-if="left">
      <p class="left" role="status">
        {{
          of!.takenG > 0
            ? $t('{left} left over, and paid for', { left: grams(left) })
            : $t('Nothing is taken out of it: {left} left over', { left: grams(left) })
        }}
      </p>
      <div class="ways">
        <v-btn variant="outlined" @click="attempt(onlyUsed)">{{
          $t('Make only what is used')
        }}</v-btn>
        <v-btn variant="outlined" @click="attempt(own)">{{ $t('A filling of its own') }}</v-btn>
      </div>
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </header>
</template>

<style scoped>
.pot {
  margin-bottom: 10px;
}
.row {
  display: flex;
  align-items: center;
  gap: 4px;
}
.came {
  margin: 6px 2px 0;
  color: var(--p-quiet);
}
.left {
  margin: 4px 2px 6px;
  color: var(--p-tight);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.ways .v-btn {
  min-height: 44px;
}
</style>
