<script setup lang="ts">
import type { CommandAnswer } from '../../../core/workbench/workbench'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { useChangeEvents } from '../../data/useChangeEvents'

/** The Exchange workspace: files in and out. */
const history = useHistory()
const messages = useMessages()
const studio = useStudioShop()
const sections = useDrafts()
useHead({ title: 'Exchange · Manada' })

const load = () => Promise.all([studio.load(), history.load()])
useChangeEvents(() => {
  studio.forget()
  void studio.load()
  void history.load()
  void sections.load()
})
const stepped = (answer: CommandAnswer) => messages.tell(answer.words)
</script>

<template>
  <StudioFrame :load="load" :ready="true" @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <div class="columns">
      <ImportPane />
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
