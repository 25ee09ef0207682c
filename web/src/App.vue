<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useBatches } from '@/parts/batches'
import { useHouse } from '@/parts/house'
import KeyList from '@/parts/KeyList.vue'
import FindAnything from '@/parts/FindAnything.vue'
import { useAltDigits, useFindKey, useKeys } from '@/parts/keys'
import RoomStrip from '@/parts/RoomStrip.vue'
import StationRail from '@/parts/StationRail.vue'
import TimerTray from '@/parts/TimerTray.vue'
import { RAIL } from '@/stations'

const router = useRouter()
const { load } = useHouse()
const { follow } = useBatches()
const keysOpen = ref(false)
const finding = ref(false)
useFindKey(() => (finding.value = true))

onMounted(() => {
  void load()
  follow()
})
useAltDigits((place) => {
  const station = RAIL[place]
  if (station) void router.push(station.path)
})
useKeys({ '?': () => (keysOpen.value = true) })
</script>

<template>
  <v-app>
    <a href="#main" class="skip no-print">{{ $t('To the work') }}</a>
    <div class="frame">
      <StationRail class="no-print" @keys="keysOpen = true" @find="finding = true" />
      <RoomStrip class="no-print" />
      <main id="main" class="station" tabindex="-1">
        <router-view />
      </main>
      <TimerTray class="no-print" />
    </div>
    <KeyList v-model="keysOpen" />
    <FindAnything v-model="finding" />
  </v-app>
</template>

<style scoped>
.skip {
  position: fixed;
  top: 6px;
  left: 6px;
  z-index: 3000;
  padding: 12px 20px;
  background: var(--p-ground);
  border: 2px solid var(--p-still);
  border-radius: 8px;
  transform: translateY(-200%);
}
.skip:focus {
  transform: none;
}
.frame {
  display: grid;
  grid-template: 'rail strip' 56px 'rail main' 1fr 'rail tray' auto / 92px 1fr;
  height: 100vh;
  height: 100dvh;
}
/* On a phone the rail lies below, under the thumb, and one column has the whole width. */
@media (max-width: 700px) {
  .frame {
    grid-template: 'strip' 48px 'main' 1fr 'tray' auto 'rail' auto / minmax(0, 1fr);
  }
}
.station {
  grid-area: main;
  overflow: auto;
  min-width: 0;
  outline: none;
  position: relative;
}
</style>
