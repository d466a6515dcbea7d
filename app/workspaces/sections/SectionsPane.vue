<script setup lang="ts">
import { isUnpublished } from '../../../core/sections/versions'
import type { StoredSection } from '../../../core/studio/sectionAnswers'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { newSection, pageWords, zoneWords } from '../../parts/sections/sectionWords'
import PhPlus from '~icons/ph/plus'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhWarning from '~icons/ph/warning'
import { useListSteps } from '../../elements/useListSteps'
import { useShortcut } from '../../elements/useShortcut'
import { sectionsWords } from './words/sections'

const say = sectionsWords.sectionsPane

/** All sections, with where they stand and whether shoppers have them. */
const props = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useDrafts()
const studio = useStudioShop()
const words = ref('')

const headingOf = (each: StoredSection) => studio.words((each.draft ?? each.live)!.heading) || each.key
function whereOf(key: string): string {
  const places = store.placesOf(key)
  if (!places.length) return say.onNoPageYet
  return places.length === 1
    ? `${pageWords[places[0]!.plan.page]} · ${zoneWords(places[0]!.zone)}`
    : [...new Set(places.map(each => pageWords[each.plan.page]))].join(', ')
}
/** Of what shoppers have and what they will have. */
function stateOf({ key, live, draft }: StoredSection): { name: string; words: string } {
  if (!draft) return { name: 'leaving', words: say.toBeRemoved }
  if (isUnpublished({ live, draft })) return { name: 'draft', words: live ? say.changed : say.draft }
  const places = store.placesOf(key)
  if (draft.off || (places.length && places.every(each => each.off))) return { name: 'off', words: say.off }
  return { name: 'live', words: say.live }
}
const pageOrder = Object.keys(pageWords)
/** In the order of the pages they stand on. */
const rows = computed(() => {
  const placeOf = (key: string) => {
    const [first] = store.placesOf(key)
    return first ? pageOrder.indexOf(first.plan.page) * 1000 + first.plan.zones.flatMap(zone => zone.sections).indexOf(key) : Infinity
  }
  return store.sections
    .map(each => ({ ...each, heading: headingOf(each), where: whereOf(each.key), state: stateOf(each), place: placeOf(each.key) }))
    .filter(each => `${each.heading} ${each.where}`.toLowerCase().includes(words.value.trim().toLowerCase()))
    .sort((a, b) => a.place - b.place || a.heading.localeCompare(b.heading))
})

async function add(): Promise<void> {
  const key = await store.add(newSection(studio.shop!.settings.language, studio.kinds[0]!.key))
  if (key) emit('open', key)
}
const { step } = useListSteps(
  () => rows.value,
  () => props.chosen,
  'data-section',
  key => emit('open', key),
)
useShortcut('n', add)
</script>

<template>
  <section class="pane" :aria-label="say.sections">
    <SectionsOrLooks on="sections"
      ><button type="button" class="icon-button add" :aria-label="say.addASection" aria-keyshortcuts="N" @click="add">
        <PhPlus /><v-tooltip activator="parent" location="bottom">{{ say.addASection }}<span class="key">N</span></v-tooltip>
      </button></SectionsOrLooks
    >
    <div class="tools">
      <v-text-field
        v-model="words"
        :placeholder="say.sectionsWithSectionCount(store.sections.length)"
        :aria-label="say.findASection"
        type="search"
      >
        <template #prepend-inner><PhMagnifyingGlass /></template>
      </v-text-field>
    </div>
    <ul @keydown="step">
      <li v-for="each in rows" :key="each.key">
        <button
          type="button"
          class="row"
          :data-section="each.key"
          :aria-current="each.key === chosen || undefined"
          @click="emit('open', each.key)"
        >
          <span class="names"
            ><span class="name cut">{{ each.heading }}</span
            ><span class="small soft cut">{{ each.where }}</span></span
          >
          <PhWarning
            v-if="each.problems.length"
            class="problem"
            width="16"
            height="16"
            role="img"
            :aria-label="say.toLookAt(each.problems.length)"
          />
          <span class="state" :class="each.state.name">{{ each.state.words }}</span>
        </button>
      </li>
    </ul>
    <p v-if="!rows.length" class="none soft">{{ say.noSectionHasTheseWords }}</p>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.tools {
  display: flex;
  gap: 8px;
  padding: 8px 12px;
  border-bottom: 1px solid var(--line-soft);
}
.add {
  width: 36px;
  height: 36px;
  border: 1px solid var(--line);
}
ul {
  flex: 1;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  height: 54px;
  padding: 0 12px 0 14px;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  box-shadow: inset 3px 0 transparent;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.row:hover {
  background: var(--paper);
}
.row[aria-current] {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--petrol);
}
.row:focus-visible {
  outline-offset: -3px;
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  gap: 1px;
}
.name {
  font-weight: 550;
}
[aria-current] .name {
  font-weight: 650;
}
.problem {
  flex: none;
  color: var(--clay);
}
.none {
  padding: 12px 16px;
}
</style>
