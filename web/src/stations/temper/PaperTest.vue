<script setup lang="ts">
// A smear on paper, with a clock; the verdict corrects what is believed of the bowl.
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { BowlEventKind } from '@/api/client'
import { clock } from '@/parts/units'

const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ verdict: [kind: BowlEventKind, amount: number] }>()
const GOOD_S = 120
const began = ref(0)
const now = ref(0)
let ticking: ReturnType<typeof setInterval> | undefined

const ran = computed(() => (began.value ? (now.value - began.value) / 1000 : 0))
watch(open, (is) => {
  began.value = 0
  clearInterval(ticking)
  if (is) ticking = setInterval(() => (now.value = Date.now()), 200)
})
onBeforeUnmount(() => clearInterval(ticking))

function start() {
  began.value = Date.now()
  now.value = began.value
}
function say(kind: BowlEventKind) {
  emit('verdict', kind, Math.max(5, Math.round(ran.value)))
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" persistent :aria-label="$t('Paper test')">
    <v-card class="paper">
      <h2>{{ $t('Paper test') }}</h2>
      <template v-if="!began">
        <p>
          {{
            $t(
              'Stir. Smear a little on paper or a knife tip, lay it down at room temperature, and press.',
            )
          }}
        </p>
        <v-btn size="x-large" color="primary" block autofocus @click="start">{{
          $t('Smeared now')
        }}</v-btn>
      </template>
      <template v-else>
        <p class="ran" :class="{ late: ran > GOOD_S }">{{ clock(ran) }}</p>
        <p>
          {{
            ran > GOOD_S
              ? $t('More than two minutes: not enough seed.')
              : $t('Touch the edge. Even, no tack, no streaks: it has set.')
          }}
        </p>
        <v-btn size="x-large" color="primary" block :disabled="ran < 5" @click="say('PAPER_SET')">{{
          $t('It has set')
        }}</v-btn>
        <v-btn
          size="x-large"
          variant="outlined"
          block
          :disabled="ran < 5"
          @click="say('PAPER_NOT_SET')"
          >{{ $t('Not set, given up') }}</v-btn
        >
      </template>
      <v-btn size="large" variant="text" block @click="open = false">{{ $t('Cancel') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.paper {
  padding: 24px 28px;
  display: grid;
  gap: 14px;
}
.ran {
  font-size: 5rem;
  font-weight: 600;
  text-align: center;
  font-variant-numeric: tabular-nums;
  color: var(--p-true);
}
.ran.late {
  color: var(--p-off);
}
.v-btn {
  min-height: 60px;
}
</style>
