<script setup lang="ts">
// What is to be read, on its string: the aim before, the value and what to do after.
import { t } from '@/words'
import { computed, ref } from 'vue'
import type { Step } from '@/api/client'
import { useHouse } from '@/parts/house'
import { bandStatusWords } from '@/parts/string'
import TautString from '@/parts/TautString.vue'
import { fromTaste, number, sentence, symbol, typed } from '@/parts/units'

const props = defineProps<{
  reading: NonNullable<Step['reading']>
  last: Step['notes'][number] | null
  busy: boolean
  /** The bowl beside says what to do: number, word and string are enough here. */
  told?: boolean
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ note: [] }>()
const { taste } = useHouse()

const field = ref<HTMLInputElement | null>(null)
const wrong = ref('')
const unit = computed(() => symbol(props.reading.unit, taste.value))
const shown = computed(() => props.last?.value ?? props.reading.target)

/** The typed number in the server's unit, or null with words why not. */
function read(): number | null {
  const value = typed(text.value)
  if (Number.isNaN(value)) {
    wrong.value =
      text.value.trim() === ''
        ? t('Type what you read, in {unit}.', { unit: unit.value })
        : t('“{text}” is not a number in {unit}.', { text: text.value.trim(), unit: unit.value })
    field.value?.focus()
    return null
  }
  wrong.value = ''
  return fromTaste(value, props.reading.unit, taste.value)
}

defineExpose({ read, focus: () => field.value?.focus() })
</script>

<template>
  <div class="reading" :class="last?.bandStatus.toLowerCase()">
    <div class="numbers">
      <p class="big num">
        {{ number(shown, reading.unit, taste) }}<small>{{ unit }}</small>
      </p>
      <p class="what">
        <b v-if="last" class="state">{{ bandStatusWords(last.bandStatus) }}</b>
        <b v-else class="aim">{{ $t('aim') }}</b>
        {{ reading.what }}
      </p>
      <label class="typing">
        <span>{{ $t('Read') }}<kbd>T</kbd></span>
        <span class="box"
          ><input
            ref="field"
            v-model="text"
            inputmode="decimal"
            autocomplete="off"
            :aria-label="`${reading.what}, ${unit}`"
            :aria-invalid="wrong !== ''"
            @keydown.enter.prevent="emit('note')"
            @keydown.esc="field?.blur()"
          /><i>{{ unit }}</i></span
        >
      </label>
    </div>
    <TautString
      :name="reading.what"
      :unit="reading.unit"
      :band="reading.band"
      :value="last?.value ?? null"
      :target="reading.target"
    />
    <p v-if="wrong" class="trouble" role="alert">{{ wrong }}</p>
    <p v-if="last && !told" class="advice" role="status">{{ sentence(last.advice, taste) }}</p>
  </div>
</template>

<style scoped>
.numbers {
  display: flex;
  align-items: center;
  gap: 22px;
}
.big {
  font-size: 4.4rem;
  font-weight: 600;
  line-height: 1.05;
  white-space: nowrap;
}
.big small {
  font-size: 2.1rem;
  font-weight: 400;
  margin-left: 4px;
}
.what {
  font-size: 1.1rem;
  color: var(--p-quiet);
  line-height: 1.2;
  flex: 1;
}
.what b {
  display: block;
  font-size: 1.5rem;
}
.aim {
  color: var(--p-true);
}
.in_band .big,
.in_band .state {
  color: var(--p-true);
}
.tight .big,
.tight .state {
  color: var(--p-tight);
}
.off .big,
.off .state {
  color: var(--p-off);
}
.typing {
  display: flex;
  align-items: center;
  gap: 10px;
  color: var(--p-quiet);
}
.typing kbd {
  font-family: inherit;
  margin-left: 6px;
  padding: 0 7px;
  border: 1px solid var(--p-line);
  border-radius: 4px;
}
.box {
  display: flex;
  align-items: center;
  border: 2px solid var(--p-still);
  border-radius: 8px;
  background: var(--p-ground);
}
.box:focus-within {
  border-color: rgb(var(--v-theme-primary));
}
input {
  width: 116px;
  height: 64px;
  padding: 0 4px 0 12px;
  font-size: 2rem;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
  text-align: right;
  color: rgb(var(--v-theme-on-background));
  outline: none;
}
i {
  padding: 0 12px 0 4px;
  font-style: normal;
  font-size: 1.2rem;
}
.advice {
  margin: 8px 0;
  padding: 12px 18px;
  border-radius: 8px;
  background: var(--p-fog);
  border-left: 6px solid currentColor;
  font-size: 1.7rem;
  line-height: 1.25;
}
.in_band .advice {
  border-color: var(--p-true);
}
.tight .advice {
  border-color: var(--p-tight);
}
.off .advice {
  border-color: var(--p-off);
}
@media (max-width: 700px) {
  .numbers {
    flex-wrap: wrap;
    gap: 6px 16px;
  }
  .big {
    font-size: 3.4rem;
  }
  .what {
    flex: 1 0 40%;
  }
  .typing kbd {
    display: none;
  }
  .advice {
    font-size: 1.25rem;
    padding: 10px 14px;
  }
}
</style>
