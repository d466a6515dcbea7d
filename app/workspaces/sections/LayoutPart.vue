<script setup lang="ts">
import { upperFirst } from 'es-toolkit'
import type { Layout } from '../../../core/sections/display'
import { displayFor, layoutSchema } from '../../../core/sections/display'
import type { Section, SectionSettings } from '../../../core/sections/section'
import { layoutWords } from '../../parts/sections/layoutWords'
import { sectionsWords } from './words/sections'

const say = sectionsWords.layoutPart

/** How a section is laid out, how many places it has, and from how many products on it is shown. */
const props = defineProps<{ section: Section }>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>] }>()

const layouts = layoutSchema.options.map(value => ({ value, words: upperFirst(layoutWords[value]) }))
/** A layout brings its own numbers of columns; what was said of cards and headings stays. */
const setLayout = (next: Layout) =>
  emit('change', { layout: next, display: { ...props.section.display, devices: displayFor(next).devices } })
/** More places than this crowd a page: common practice. */
const handful = 8
function setNumber(part: 'places' | 'minimum', by: number): void {
  const next = props.section[part] + by
  if (next >= 1 && next <= 48) emit('change', { [part]: next })
}
</script>

<template>
  <div class="shown">
    <div class="layouts" role="group" :aria-label="say.layout">
      <button
        v-for="{ value, words } in layouts"
        :key="value"
        type="button"
        :aria-pressed="section.layout === value"
        :aria-label="words"
        @click="setLayout(value)"
      >
        <LayoutGlyph :layout="value" />
        <v-tooltip activator="parent" location="bottom">{{ words }}</v-tooltip>
      </button>
    </div>
    <span class="numbers" role="group" :aria-label="say.places"
      >{{ say.placesWord
      }}<span class="stepper"
        ><button type="button" :aria-label="say.fewerPlaces" @click="setNumber('places', -1)">−</button><b>{{ section.places }}</b
        ><button type="button" :aria-label="say.morePlaces" @click="setNumber('places', 1)">+</button></span
      ><span v-if="section.places > handful" class="small crowded" role="status">{{ say.crowds(handful) }}</span></span
    >
    <span class="numbers" role="group" :aria-label="say.minimum"
      >{{ say.hiddenUnder
      }}<span class="stepper"
        ><button type="button" :aria-label="say.lowerMinimum" @click="setNumber('minimum', -1)">−</button><b>{{ section.minimum }}</b
        ><button type="button" :aria-label="say.higherMinimum" @click="setNumber('minimum', 1)">+</button></span
      >{{ section.minimum === 1 ? say.product : say.products }}</span
    >
  </div>
</template>

<style scoped>
.crowded {
  color: var(--saffron-ink);
}
.shown {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}
.layouts {
  display: flex;
  gap: 6px;
}
.layouts button {
  display: grid;
  place-items: center;
  width: 52px;
  height: 42px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  cursor: pointer;
}
.layouts svg {
  width: 34px;
  height: 24px;
  color: var(--ink-soft);
}
.layouts [aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 0 0 1px var(--petrol);
  background: var(--petrol-wash);
}
.layouts [aria-pressed='true'] svg {
  color: var(--petrol);
}
.numbers {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 13px;
}
.stepper {
  display: inline-flex;
  align-items: center;
  height: 30px;
  border: 1px solid var(--line);
  border-radius: 8px;
}
.stepper button {
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 7px;
  background: none;
  color: var(--ink-soft);
  font: 15px/1 var(--text);
  cursor: pointer;
}
.stepper button:hover {
  background: var(--sunk);
}
.stepper b {
  min-width: 22px;
  text-align: center;
  font-variant-numeric: tabular-nums;
}
</style>
