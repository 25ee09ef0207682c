<script setup lang="ts">
import { HOURS, when } from '@/words/locale'
import { t } from '@/words'
import { computed, onMounted, ref } from 'vue'
import { useBatches } from '@/parts/batches'
import RoomReading from '@/parts/RoomReading.vue'
import { useHouse } from '@/parts/house'
import TwoHouses from '@/parts/TwoHouses.vue'
import { longAgo } from '@/parts/ago'
import { quantity } from '@/parts/units'

const { house, houses, taste, trouble, lookNextDoor } = useHouse()
const choosing = ref(false)
onMounted(lookNextDoor)
const { now } = useBatches()
const time = computed(() => when(now.value, HOURS))
const reading = ref(false)
/** When the room was read, and whether that is too long ago to compute with. */
const readAt = computed(() => {
  const at = house.value?.roomReadAt
  return at
    ? t('read {longAgo}', { longAgo: longAgo(new Date(at).getTime(), now.value) })
    : t('not read yet')
})
const degrees = (value: number) => quantity(value, 'CELSIUS', taste.value)
</script>

<template>
  <header class="strip" :aria-label="$t('Room')">
    <template v-if="house">
      <button type="button" class="name" :title="$t('The two houses')" @click="choosing = true">
        {{ house.rules.name
        }}<small v-if="houses?.here === 'SAMPLE'" class="sample">{{ $t('sample') }}</small>
      </button>
      <TwoHouses v-model="choosing" />
      <button
        type="button"
        class="air"
        :title="$t('Note the room’s readings')"
        @click="reading = true"
      >
        <span class="numbers">
          <i18n-t tag="span" scope="global" keypath="room {temperature}">
            <template #temperature>
              <b>{{ degrees(house.rules.roomTemperatureC) }}</b>
            </template>
          </i18n-t>
          <i18n-t tag="span" scope="global" keypath="humidity {percent}">
            <template #percent>
              <b>{{ quantity(house.rules.humidityPercent, 'PERCENT', taste) }}</b>
            </template>
          </i18n-t>
          <i18n-t tag="span" scope="global" keypath="dew point {temperature}">
            <template #temperature>
              <b>{{ degrees(house.dewPoint.value) }}</b>
            </template>
          </i18n-t>
          <span v-for="cold in house.rules.cabinets" :key="cold.name"
            >{{ cold.name.toLowerCase() }} <b>{{ degrees(cold.temperatureC) }}</b></span
          >
        </span>
        <span class="read" :class="{ old: house.roomIsOld }">{{
          house.roomIsOld ? $t('{readAt}: note it', { readAt }) : readAt
        }}</span>
      </button>
      <RoomReading v-model="reading" />
    </template>
    <span v-else class="quiet">{{ trouble || $t('Reading the room …') }}</span>
    <time class="num now">{{ time }}</time>
  </header>
</template>

<style scoped>
.strip {
  grid-area: strip;
  display: flex;
  align-items: center;
  gap: 22px;
  padding: 0 24px;
  border-bottom: 1px solid var(--p-line);
  white-space: nowrap;
  overflow: hidden;
}
.name {
  font-family: var(--p-serif);
  font-size: 1.25rem;
  min-height: 48px;
  text-decoration: underline dotted;
  text-underline-offset: 5px;
}
.sample {
  margin-left: 10px;
  padding: 2px 8px;
  border: 1px solid var(--p-line);
  border-radius: 10px;
  font-family: 'Source Sans 3', system-ui, sans-serif;
  font-size: 0.8rem;
  display: inline-block;
}
.air {
  display: flex;
  align-items: center;
  min-height: 48px;
  gap: 20px;
  color: var(--p-quiet);
  text-decoration: none;
  overflow: hidden;
}
b {
  color: rgb(var(--v-theme-on-background));
  font-variant-numeric: tabular-nums;
  font-weight: 600;
}
time {
  margin-left: auto;
  font-size: 1.5rem;
  font-weight: 600;
}
/* Where it gets narrow whole numbers fall away from the end, never the word that they are old. */
.numbers {
  display: flex;
  flex-wrap: wrap;
  column-gap: 20px;
  height: 48px;
  line-height: 48px;
  overflow: hidden;
}
.read {
  flex: none;
}
.read.old {
  color: var(--p-tight);
  font-weight: 600;
}
@media (max-width: 1000px) {
  .strip {
    gap: 16px;
    padding: 0 16px;
  }
  .air,
  .numbers {
    column-gap: 14px;
  }
}
@media (max-width: 700px) {
  .strip {
    gap: 10px;
    padding: 0 10px;
  }
  .name {
    display: none;
  }
  time {
    font-size: 1.2rem;
  }
}
</style>
