<script setup lang="ts">
import { useDrafts } from '../../data/drafts'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { sectionsWords } from './words/sections'

const say = sectionsWords.sectionsWorkspace

/** The Sections workspace: all sections, what fills the chosen one, and how it turns out. */
const store = useDrafts()

const { key, open } = useOpened('/sections', () => store.sections[0]?.key ?? null)
const chosen = computed(() => store.sections.find(each => each.key === key.value) ?? null)
useWorkspaceTitle(say.sections, () => chosen.value && store.nameOf('sections', chosen.value.key))
const { load, ready, stepped } = useDraftWorkspace()
</script>

<template>
  <WorkspacePanes :load="load" :ready="ready" :sizes="[21, 42, 37]" @stepped="stepped">
    <template #list><SectionsPane :chosen="key" @open="open" /></template>
    <SectionEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="open" />
    <BlankPane v-else-if="key" :title="say.thereIsNoSection(key)">{{ say.itMayHaveBeenTaken }}</BlankPane>
    <template #beside><TryOut v-if="chosen" :key="chosen.key" :stored="chosen" /></template>
  </WorkspacePanes>
</template>
