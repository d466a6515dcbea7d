<script setup lang="ts">
import { draftNames, isAnyToPublish } from '../../../core/releases/toPublish'
import { useDrafts } from '../../data/drafts'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { useTicked } from '../../parts/publishing/ticked'
import { useEffects } from './useEffects'
import { useLanguageRows } from './useLanguageRows'
import { useLeaving } from './useLeaving'
import { publishWords } from './words'

const say = publishWords.publishWorkspace

/** Where drafts go to shoppers: what is ticked, what that does to every page, and the pages themselves before and after. */
const store = useDrafts()
const ticked = useTicked()
const route = useRoute()
const leave = useLeaving()
useWorkspaceTitle(say.publish)

const { load, ready, stepped } = useDraftWorkspace()
watch(
  () => route.query.first,
  first => route.path === '/publish' && ticked.begin(typeof first === 'string' ? first : null),
  { immediate: true },
)

const isAny = computed(() => isAnyToPublish(ticked.keys))
const seen = useEffects(
  () => (ready.value && isAny.value ? { publish: ticked.keys } : null),
  key => {
    const stored = store.storedOf('sections', key)
    return (ticked.keys.sections.includes(key) ? stored?.draft : stored?.live) ?? null
  },
)
const languageRows = useLanguageRows()
const version = computed(() => ({ only: draftNames(ticked.keys) }))
const none = computed(() => (store.unpublishedCount ? say.tickSomething : say.nothingToPublish))
</script>

<template>
  <WorkspacePanes :load="load" :ready="ready" :sizes="[27, 43, 30]" @stepped="stepped">
    <template #list><ToPublishPane @leave="leave" /></template>
    <EffectsPane :seen="seen" :more="languageRows" :none="none" />
    <template #beside><ComparedPages :seen="seen" :version="version" :version-words="say.withWhatIsTicked" /></template>
  </WorkspacePanes>
</template>
