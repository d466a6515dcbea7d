<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { useStudioShop } from '../../data/studioShop'
import { exchangeWords } from './words'
import { useSetting } from './useSetting'

const say = exchangeWords.timeZonePart

/** Where the shop's days begin and end. */
const studio = useStudioShop()
/** Until the shop is there again after a change, it stays as it was. */
const zone = ref('UTC')
watch(
  () => studio.shop?.settings.timeZone,
  now => now && (zone.value = now),
  { immediate: true },
)
const zones = [...new Set(['UTC', ...Intl.supportedValuesOf('timeZone')])]
const now = useNow({ interval: 10_000 })
const time = computed(() =>
  new Intl.DateTimeFormat('en-GB', { timeZone: zone.value, weekday: 'long', hour: '2-digit', minute: '2-digit' }).format(now.value),
)
const { set, may } = useSetting()
const setZone = (timeZone: string | null) => (timeZone && timeZone !== zone.value ? set({ type: 'setTimeZone', timeZone }) : undefined)
</script>

<template>
  <article :aria-label="say.timeZone" class="part">
    <div>
      <h3>{{ say.timeZone }}</h3>
      <p class="small soft">{{ say.whereTheShopsDaysBegin(time) }} {{ may ? '' : say.admins }}</p>
    </div>
    <v-autocomplete
      :model-value="zone"
      :items="zones"
      :disabled="!may"
      auto-select-first
      :aria-label="say.theShopsTimeZone"
      class="zone"
      @update:model-value="setZone"
    />
  </article>
</template>

<style scoped>
article.part {
  display: grid;
  grid-template-columns: 1fr;
  gap: 10px;
  padding: 14px 0;
  border-top: 1px solid var(--line);
}
h3 {
  font-size: 14.5px;
}
p {
  margin: 2px 0 0;
}
</style>
