<script setup lang="ts">
import { productUrlSchema } from '../../../core/catalogue/shopSettings'
import { useStudioShop } from '../../data/studioShop'
import { useSetting } from './useSetting'
import { settingsWords } from './words'

const say = settingsWords.addressPart

/** Where products stand in the shop. */
const studio = useStudioShop()
const { set, may } = useSetting()
const url = computed(() => studio.shop!.settings.productUrl)
const example = computed(() =>
  [say.becomes(url.value.replace('{sku}', 'HT-10')), ...(url.value === '/shop/products/{sku}' ? [say.standIn] : [])].join(' '),
)
const check = (words: string) => productUrlSchema.safeParse(words).error?.issues[0]!.message ?? ''
</script>

<template>
  <SettingPart :title="say.address" :hint="say.hint" admins>
    <SavedText
      :saved="url"
      :label="say.pattern"
      :most="500"
      :check="check"
      :disabled="!may"
      needed
      @change="productUrl => set({ productUrl })"
    />
    <p class="small soft">{{ example }}</p>
  </SettingPart>
</template>

<style scoped>
p {
  margin: 0;
  overflow-wrap: anywhere;
}
</style>
