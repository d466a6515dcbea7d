<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import { useSetting } from './useSetting'
import { settingsWords } from './words'

const say = settingsWords.namePart

/** What the shop is called. */
const studio = useStudioShop()
const { set, may } = useSetting()
</script>

<template>
  <SettingPart :title="say.name" :hint="say.hint" admins>
    <SavedText
      :saved="studio.shop!.settings.name"
      :label="say.shopName"
      :most="80"
      :disabled="!may"
      needed
      @change="name => set({ name })"
    />
  </SettingPart>
</template>
