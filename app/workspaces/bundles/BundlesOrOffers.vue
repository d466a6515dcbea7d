<script setup lang="ts">
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundlesOrOffers
defineProps<{ on: 'bundles' | 'offers' }>()
const ways = [
  { to: '/bundles', words: say.bundles },
  { to: '/offers', words: say.offers },
]
</script>

<template>
  <PaneWays :label="say.bundlesOrTogetherOffers" :on="`/${on}`" :ways="ways"><slot /></PaneWays>
</template>
