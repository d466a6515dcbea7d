<script setup lang="ts">
import type { HeadingToken } from '../../../core/sections/headings'
import { headingTokens } from '../../../core/sections/headings'
import type { SectionSettings } from '../../../core/sections/section'
import type { Text } from '../../../core/text/text'
import { tokensOf } from '../../../core/text/tokens'
import { useStudioShop } from '../../data/studioShop'
import { sectionsWords } from './words/sections'

const say = sectionsWords.headingsPart

/** What a section says above its products, language by language. */
const props = defineProps<{
  heading: SectionSettings['heading']
  others: SectionSettings['otherHeadings']
  buttons: SectionSettings['buttons']
}>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>, typing: boolean] }>()
const studio = useStudioShop()
const language = ref(studio.shop!.settings.language)
const languages = computed(() => studio.shop!.settings.languages)
const languageChoices = computed(() => languages.value.map(each => [each, each] as const))

const fields = computed(() =>
  [
    { key: 'heading' as const, label: say.heading, value: props.heading, hint: studio.words(props.heading) || say.heading, shown: true },
    { key: 'one' as const, label: say.headingForASingleProduct, value: props.others.one, hint: say.theSame, shown: true },
    {
      key: 'without' as const,
      label: say.headingWhereAWordHas,
      value: props.others.without,
      hint: say.theHeadingWithoutTheWord,
      shown: isFilled.value || Object.keys(props.others.without).length > 0,
    },
  ].filter(field => field.shown),
)
const isFilled = computed(() => [props.heading, props.others.one].some(each => Object.values(each).some(words => tokensOf(words).length)))

function set(field: 'heading' | 'one' | 'without', before: Text, words: string, typing: boolean): void {
  const { [language.value]: _, ...rest } = before
  const next = words ? { ...rest, [language.value]: words } : rest
  if (field !== 'heading') emit('change', { otherHeadings: { ...props.others, [field]: next } }, typing)
  else if (Object.keys(next).length) emit('change', { heading: next }, typing)
}

function setButton(button: 'add' | 'choose', words: string, typing: boolean): void {
  const { [language.value]: _, ...rest } = props.buttons[button]
  emit('change', { buttons: { ...props.buttons, [button]: words ? { ...rest, [language.value]: words } : rest } }, typing)
}

const buttonFields = [
  ['add', say.theButtonThatAdds, say.add],
  ['choose', say.whereOptionsAreToBe, say.choose],
] as const
const tokenWords: Record<HeadingToken, string> = { name: say.theProductsName, brand: say.itsBrand, category: say.itsCategory }
const tokens = headingTokens.map(token => [token, tokenWords[token]] as const)
</script>

<template>
  <TokenFields :tokens="tokens">
    <template #beside><ChoiceGroup v-model="language" :label="say.language" :choices="languageChoices" /></template>
    <label v-for="field in fields" :key="`${field.key} ${language}`">
      <span v-if="field.key !== 'heading'" class="small soft">{{ field.key === 'one' ? say.forASingleProduct : say.whereAWordHasNo }}</span>
      <SavedText
        live
        :saved="field.value[language] ?? ''"
        :placeholder="field.hint"
        :most="200"
        :label="field.label"
        :needed="field.key === 'heading' && Object.keys(field.value).length === 1"
        @change="(words, typing) => set(field.key, field.value, words, typing)"
      />
    </label>
    <div class="buttons" data-plain>
      <label v-for="[button, label, hint] in buttonFields" :key="`${button} ${language}`">
        <span class="small soft">{{ label }}</span>
        <SavedText
          live
          :saved="buttons[button][language] ?? ''"
          :placeholder="hint"
          :most="40"
          :label="label"
          @change="(words, typing) => setButton(button, words, typing)"
        />
      </label>
    </div>
  </TokenFields>
</template>

<style scoped>
label {
  display: grid;
  gap: 3px;
}
.buttons {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
