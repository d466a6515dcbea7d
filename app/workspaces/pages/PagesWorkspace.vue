<script setup lang="ts">
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { pagesWords } from './words'

const say = pagesWords.pagesWorkspace

/** The Pages workspace: all page plans, the zones of the chosen one, and who gets it. */
const studio = useStudioShop()
const store = useDrafts()

// That of product pages is where most is to do.
const { key, open } = useOpened(
  '/pages',
  () => store.plans.find(({ draft }) => draft?.page === 'product' && draft.scope === null)?.key ?? null,
)
const chosen = computed(() => store.plans.find(each => each.key === key.value) ?? null)
useWorkspaceTitle(say.pages, () => chosen.value && studio.words((chosen.value.draft ?? chosen.value.live)!.name))
const { load, ready, stepped } = useDraftWorkspace()
</script>

<template>
  <WorkspacePanes :load="load" :ready="ready" :sizes="[21, 48, 31]" @stepped="stepped">
    <template #list><PlansPane :chosen="key" @open="open" /></template>
    <PlanEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="open" />
    <BlankPane v-else-if="key" :title="say.thereIsNoPagePlan(key)">{{ say.itMayHaveBeenTaken }}</BlankPane>
    <template #beside><PlanSide v-if="chosen?.draft" :key="chosen.key" :plan="chosen.draft" @open="open" /></template>
  </WorkspacePanes>
</template>
