<script setup lang="ts">
import { publishWords } from './words'

const say = publishWords.publishOrReleases
defineProps<{ on: 'publish' | 'releases' }>()
const ways = [
  { to: '/publish', words: say.toPublish },
  { to: '/releases', words: say.releases },
]
</script>

<template>
  <PaneWays :label="say.publishOrLookBack" :on="`/${on}`" :ways="ways" replace><slot /></PaneWays>
</template>
