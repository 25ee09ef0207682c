<script setup lang="ts">
import { t } from '@/words'
import { computed, ref, watch } from 'vue'
import { api, ask, words, type BowlDraft } from '@/api/client'
import { newId } from '@/parts/once'
import { useHouse } from '@/parts/house'
import NumberField from '@/parts/NumberField.vue'
import { useLarder } from '@/parts/couvertures'
import { inTaste, number, quantity } from '@/parts/units'

const props = defineProps<{ template: Omit<BowlDraft, 'id' | 'simulated' | 'probe'> }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ begun: [id: string] }>()
const { house, taste } = useHouse()

const how = ref<'typed' | 'probe' | 'simulated'>('typed')
const name = ref('')
const probe = ref('')
const pace = ref<number | null>(20)
const startC = ref<number | null>(47)
const faults = ref(true)
const refused = ref('')
const busy = ref(false)
let id = ''
const { all } = useLarder()
const dark = computed(
  () => all.value.find((i) => i.id === props.template.couverture)?.couverture === 'DARK',
)
/** One bowl may be worked where the house does not. */
const darkWindow = ref<'LOW' | 'HIGH'>(house.value?.rules.darkWindow ?? 'LOW')
const between = (low: number, high: number) =>
  `${number(low, 'CELSIUS', taste.value)} – ${quantity(high, 'CELSIUS', taste.value)}`
const WINDOWS = computed(
  () =>
    [
      ['LOW', t('worked at {between}', { between: between(31, 32) })],
      ['HIGH', t('worked at {between}', { between: between(32, 34) })],
    ] as const,
)

watch(open, (now) => {
  if (!now) return
  name.value = props.template.name
  refused.value = ''
  id = newId()
})

async function begin() {
  busy.value = true
  try {
    const bowl = await ask(
      api.POST('/api/temper/bowls', {
        body: {
          ...props.template,
          id,
          name: name.value,
          darkWindow: dark.value ? darkWindow.value : null,
          probe: how.value === 'probe' ? probe.value : null,
          simulated:
            how.value === 'simulated'
              ? {
                  pace: pace.value ?? 1,
                  startC: startC.value ?? 47,
                  noiseK: faults.value ? 0.12 : 0.02,
                  dropouts: faults.value ? 0.04 : 0,
                  skin: faults.value ? 0.03 : 0,
                }
              : undefined,
        },
      }),
    )
    open.value = false
    emit('begun', bowl.summary.id)
  } catch (problem) {
    refused.value = inTaste(words(problem), taste.value)
  } finally {
    busy.value = false
  }
}
const CHOICES = [
  ['typed', t('I type what I read'), t('Stir, read in the middle, type it.')],
  ['probe', t('A probe sends it'), t('A thermometer that speaks to the workshop by itself.')],
  ['simulated', t('Simulated'), t('A bowl of our own model, with a probe that has its faults.')],
] as const
</script>

<template>
  <v-dialog v-model="open" max-width="640" :aria-label="$t('Begin a bowl')">
    <v-card class="begin">
      <h2>{{ $t('Begin a bowl') }}</h2>
      <form @submit.prevent="begin">
        <v-text-field v-model="name" :label="$t('Name')" />
        <div class="how" role="group" :aria-label="$t('Who reads it')">
          <button
            v-for="[value, title, why] in CHOICES"
            :key="value"
            type="button"
            :aria-pressed="how === value"
            @click="how = value"
          >
            <b>{{ title }}</b><span>{{ why }}</span>
          </button>
        </div>
        <div v-if="dark" class="windows" role="group" :aria-label="$t('Worked at')">
          <button
            v-for="[value, title] in WINDOWS"
            :key="value"
            type="button"
            :aria-pressed="darkWindow === value"
            @click="darkWindow = value"
          >
            {{ title }}
          </button>
        </div>
        <v-text-field v-if="how === 'probe'" v-model="probe" :label="$t('Name of the probe')" />
        <div v-if="how === 'simulated'" class="two">
          <NumberField v-model="pace" :label="$t('times faster than life, 1 to 60')" unit="ONE" />
          <NumberField v-model="startC" :label="$t('begins at')" unit="CELSIUS" />
          <v-checkbox
            v-model="faults"
            :label="$t('noise, dropouts and skin readings')"
            hide-details
          />
        </div>
        <p v-if="refused" class="trouble" role="alert">{{ refused }}</p>
        <div class="acts">
          <v-btn size="x-large" variant="outlined" @click="open = false">{{ $t('Cancel') }}</v-btn>
          <v-btn size="x-large" color="primary" type="submit" :loading="busy">{{
            $t('Begin')
          }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.begin {
  padding: 24px 28px;
}
form {
  display: grid;
  gap: 14px;
  margin-top: 14px;
}
.how {
  display: grid;
  gap: 8px;
}
.windows {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.windows button,
.how button {
  min-height: 56px;
  padding: 8px 16px;
  border: 1.5px solid var(--p-line);
  border-radius: 8px;
}
.windows button[aria-pressed='true'],
.how button[aria-pressed='true'] {
  background: var(--p-still);
  color: var(--p-ground);
}
.how span {
  display: block;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.acts {
  display: flex;
  justify-content: flex-end;
  gap: 12px;
}
</style>
