<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import { languageChoices } from './languageChoices'
import { useSetting } from './useSetting'
import { settingsWords } from './words'

const say = settingsWords.languagesPart

/** The languages that shoppers read in, the shop’s own first. */
const studio = useStudioShop()
const { set, may } = useSetting()
const fixed = computed(() => studio.shop!.fixed.language)
const others = computed(() => studio.shop!.settings.languages.filter(each => each !== studio.language))
const otherChoices = computed(() => languageChoices.filter(each => each.value !== studio.language))
const setOwn = (language: string | null) =>
  language && language !== studio.language
    ? set({ language, languages: [language, ...others.value.filter(each => each !== language)] })
    : undefined
const setOthers = (languages: readonly string[]) => set({ languages: [studio.language, ...languages] })
</script>

<template>
  <SettingPart :title="say.languages" :hint="fixed ?? say.hint" admins>
    <div class="fields">
      <span class="small soft" aria-hidden="true">{{ say.own }}</span>
      <v-autocomplete
        :model-value="studio.language"
        :items="languageChoices"
        :disabled="!may || fixed !== null"
        auto-select-first
        :aria-label="say.own"
        @update:model-value="setOwn"
      />
      <span class="small soft" aria-hidden="true">{{ say.others }}</span>
      <v-autocomplete
        :model-value="others"
        :items="otherChoices"
        :disabled="!may"
        :placeholder="say.none"
        :aria-label="say.others"
        multiple
        chips
        closable-chips
        auto-select-first
        clear-on-select
        @update:model-value="setOthers"
      />
    </div>
  </SettingPart>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 8px 12px;
}
</style>
