<script setup lang="ts">
// Which batches cannot all be in time, and what would help. Asked for, since it takes its time.
import { asList } from '@/words/locale'
import { ref } from 'vue'
import { api, ask, words } from '@/api/client'
import { useHouse } from '@/parts/house'
import { sentence } from '@/parts/units'
import type { WeekClash } from './week'

const { taste } = useHouse()

const clash = ref<WeekClash | null>(null)
const asking = ref(false)
const trouble = ref('')

async function find() {
  asking.value = true
  try {
    clash.value = await ask(api.POST('/api/week/clash'))
    trouble.value = ''
  } catch (problem) {
    trouble.value = words(problem)
  } finally {
    asking.value = false
  }
}
</script>

<template>
  <div class="caution why">
    <v-btn v-if="!clash" size="large" variant="outlined" :loading="asking" @click="find">{{
      $t('Why not all in time?')
    }}</v-btn>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <template v-if="clash">
      <p v-if="clash.known">
        {{ $t('These cannot all be in time; without any one of them the others can:') }}
        <b>{{ asList(clash.runs) }}</b>
      </p>
      <p v-else>{{ $t('In the time there was it was not found out which ones clash.') }}</p>
      <template v-if="clash.frees.length">
        <p>{{ $t('What would help:') }}</p>
        <ul>
          <li v-for="free in clash.frees" :key="sentence(free, taste)">
            {{ sentence(free, taste) }}
          </li>
        </ul>
      </template>
    </template>
  </div>
</template>

<style scoped>
.why {
  margin: 14px 0;
}
.why .v-btn {
  min-height: 56px;
}
ul {
  padding-left: 1.2em;
}
</style>
