<script setup lang="ts">
import { houseKey } from '../../../core/looks/look'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { sectionsWords } from './words/sections'

const say = sectionsWords.looksWorkspace

/** Looks, of the Sections workspace: all of them, what the chosen one says, and the shop with it. */
const studio = useStudioShop()
const store = useDrafts()

const { key, open } = useOpened('/looks', () => (store.looks.length ? houseKey : null))
const chosen = computed(() => store.looks.find(each => each.key === key.value) ?? null)
useWorkspaceTitle(say.looks, () => chosen.value && studio.words((chosen.value.draft ?? chosen.value.live)!.name))
const { load, ready, stepped } = useDraftWorkspace()

/** The sections that it can be seen on. */
const users = computed(() =>
  store.sections.filter(
    ({ key: section, draft }) =>
      draft && !draft.off && (key.value === houseKey || draft.look.preset === key.value) && store.plansWith(section).length,
  ),
)
const seenOn = ref<string | null>(null)
const seen = computed(() => users.value.find(each => each.key === seenOn.value) ?? users.value[0] ?? null)
const choices = computed(() => users.value.map(each => ({ value: each.key, title: store.nameOf('sections', each.key) })))
</script>

<template>
  <WorkspacePanes :load="load" :ready="ready" :sizes="[21, 38, 41]" @stepped="stepped">
    <template #list><LooksPane :chosen="key" @open="open" /></template>
    <LookEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="open" />
    <BlankPane v-else-if="key" :title="say.thereIsNoLook(key)">{{ say.itMayHaveBeenTaken }}</BlankPane>
    <template #beside>
      <TryOut v-if="chosen && seen" :key="`${chosen.key} ${seen.key}`" :stored="seen" page-only>
        <v-select
          v-if="users.length > 1"
          :model-value="seen.key"
          class="seen"
          :items="choices"
          :aria-label="say.seenOn"
          @update:model-value="(key: string) => (seenOn = key)"
        />
      </TryOut>
      <BlankPane v-else-if="chosen" :title="say.nothingToSeeItOn">{{ say.noSectionOnAPage }}</BlankPane>
    </template>
  </WorkspacePanes>
</template>

<style scoped>
.seen {
  flex: 0 1 180px;
}
</style>
