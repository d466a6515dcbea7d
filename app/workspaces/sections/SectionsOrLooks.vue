<script setup lang="ts">
defineProps<{ on: 'sections' | 'looks' }>()
const ways = [
  { to: '/sections', words: 'Sections' },
  { to: '/looks', words: 'Looks' },
]
</script>

<template>
  <PaneWays label="Sections or looks" :on="`/${on}`" :ways="ways"><slot /></PaneWays>
</template>
