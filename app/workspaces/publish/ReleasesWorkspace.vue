<script setup lang="ts">
import { useDrafts } from '../../data/drafts'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { useReleases } from './releases'
import { useEffects } from './useEffects'
import { useLeaving } from './useLeaving'
import { useReleaseOpened } from './useReleaseOpened'
import { publishWords } from './words'

const say = publishWords.releasesWorkspace

/** What shoppers had: releases, what going back to one would change on every page, and the pages as they were. */
const releases = useReleases()
const drafts = useDrafts()
const leave = useLeaving()
const { load, ready, stepped } = useDraftWorkspace()
const loadAll = () => Promise.all([load(), releases.load()])

// A colleague may publish meanwhile.
watch(
  () => drafts.edition,
  () => releases.load(),
)

const newest = computed(() => releases.answer?.releases[0]?.number ?? null)
// Of all there are, the one before what shoppers have is what somebody goes back to.
const { key } = useOpened('/releases', () => {
  const number = releases.answer?.releases[1]?.number ?? newest.value
  return number === null ? null : String(number)
})
const number = computed(() => (key.value && /^[1-9]\d{0,8}$/.test(key.value) ? Number(key.value) : null))
useWorkspaceTitle(say.releases, () => key.value && say.release(key.value))

const { release, failed, words, sectionThen } = useReleaseOpened(() => number.value)
const isNewest = computed(() => number.value === newest.value)
const isAnother = computed(() => release.value !== null && words.value.length > 0)
const seen = useEffects(() => (ready.value && release.value && isAnother.value ? { release: release.value.number } : null), sectionThen)
const none = computed(() => {
  if (failed.value) return failed.value
  return isNewest.value ? say.shoppersHaveIt : say.shoppersHaveAllOfIt
})
const version = computed(() => (number.value === null ? ('live' as const) : { release: number.value }))
const open = (next: string) => navigateTo(`/releases/${encodeURIComponent(next)}`, { replace: true })
</script>

<template>
  <WorkspacePanes :load="loadAll" :ready="ready && releases.answer !== null" :sizes="[30, 40, 30]" @stepped="stepped">
    <template #list><ReleasesPane :chosen="key" :is-another="isAnother" @open="open" @leave="leave" /></template>
    <BlankPane v-if="!releases.answer?.releases.length" :title="say.thereIsNoReleaseYet">{{ say.theFirstComes }}</BlankPane>
    <EffectsPane v-else :seen="seen" :none="none">
      <div v-if="isAnother && !isNewest" class="changes">
        <h2>{{ say.goingBackTo(key!) }}</h2>
        <ul>
          <li v-for="each in words" :key="each">{{ each }}</li>
        </ul>
      </div>
    </EffectsPane>
    <template #beside><ComparedPages :seen="seen" :version="version" :version-words="say.asInRelease(key ?? '')" /></template>
  </WorkspacePanes>
</template>

<style scoped>
.changes {
  padding: 16px 20px 12px;
  border-bottom: 1px solid var(--line);
}
h2 {
  font-size: 17px;
}
ul {
  margin: 6px 0 0;
  padding-left: 18px;
  font-size: 13.5px;
}
</style>
