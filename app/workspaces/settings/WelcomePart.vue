<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import { provideSettingTranslations } from '../../parts/naming/translatedThing'
import { useSetting } from './useSetting'
import { settingsWords } from './words'

const say = settingsWords.welcomePart

/** What the stand-in shop says at its beginning. */
const studio = useStudioShop()
const { set, send, may } = useSetting()
provideSettingTranslations(send)
const languages = computed(() => studio.shop!.settings.languages.join())
</script>

<template>
  <SettingPart :title="say.welcome" :hint="say.hint" admins>
    <fieldset :disabled="!may">
      <LanguageFields
        :key="languages"
        named="welcome"
        :text="studio.shop!.settings.welcome"
        :label="say.welcome"
        :most="200"
        :instead="say.nothing"
        @change="welcome => set({ welcome })"
      />
    </fieldset>
  </SettingPart>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}
</style>
