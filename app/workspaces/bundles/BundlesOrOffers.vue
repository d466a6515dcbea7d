<script setup lang="ts">
defineProps<{ on: 'bundles' | 'offers' }>()
const ways = [
  { to: '/bundles', words: 'Bundles' },
  { to: '/offers', words: 'Offers' },
]
</script>

<template>
  <PaneWays label="Bundles or together offers" :on="`/${on}`" :ways="ways"><slot /></PaneWays>
</template>
