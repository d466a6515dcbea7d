<script setup lang="ts">
import { upperFirst } from 'es-toolkit'
import { isUnpublished } from '../../../core/sections/versions'
import type { StoredSection } from '../../../core/studio/draftAnswers'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { newSection, pageWords, zoneWords } from '../../parts/sections/sectionWords'
import PhWarning from '~icons/ph/warning'
import { sectionsWords } from './words/sections'

const say = sectionsWords.sectionsPane

/** All sections, with where they stand and whether shoppers have them. */
defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useDrafts()
const studio = useStudioShop()
const words = ref('')

function whereOf(key: string): string {
  const planned = store.plannedWords('sections', key)
  return planned ? `${upperFirst(planned)} · ${standsOn(key)}` : standsOn(key)
}
function standsOn(key: string): string {
  const plans = store.plansWith(key)
  if (!plans.length) return say.onNoPageYet
  return plans.length === 1
    ? `${pageWords[plans[0]!.plan.page]} · ${zoneWords(plans[0]!.zone)}`
    : [...new Set(plans.map(each => pageWords[each.plan.page]))].join(', ')
}
/** Of what shoppers have and what they will have. */
function stateOf({ key, live, draft }: StoredSection): { name: string; words: string } {
  if (!draft) return { name: 'leaving', words: say.toBeRemoved }
  if (isUnpublished({ live, draft })) return { name: 'draft', words: live ? say.changed : say.draft }
  const plans = store.plansWith(key)
  if (draft.off || (plans.length && plans.every(each => each.off))) return { name: 'off', words: say.off }
  return { name: 'live', words: say.live }
}
const pageOrder = Object.keys(pageWords)
/** In the order of the pages they stand on. */
const rows = computed(() => {
  const positionOf = (key: string) => {
    const [first] = store.plansWith(key)
    return first ? pageOrder.indexOf(first.plan.page) * 1000 + first.plan.zones.flatMap(zone => zone.blocks).indexOf(key) : Infinity
  }
  return store.sections
    .map(each => ({
      ...each,
      name: store.nameOf('sections', each.key),
      where: whereOf(each.key),
      state: stateOf(each),
      position: positionOf(each.key),
    }))
    .filter(each =>
      `${each.name} ${studio.words((each.draft ?? each.live)!.heading)} ${each.where}`
        .toLowerCase()
        .includes(words.value.trim().toLowerCase()),
    )
    .sort((a, b) => a.position - b.position || a.name.localeCompare(b.name))
})

async function add(): Promise<void> {
  const key = await store.add(newSection(studio.shop!.settings.language, studio.kinds[0]!.key))
  if (key) emit('open', key)
}
</script>

<template>
  <ListPane
    v-model:words="words"
    :label="say.sections"
    :rows="rows"
    :chosen="chosen"
    attribute="data-section"
    :find="{ label: say.findASection, placeholder: say.sectionsWithSectionCount(store.sections.length) }"
    :none="say.noSectionHasTheseWords"
    @open="key => emit('open', key)"
  >
    <template #head
      ><SectionsOrLooks on="sections"><AddButton :label="say.addASection" @add="add" /></SectionsOrLooks
    ></template>
    <template #default="{ row }">
      <RowNames :name="row.name" :more="row.where" />
      <PhWarning
        v-if="row.problems.length"
        class="problem"
        width="16"
        height="16"
        role="img"
        :aria-label="say.toLookAt(row.problems.length)"
      />
      <span class="state" :class="row.state.name">{{ row.state.words }}</span>
    </template>
  </ListPane>
</template>

<style scoped>
.problem {
  flex: none;
  color: var(--clay);
}
</style>
