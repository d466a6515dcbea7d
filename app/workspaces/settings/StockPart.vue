<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import { useSetting } from './useSetting'
import { settingsWords } from './words'

const say = settingsWords.stockPart

/** What files say of the stock with nothing. */
const studio = useStudioShop()
const { set, may } = useSetting()
const choices = [
  ['untracked', say.untracked],
  ['none', say.none],
] as const
</script>

<template>
  <SettingPart :title="say.stock" :hint="say.hint" admins>
    <ChoiceGroup
      :model-value="studio.shop!.settings.emptyStock"
      :label="say.meaning"
      :choices="choices"
      :disabled="!may"
      @update:model-value="emptyStock => set({ emptyStock })"
    />
  </SettingPart>
</template>

<style scoped>
.choice {
  justify-self: start;
}
</style>
