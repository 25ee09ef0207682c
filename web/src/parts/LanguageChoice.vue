<script setup lang="ts">
// The language of the interface, where there is more than one. The page begins anew in it.
import { choose, language, languages } from '@/words'

const all = languages().map((id) => ({
  id,
  words: new Intl.DisplayNames([id], { type: 'language' }).of(id) ?? id,
}))

function change(code: string) {
  choose(code)
  window.location.reload()
}
</script>

<template>
  <v-select
    v-if="all.length > 1"
    :model-value="language().code"
    :items="all"
    item-title="words"
    item-value="id"
    :label="$t('Language')"
    @update:model-value="change"
  />
</template>
