<script setup lang="ts">
import { houseKey } from '../../../../core/looks/look'
import type { StoredLook } from '../../../../core/studio/sectionAnswers'
import { isUnpublished } from '../../../../core/sections/versions'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import PhPlus from '~icons/ph/plus'
import { useListSteps } from '../../../elements/useListSteps'
import { useShortcut } from '../../../elements/useShortcut'
import { looksWords } from '../words/looks'

const say = looksWords.looksPane

/** All looks, the shop's own first, with how many sections have each. */
const props = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ open: [key: string] }>()
const store = useDrafts()
const studio = useStudioShop()

const nameOf = ({ key, live, draft }: StoredLook) => studio.words((draft ?? live)!.name) || key
const usedBy = (sections: number) => (sections ? say.sections(sections) : say.noSectionHasIt)
const rows = computed(() =>
  store.looks
    .map(each => ({
      ...each,
      name: nameOf(each),
      parts: store.lookBook.partsOf({ preset: each.key, own: {} }),
      where: each.key === houseKey ? say.accentFontsAndWhatAll : usedBy(store.sectionsWith(each.key).length),
    }))
    .sort((a, b) => Number(b.key === houseKey) - Number(a.key === houseKey) || a.name.localeCompare(b.name)),
)

async function add(): Promise<void> {
  const key = await store.addLook({ name: { [studio.shop!.settings.language]: say.newLook }, parts: {}, page: null })
  if (key) emit('open', key)
}
const { step } = useListSteps(
  () => rows.value,
  () => props.chosen,
  'data-look',
  key => emit('open', key),
)
useShortcut('n', add)
</script>

<template>
  <section class="pane" :aria-label="say.looks">
    <SectionsOrLooks on="looks"
      ><button type="button" class="icon-button add" :aria-label="say.addALook" aria-keyshortcuts="N" @click="add">
        <PhPlus /><v-tooltip activator="parent" location="bottom">{{ say.addALook }}<span class="key">N</span></v-tooltip>
      </button></SectionsOrLooks
    >
    <ul @keydown="step">
      <li v-for="each in rows" :key="each.key">
        <button
          type="button"
          class="row"
          :data-look="each.key"
          :aria-current="each.key === chosen || undefined"
          @click="emit('open', each.key)"
        >
          <LookSwatch :parts="each.parts" :page="store.lookBook.page" class="swatch" />
          <span class="names"
            ><span class="name cut">{{ each.name }}</span
            ><span class="small soft">{{ each.where }}</span></span
          >
          <span v-if="!each.draft" class="state leaving">{{ say.toBeRemoved }}</span>
          <span v-else-if="isUnpublished(each)" class="state draft">{{ each.live ? say.changed : say.draft }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
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
  gap: 11px;
  width: 100%;
  min-height: 70px;
  padding: 8px 12px;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
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
.swatch {
  flex: none;
  box-shadow: 0 0 0 1px var(--line-soft);
}
.names {
  flex: 1;
  min-width: 0;
  display: grid;
  gap: 1px;
  line-height: 1.3;
}
.name {
  font-weight: 550;
}
[aria-current] .name {
  font-weight: 650;
}
</style>
