<script setup lang="ts">
import type { KindSettings, LinkKind } from '../../../../core/links/kind'
import { kindGlyphSchema, kindSettingsSchema } from '../../../../core/links/kind'
import { useStudioShop } from '../../../data/studioShop'
import { kindsWords } from '../words/kinds'

const say = kindsWords.kindForm

/** What a merchandiser says of one kind of link. */
const props = defineProps<{
  /** Null: a new one. */
  kind: LinkKind | null
  refusal: string
}>()
const emit = defineEmits<{ save: [settings: KindSettings] }>()
const studio = useStudioShop()
const { language } = studio.shop!.settings

const name = ref(props.kind ? studio.words(props.kind.name) : '')
const plural = ref(props.kind ? studio.words(props.kind.plural) : '')
const glyph = ref(props.kind?.glyph ?? kindGlyphSchema.options.find(each => studio.allKinds.every(kind => kind.glyph !== each)) ?? 'knot')
const expectation = ref(props.kind?.expectation ?? 'none')
const ceiling = ref(props.kind ? (props.kind.ceiling?.toString() ?? '') : '6')
const mutual = ref(props.kind?.mutual ?? false)

/** A heading follows the name until somebody writes one. */
const ownHeading = ref(props.kind !== null)
watch(name, now => ownHeading.value || (plural.value = now.charAt(0).toUpperCase() + now.slice(1)))

const settings = computed(() =>
  kindSettingsSchema.safeParse({
    name: { ...props.kind?.name, [language]: name.value.trim() },
    plural: { ...props.kind?.plural, [language]: plural.value.trim() },
    glyph: glyph.value,
    expectation: expectation.value,
    ceiling: ceiling.value === '' ? null : Number(ceiling.value),
    mutual: mutual.value,
  }),
)
const problem = computed(() => {
  if (props.refusal) return props.refusal
  const nothingYet = !name.value.trim() || !plural.value.trim()
  return settings.value.success || nothingYet ? '' : settings.value.error.issues[0]!.message
})
const changed = computed(() => {
  if (!settings.value.success || !props.kind) return settings.value.success
  return Object.entries(settings.value.data).some(
    ([key, value]) => JSON.stringify(value) !== JSON.stringify(props.kind![key as keyof KindSettings]),
  )
})
const save = () => settings.value.success && changed.value && emit('save', settings.value.data)
const expectations = [
  { value: 'none', words: say.anyPrice },
  { value: 'dearer', words: say.dearerThanTheProduct },
  { value: 'cheaper', words: say.cheaperThanTheProduct },
] as const
</script>

<template>
  <form class="form" @submit.prevent="save">
    <div class="two">
      <label>{{ say.oneLinkOfIt }}<input v-model="name" type="text" maxlength="40" :autofocus="!kind" :placeholder="say.refill" /></label>
      <label
        >{{ say.headingOfTheLane }}<input v-model="plural" type="text" maxlength="40" :placeholder="say.refills" @input="ownHeading = true"
      /></label>
    </div>
    <fieldset>
      <legend>{{ say.glyph }}</legend>
      <label v-for="each in kindGlyphSchema.options" :key="each" class="pick" :class="{ on: glyph === each }" :title="each">
        <input v-model="glyph" class="unseen" type="radio" :value="each" :aria-label="each" /><KindGlyph :glyph="each" />
      </label>
    </fieldset>
    <div class="two">
      <label
        >{{ say.expectedOfItsTargets
        }}<select v-model="expectation">
          <option v-for="each in expectations" :key="each.value" :value="each.value">{{ each.words }}</option>
        </select></label
      >
      <label>{{ say.gentleCeiling }}<input v-model="ceiling" type="number" min="1" max="1000" step="1" :placeholder="say.none" /></label>
    </div>
    <label class="check"><input v-model="mutual" type="checkbox" />{{ say.mutualALinkFromA }}</label>
    <p class="small hint" :class="problem ? 'wrong' : 'soft'" role="status">
      {{ problem || say.nothingIsEverRefusedFor }}
    </p>
    <div class="ways">
      <slot />
      <button type="submit" class="main-button" :disabled="!changed">{{ kind ? say.save : say.addKind }}</button>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 4px;
  padding: 0;
  color: var(--ink-soft);
  font-size: 13px;
}
.ask .pick {
  display: grid;
  place-items: center;
  position: relative;
  width: 34px;
  height: 34px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--ink);
  cursor: pointer;
}
.ask .pick:hover {
  background: var(--sunk);
}
.ask .pick.on {
  border-color: var(--petrol);
  background: var(--petrol-wash);
  color: var(--petrol-ink);
}
.pick:focus-within {
  outline: 2px solid var(--petrol);
  outline-offset: 2px;
}
.ask .check {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--ink);
  font-size: 14px;
}
.check input {
  accent-color: var(--petrol);
}
.hint {
  margin: 0;
}
.ask .ways {
  align-items: center;
  margin: 0;
}
</style>
