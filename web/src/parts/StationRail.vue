<script setup lang="ts">
import { mdiKeyboardOutline, mdiMagnify, mdiWeatherNight, mdiWhiteBalanceSunny } from '@mdi/js'
import { useStorage } from '@vueuse/core'
import { watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { RAIL } from '@/stations'

defineEmits<{ keys: []; find: [] }>()
const theme = useTheme()
const evening = useStorage('palintone.evening', false)
watchEffect(() => theme.change(evening.value ? 'evening' : 'bench'))
</script>

<template>
  <nav class="rail" :aria-label="$t('Stations')">
    <svg class="mark" viewBox="0 0 60 28" aria-hidden="true">
      <path d="M6 4v20M54 4v20" class="peg" />
      <path d="M6 14Q24 4 32 4T54 14" class="line" />
    </svg>
    <router-link
      v-for="(station, place) in RAIL"
      :key="station.path"
      :to="station.path"
      :title="
        place < 10
          ? $t('{name} (Alt+{place})', { name: station.name, place: (place + 1) % 10 })
          : station.name
      "
    >
      <v-icon :icon="station.icon" size="28" aria-hidden="true" />
      <span>{{ station.name }}</span>
    </router-link>
    <span class="rest" />
    <button type="button" :title="$t('Find anything (Ctrl+K)')" @click="$emit('find')">
      <v-icon :icon="mdiMagnify" size="24" aria-hidden="true" /><span>{{ $t('Find') }}</span>
    </button>
    <button type="button" class="keys" :title="$t('All keys (?)')" @click="$emit('keys')">
      <v-icon :icon="mdiKeyboardOutline" size="24" aria-hidden="true" /><span>{{
        $t('Keys')
      }}</span>
    </button>
    <button type="button" :aria-pressed="evening" @click="evening = !evening">
      <v-icon
        :icon="evening ? mdiWhiteBalanceSunny : mdiWeatherNight"
        size="24"
        aria-hidden="true"
      /><span>{{ evening ? $t('Day') : $t('Evening') }}</span>
    </button>
  </nav>
</template>

<style scoped>
.rail {
  grid-area: rail;
  background: var(--p-rail);
  color: var(--p-on-rail);
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 8px 6px;
  overflow-y: auto;
  scrollbar-width: none;
}
.mark {
  height: 30px;
  flex: none;
  margin: 2px auto 6px;
  fill: none;
  stroke-linecap: round;
}
.peg {
  stroke: var(--p-on-rail);
  stroke-width: 3.5;
}
.line {
  stroke: #e09468;
  stroke-width: 3;
}
a,
button {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 3px;
  min-height: clamp(56px, calc((100dvh - 64px) / 13 - 2px), 59px);
  border-radius: 8px;
  color: inherit;
  text-decoration: none;
  font-size: 0.88rem;
  text-align: center;
}
a:hover,
button:hover {
  background: rgb(255 255 255 / 8%);
}
a.router-link-active {
  background: #fafaf6;
  color: #1e2326;
  font-weight: 600;
}
.v-theme--evening a.router-link-active {
  background: #2a3336;
  color: #ecefea;
}
.rest {
  flex: 1;
}
/* All stations on a screen of 800, as large as a knuckle: the list of keys opens with its key. */
@media (max-height: 830px) {
  .keys {
    display: none;
  }
}
@media (max-width: 700px) {
  .rail {
    flex-direction: row;
    gap: 2px;
    padding: 4px 4px max(4px, env(safe-area-inset-bottom));
    overflow-x: auto;
    scrollbar-width: none;
  }
  .mark,
  .rest,
  .keys {
    display: none;
  }
  a,
  button {
    flex: 1 0 66px;
    min-height: 56px;
    font-size: 0.76rem;
    white-space: nowrap;
  }
}
.rail :focus-visible {
  outline-color: #fff;
}
</style>
