<script setup lang="ts">
import type { LookParts } from '../../../core/looks/look'
import { lookPartWords } from '../../../core/looks/lookWords'
import PhX from '~icons/ph/x-bold'
import { lookPartsWords } from './words'

const say = lookPartsWords.lookFields

/** All that a look says, part by part: what it says itself, and what it takes over, which can be said otherwise. */
const props = defineProps<{
  /** What it says itself. */ own: Partial<LookParts>
  /** What holds where it says nothing. */ under: LookParts
  /** Whose word that is. */ from: string
}>()
const emit = defineEmits<{ change: [own: Partial<LookParts>, typing?: boolean] }>()
const parts = computed((): LookParts => ({ ...props.under, ...props.own }))

type Part = keyof LookParts
type Field = { part: Part } & (
  { as: 'colour'; instead?: string } | { as: 'length'; min: number; max: number } | { as: 'choice'; words: Record<string, string> }
)
const length = (part: Part, min: number, max: number): Field => ({ part, as: 'length', min, max })
const groups: { name: string; fields: Field[] }[] = [
  {
    name: say.colours,
    fields: [
      { part: 'accent', as: 'colour' },
      { part: 'ink', as: 'colour' },
      { part: 'soft', as: 'colour' },
      { part: 'ground', as: 'colour', instead: '#ffffff' },
      { part: 'card', as: 'colour', instead: '#ffffff' },
    ],
  },
  {
    name: say.lines,
    fields: [
      { part: 'border', as: 'choice', words: { none: 'none', section: say.aroundTheSection, cards: say.aroundCards } },
      { part: 'line', as: 'colour' },
      length('lineWidth', 1, 4),
    ],
  },
  { name: say.room, fields: [length('corner', 0, 32), length('space', 0, 96), length('gap', 4, 48), length('textSize', 12, 20)] },
  {
    name: say.buttons,
    fields: [
      { part: 'button', as: 'choice', words: { filled: 'filled', outlined: 'outlined', plain: 'plain' } },
      length('buttonCorner', 0, 24),
    ],
  },
  {
    name: say.badge,
    fields: [
      { part: 'badge', as: 'choice', words: { tinted: 'tinted', filled: 'filled', outlined: 'outlined' } },
      { part: 'badgeColour', as: 'colour' },
    ],
  },
]

const isOwn = (part: Part) => part in props.own
const chosenIn = (part: Part) => parts.value[part] as string
function set(part: Part, value: LookParts[Part], typing = false): void {
  if (parts.value[part] !== value || !typing) emit('change', { ...props.own, [part]: value }, typing)
}
const lengthOf = (part: Part) => parts.value[part] as number
const colourOf = (part: Part) => parts.value[part] as string | null
function takeOver(part: Part): void {
  const { [part]: _, ...rest } = props.own
  emit('change', rest)
}
const upperFirst = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
</script>

<template>
  <div class="fields">
    <fieldset v-for="group in groups" :key="group.name">
      <legend>{{ group.name }}</legend>
      <div class="row">
        <div v-for="field in group.fields" :key="field.part" class="field" :class="{ own: isOwn(field.part) }">
          <span class="label"
            >{{ lookPartWords[field.part]
            }}<button
              v-if="isOwn(field.part)"
              type="button"
              :aria-label="say.as(upperFirst(lookPartWords[field.part]), from)"
              @click="takeOver(field.part)"
            >
              <PhX width="9" height="9" /><v-tooltip activator="parent" location="top">{{ say.asWithFrom(from) }}</v-tooltip>
            </button></span
          >
          <ColourField
            v-if="field.as === 'colour'"
            :value="colourOf(field.part)"
            :label="upperFirst(lookPartWords[field.part])"
            :instead="field.instead"
            @change="(colour, typing) => set(field.part, colour as never, typing)"
          />
          <span v-else-if="field.as === 'length'" class="length"
            ><QuantityField
              :value="lengthOf(field.part)"
              :min="field.min"
              :max="field.max"
              :label="say.inPixels(upperFirst(lookPartWords[field.part]))"
              @change="value => set(field.part, value as never, true)"
              >{{ say.px }}</QuantityField
            ></span
          >
          <ChoiceGroup
            v-else
            :model-value="chosenIn(field.part)"
            :label="upperFirst(lookPartWords[field.part])"
            :choices="Object.entries(field.words)"
            @update:model-value="value => set(field.part, value as never)"
          />
        </div>
      </div>
    </fieldset>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
}
fieldset {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr);
  gap: 10px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  float: left;
  padding: 22px 0 0;
  font-weight: 600;
  font-size: 13px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
}
.field {
  display: grid;
  gap: 4px;
}
.label {
  display: flex;
  align-items: center;
  gap: 4px;
  height: 18px;
  color: var(--ink-soft);
  font-size: 12.5px;
  white-space: nowrap;
}
.own .label {
  color: var(--ink);
  font-weight: 650;
}
.label button {
  display: grid;
  place-items: center;
  width: 18px;
  height: 18px;
  border: 0;
  border-radius: 9px;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}
.label button:hover {
  background: var(--sunk);
  color: var(--ink);
}
.length {
  justify-self: start;
  color: var(--ink-soft);
  font-size: 12.5px;
}
.choice {
  justify-self: start;
  align-self: start;
}
.choice :deep(button) {
  height: 26px;
  padding: 0 9px;
  font-size: 12.5px;
}
</style>
