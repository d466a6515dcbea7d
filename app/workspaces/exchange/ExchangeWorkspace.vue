<script setup lang="ts">
import { useDrafts } from '../../data/drafts'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useFollowing } from '../../data/useFollowing'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { exchangeWords } from './words'

const say = exchangeWords.exchangeWorkspace

/** The Exchange workspace: files in and out. */
const history = useHistory()
const studio = useStudioShop()
const drafts = useDrafts()
useWorkspaceTitle(say.exchange)

const load = () => Promise.all([studio.load(), history.load()])
const stepped = useFollowing(async () => {
  await Promise.all([studio.refresh(), drafts.load()])
})
</script>

<template>
  <StudioFrame :load="load" :ready="true" @stepped="stepped">
    <div class="columns">
      <ImportPane @imported="studio.refresh" />
      <ExportPane />
    </div>
  </StudioFrame>
</template>

<style scoped>
.columns {
  height: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
    grid-template-rows: minmax(420px, 1fr) auto;
    overflow-y: auto;
  }
}
</style>
