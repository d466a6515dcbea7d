<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { useStudioShop } from '../../data/studioShop'
import { settingsWords } from './words'
import { useSetting } from './useSetting'

const say = settingsWords.timeZonePart

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
/** Where whoever looks is. */
const here = Intl.DateTimeFormat().resolvedOptions().timeZone
const setZone = (timeZone: string | null) => (timeZone && timeZone !== zone.value ? set({ timeZone }) : undefined)
</script>

<template>
  <SettingPart :title="say.timeZone" :hint="say.whereTheShopsDaysBegin(time)" admins>
    <v-autocomplete
      :model-value="zone"
      :items="zones"
      :disabled="!may"
      auto-select-first
      :aria-label="say.theShopsTimeZone"
      @update:model-value="setZone"
    />
    <button v-if="may && zone === 'UTC' && here !== 'UTC'" type="button" class="text-button" @click="setZone(here)">
      {{ say.takeMine(here) }}
    </button>
  </SettingPart>
</template>

<style scoped>
.text-button {
  justify-self: start;
}
</style>
