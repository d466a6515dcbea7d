<script setup lang="ts">
import type { NuxtError } from '#app'
import { frameWords } from './frame/words'

const say = frameWords.error

/** What stands in the place of a page that can't be shown. */
const props = defineProps<{ error: NuxtError }>()
const inShop = computed(() => useRoute().path.startsWith('/shop'))
const isOver = computed(() => props.error.status === 401 || props.error.status === 403)
const words = computed(() => {
  if (isOver.value) return say.over
  return props.error.status === 404 ? say.notHere : say.notNow
})
useHead({ title: words })
useShopFonts(() => ['Instrument Sans Variable', 'Bricolage Grotesque Variable'])
</script>

<template>
  <main class="error">
    <h1>{{ words }}</h1>
    <p v-if="error.status === 404">{{ say.mistyped }}</p>
    <p v-else-if="isOver">{{ say.askAgain }}</p>
    <p v-else>{{ say.nothingLost }}</p>
    <a :href="inShop ? '/shop' : '/products'">{{ inShop ? say.toTheShop : say.toTheProducts }}</a>
  </main>
</template>

<style scoped>
.error {
  max-width: 560px;
  margin: 18vh auto 0;
  padding: 0 24px;
  font: 16px/1.5 var(--text);
  color: var(--ink);
}
h1 {
  margin: 0 0 8px;
  font: 650 32px/1.15 var(--head);
  letter-spacing: -0.02em;
}
p {
  margin: 0 0 20px;
  color: var(--ink-soft);
}
a {
  color: var(--petrol);
  font-weight: 600;
  text-underline-offset: 3px;
}
</style>
