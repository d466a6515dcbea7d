<script setup lang="ts">
import type { CommandAnswer } from '../../core/bench/bench'
import { useHistory } from '../stores/history'
import { useMessages } from '../stores/messages'
import { useSectionDrafts } from '../stores/sectionDrafts'
import { useStudioShop } from '../stores/studioShop'

/** The Exchange workspace: files in and out. */
const history = useHistory()
const messages = useMessages()
const studio = useStudioShop()
const sections = useSectionDrafts()
useHead({ title: 'Exchange · Manada' })

const failed = ref('')
onMounted(() => history.load().catch((error: Error) => failed.value = error.message))
useChangeEvents(() => {
  studio.forget()
  void history.load()
  void sections.load()
})
const stepped = (answer: CommandAnswer) => messages.tell(answer.words)
</script>

<template>
  <StudioFrame @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <p v-if="failed" class="failed wrong" role="alert">{{ failed }} <a href="">Reload the page</a></p>
    <main v-else class="panes">
      <ImportPane />
      <ExportPane />
    </main>
  </StudioFrame>
</template>

<style scoped>
.failed { padding: 24px; }
.panes { flex: 1; min-height: 0; display: grid; grid-template-columns: minmax(0, 1fr) 400px; }
@media (max-width: 900px) { .panes { grid-template-columns: 1fr; grid-template-rows: minmax(420px, 1fr) auto; overflow-y: auto; } }
</style>
