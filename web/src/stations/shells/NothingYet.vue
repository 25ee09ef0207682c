<script setup lang="ts">
// Where an answer will stand, before there is anything to ask of.
</script>

<template>
  <h1>{{ $t('Nothing to cast yet') }}</h1>
  <p>{{ $t('Choose a couverture and a mould; what they come to stands here.') }}</p>
  <p class="ways">
    <v-btn size="large" variant="outlined" to="/larder/moulds">{{ $t('Moulds') }}</v-btn>
    <v-btn size="large" variant="outlined" to="/larder/couvertures">{{ $t('Couvertures') }}</v-btn>
    <v-btn size="large" variant="outlined" to="/begin">{{ $t('Begin the house') }}</v-btn>
  </p>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 16px;
}
</style>
