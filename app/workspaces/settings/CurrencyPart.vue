<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import { useSetting } from './useSetting'
import { settingsWords } from './words'

const say = settingsWords.currencyPart

/** What prices are in. */
const studio = useStudioShop()
const { set, may } = useSetting()
const fixed = computed(() => studio.shop!.fixed.currency)
const named = new Intl.DisplayNames('en', { type: 'currency' })
const choices = Intl.supportedValuesOf('currency').map(value => ({ value, title: `${value}, ${named.of(value)}` }))
const setCurrency = (currency: string | null) => (currency && currency !== studio.currency ? set({ currency }) : undefined)
</script>

<template>
  <SettingPart :title="say.currency" :hint="fixed ?? say.hint" admins>
    <v-autocomplete
      :model-value="studio.currency"
      :items="choices"
      :disabled="!may || fixed !== null"
      auto-select-first
      :aria-label="say.shopCurrency"
      @update:model-value="setCurrency"
    />
  </SettingPart>
</template>
