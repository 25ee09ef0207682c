<template>
  <section class="sheet">
    <h1>{{ $t('Nothing lies here') }}</h1>
    <p class="quiet">{{ $t('The address may be old. The stations are on the rail.') }}</p>
    <v-btn to="/bench" color="primary" size="x-large" class="mt-4">{{ $t('To the Bench') }}</v-btn>
  </section>
</template>
