<script setup lang="ts">
import { sectionsWords } from './words/sections'

const say = sectionsWords.sectionsOrLooks
defineProps<{ on: 'sections' | 'looks' }>()
const ways = [
  { to: '/sections', words: say.sections },
  { to: '/looks', words: say.looks },
]
</script>

<template>
  <PaneWays :label="say.sectionsOrLooks" :on="`/${on}`" :ways="ways"><slot /></PaneWays>
</template>
