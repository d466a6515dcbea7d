<script setup lang="ts">
// The studio speaks English; the shop's layout says otherwise for its own pages.
useHead({ htmlAttrs: { lang: 'en' } })
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
</template>
