<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { KEYS, singleKeys } from '@/parts/keys'

const open = defineModel<boolean>({ required: true })
// Heard from the first moment, before the list has taken the focus.
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') open.value = false
})
</script>

<template>
  <v-dialog v-model="open" max-width="420" :aria-label="$t('All keys')">
    <v-card class="pa-6">
      <h2 class="mb-3">{{ $t('All keys') }}</h2>
      <dl>
        <template v-for="[key, what] in KEYS" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd>
        </template>
      </dl>
      <v-switch
        v-model="singleKeys"
        :label="$t('Keys act without Ctrl or Alt')"
        class="mt-4"
        hide-details
      />
      <v-btn size="large" variant="tonal" class="mt-5" autofocus @click="open = false">{{
        $t('Close')
      }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  align-items: center;
}
kbd {
  background: var(--p-fog);
  border: 1px solid var(--p-line);
  border-radius: 5px;
  padding: 2px 10px;
  font-family: inherit;
}
</style>
