<script setup lang="ts">
import type { Text } from '../../../core/text/text'
import { useStudioShop } from '../../data/studioShop'
import { namingWords } from './words'

const say = namingWords.languageFields

/** A text that shoppers read, in all languages of the shop beside each other. In the shop’s own it is never empty. */
const props = defineProps<{
  text: Text
  label: string
  most: number
  /** Says what is wrong with the words of a language; empty: nothing. */ check?: (words: string) => string
  /** What is said where it has no words; left out: in the shop’s own language it needs some. */ instead?: string
  /** It is told while it is typed, too. */ live?: boolean
  /** Its key among the texts of what is edited: it is said of translations that they are older. */ named?: string
}>()
const emit = defineEmits<{ change: [text: Text, typing: boolean] }>()
const studio = useStudioShop()
const { language: own, languages } = studio.shop!.settings
const fields = computed(() =>
  languages.map(language => ({
    language,
    words: props.text[language] ?? '',
    hint: props.text[language] ? '' : (props.instead ?? say.missing),
    label: languages.length === 1 ? props.label : say.inLanguage(props.label, language),
  })),
)
function save(language: string, words: string, typing: boolean): void {
  const { [language]: _, ...others } = props.text
  emit('change', words ? { ...others, [language]: words } : others, typing)
}
</script>

<template>
  <div class="fields">
    <div v-for="field in fields" :key="field.language">
      <label>
        <span v-if="languages.length > 1" class="tag small soft">{{ field.language }}</span>
        <SavedText
          :saved="field.words"
          :placeholder="field.hint"
          :most="most"
          :label="field.label"
          :check="check"
          :live="live"
          :needed="instead === undefined && field.language === own"
          @change="(words, typing) => save(field.language, words, typing)"
        />
      </label>
      <OlderWords v-if="named" class="older" :text="named" :language="field.language" />
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 6px;
}
label {
  display: flex;
  align-items: center;
  gap: 8px;
}
.older {
  margin-left: 34px;
}
.tag {
  flex: none;
  width: 26px;
  font-weight: 600;
}
</style>
