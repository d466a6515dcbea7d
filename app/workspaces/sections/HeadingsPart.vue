<script setup lang="ts">
import type { HeadingToken } from '../../../core/sections/headings'
import { headingTokens } from '../../../core/sections/headings'
import type { SectionSettings } from '../../../core/sections/section'
import type { Text } from '../../../core/text/text'
import { tokensOf } from '../../../core/text/tokens'
import { sectionsWords } from './words/sections'

const say = sectionsWords.headingsPart

/** What a section says, in every language of the shop: above its products, and on its buttons. */
const props = defineProps<{
  heading: SectionSettings['heading']
  others: SectionSettings['otherHeadings']
  buttons: SectionSettings['buttons']
}>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>, typing: boolean] }>()

const hasWords = (text: Text) => Object.keys(text).length > 0
const isFilled = computed(() => [props.heading, props.others.one].some(each => Object.values(each).some(words => tokensOf(words).length)))
const headings = computed(() =>
  [
    {
      key: 'without' as const,
      label: say.headingWhereAWordHas,
      title: say.whereAWordHasNo,
      hint: say.theHeadingWithoutTheWord,
      shown: isFilled.value || hasWords(props.others.without),
    },
    { key: 'one' as const, label: say.headingForASingleProduct, title: say.forASingleProduct, hint: say.theSame, shown: unfolded.value },
  ].filter(each => each.shown),
)
const buttonFields = [
  ['add', say.theButtonThatAdds, say.add],
  ['choose', say.whereOptionsAreToBe, say.choose],
] as const
const unfolded = ref([props.others.one, props.buttons.add, props.buttons.choose].some(hasWords))

const setHeading = (which: 'one' | 'without', text: Text, typing: boolean) =>
  emit('change', { otherHeadings: { ...props.others, [which]: text } }, typing)
const setButton = (which: 'add' | 'choose', text: Text, typing: boolean) =>
  emit('change', { buttons: { ...props.buttons, [which]: text } }, typing)

const tokenWords: Record<HeadingToken, string> = { name: say.theProductsName, brand: say.itsBrand, category: say.itsCategory }
const tokens = headingTokens.map(token => [token, tokenWords[token]] as const)
</script>

<template>
  <TokenFields :tokens="tokens">
    <div>
      <span class="small soft">{{ say.heading }}</span>
      <LanguageFields
        live
        named="heading"
        :text="heading"
        :label="say.heading"
        :most="200"
        @change="(text, typing) => emit('change', { heading: text }, typing)"
      />
    </div>
    <div v-for="{ key, label, title, hint } in headings" :key="key">
      <span class="small soft">{{ title }}</span>
      <LanguageFields
        live
        :named="key"
        :text="others[key]"
        :label="label"
        :most="200"
        :instead="hint"
        @change="(text, typing) => setHeading(key, text, typing)"
      />
    </div>
    <div v-if="unfolded" class="buttons" data-plain>
      <div v-for="[button, label, hint] in buttonFields" :key="button">
        <span class="small soft">{{ label }}</span>
        <LanguageFields
          live
          :named="button"
          :text="buttons[button]"
          :label="label"
          :most="40"
          :instead="hint"
          @change="(text, typing) => setButton(button, text, typing)"
        />
      </div>
    </div>
    <button type="button" class="text-button more" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ unfolded ? say.foldAway : say.otherWords }}
    </button>
  </TokenFields>
</template>

<style scoped>
.buttons {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.more {
  justify-self: start;
}
</style>
