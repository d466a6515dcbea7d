<script setup lang="ts">
import type { HeadingToken } from '../../../core/sections/headings'
import { headingTokens, tokensOf } from '../../../core/sections/headings'
import type { SectionSettings } from '../../../core/sections/section'
import type { Text } from '../../../core/text/text'
import { useStudioShop } from '../../data/studioShop'
import { sectionsWords } from './words/sections'

const say = sectionsWords.headingsPart

/** What a section says above its products, language by language. */
const props = defineProps<{
  heading: SectionSettings['heading']
  others: SectionSettings['otherHeadings']
  buttons: SectionSettings['buttons']
}>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>] }>()
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

function set(field: 'heading' | 'one' | 'without', before: Text, words: string): void {
  const { [language.value]: _, ...rest } = before
  const next = words ? { ...rest, [language.value]: words } : rest
  if (field !== 'heading') emit('change', { otherHeadings: { ...props.others, [field]: next } })
  else if (Object.keys(next).length) emit('change', { heading: next })
}

function setButton(button: 'add' | 'choose', words: string): void {
  const { [language.value]: _, ...rest } = props.buttons[button]
  emit('change', { buttons: { ...props.buttons, [button]: words ? { ...rest, [language.value]: words } : rest } })
}

/** Puts a word into the field that had the focus last, where the caret is. */
const root = useTemplateRef('root')
let last: HTMLInputElement | null = null
function remember({ target }: FocusEvent): void {
  if (target instanceof HTMLInputElement && !target.closest('.buttons')) last = target
}
function insert(token: HeadingToken): void {
  const field = last ?? root.value?.querySelector('input')
  if (!field) return
  field.focus()
  const at = field.selectionStart ?? field.value.length
  const gap = at > 0 && !/[\s({]/.test(field.value[at - 1]!) ? ' ' : ''
  field.setRangeText(`${gap}{${token}}`, at, field.selectionEnd ?? at, 'end')
  field.dispatchEvent(new Event('input', { bubbles: true }))
  field.dispatchEvent(new Event('change', { bubbles: true }))
}
const buttonFields = [
  ['add', say.theButtonThatAdds, say.add],
  ['choose', say.whereOptionsAreToBe, say.choose],
] as const
const tokenWords: Record<HeadingToken, string> = { name: say.theProductsName, brand: say.itsBrand, category: say.itsCategory }
</script>

<template>
  <div ref="root" class="says" @focusin="remember">
    <div class="top">
      <span class="small soft">{{ say.fillIn }}</span>
      <button
        v-for="token in headingTokens"
        :key="token"
        type="button"
        class="token"
        :aria-label="say.fillInWithTokenWord(tokenWords[token])"
        @mousedown.prevent
        @click="insert(token)"
      >
        {{ tokenWords[token] }}
      </button>
      <span class="grow" />
      <ChoiceGroup v-model="language" :label="say.language" :choices="languageChoices" />
    </div>
    <label v-for="field in fields" :key="`${field.key} ${language}`">
      <span v-if="field.key !== 'heading'" class="small soft">{{ field.key === 'one' ? say.forASingleProduct : say.whereAWordHasNo }}</span>
      <SavedText
        :saved="field.value[language] ?? ''"
        :placeholder="field.hint"
        :most="200"
        :label="field.label"
        :needed="field.key === 'heading' && Object.keys(field.value).length === 1"
        @change="words => set(field.key, field.value, words)"
      />
    </label>
    <div class="buttons">
      <label v-for="[button, label, hint] in buttonFields" :key="`${button} ${language}`">
        <span class="small soft">{{ label }}</span>
        <SavedText
          :saved="buttons[button][language] ?? ''"
          :placeholder="hint"
          :most="40"
          :label="label"
          @change="words => setButton(button, words)"
        />
      </label>
    </div>
  </div>
</template>

<style scoped>
.says {
  display: grid;
  gap: 8px;
}
.top {
  display: flex;
  align-items: center;
  gap: 6px;
}
.grow {
  flex: 1;
}
.token {
  height: 28px;
  padding: 0 10px;
  border: 1px dashed #b9b09e;
  border-radius: 14px;
  background: none;
  color: var(--petrol-ink);
  font: 550 12.5px/1 var(--text);
  cursor: pointer;
}
.token:hover {
  background: var(--petrol-wash);
  border-color: var(--petrol);
}
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
