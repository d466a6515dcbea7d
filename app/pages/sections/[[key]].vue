<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import type { CommandAnswer } from '../../../core/bench/bench'
import { useHistory } from '../../stores/history'
import { useMessages } from '../../stores/messages'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useStudioShop } from '../../stores/studioShop'
import { tellWidths } from '../../utils/tellWidths'

/** The Sections workspace: all sections, what fills the chosen one, and how it turns out. */
definePageMeta({ key: 'sections' })

const route = useRoute()
const studio = useStudioShop()
const history = useHistory()
const messages = useMessages()
const store = useSectionDrafts()

const key = computed(() => String(route.params.key ?? '') || null)
const chosen = computed(() => store.sections.find(each => each.key === key.value) ?? null)
useHead({ title: () => chosen.value ? `${studio.words((chosen.value.draft ?? chosen.value.live)!.heading)} · Sections · Manada` : 'Sections · Manada' })

const failed = ref('')
onMounted(() => Promise.all([studio.load(), history.load(), store.load()]).catch((error: Error) => failed.value = error.message))
// Without a section in the address, the first is opened.
watch([key, () => store.sections], () => {
  if (!key.value && store.sections.length) void navigateTo(`/sections/${store.sections[0]!.key}`, { replace: true })
}, { immediate: true })

/** Takes anew what a change, here or in another window, may have changed. */
async function changed(things: { of: string }[] | null): Promise<void> {
  if (!things || things.some(each => ['kind', 'kindOrder', 'category', 'product'].includes(each.of))) await studio.refresh()
  await store.load()
}
function stepped(done: CommandAnswer): void {
  messages.tell(done.words)
  void changed(done.changes)
}
useChangeEvents((change) => {
  void changed(change && change.changes)
  void history.load()
})
</script>

<template>
  <StudioFrame @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <p v-if="failed" class="failed wrong" role="alert">{{ failed }} <a href="">Reload the page</a></p>
    <main v-else-if="studio.shop && store.answer" class="panes">
      <Splitpanes @ready="tellWidths" @resized="tellWidths">
        <Pane :size="21" :min-size="15"><SectionsPane :chosen="key" @open="next => navigateTo(`/sections/${next}`)" /></Pane>
        <Pane :size="42" :min-size="28">
          <SectionEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="next => navigateTo(next ? `/sections/${next}` : '/sections')" />
          <div v-else-if="key" class="blank">
            <h1>There is no section “{{ key }}”</h1>
            <p class="soft">It may have been taken away. Choose another in the list, or add one.</p>
          </div>
        </Pane>
        <Pane :size="37" :min-size="24"><TryOut v-if="chosen" :key="chosen.key" :stored="chosen" /></Pane>
      </Splitpanes>
    </main>
    <v-progress-linear v-else indeterminate color="primary" height="2" aria-label="Loading" />
  </StudioFrame>
</template>

<style scoped>
.failed { padding: 24px; }
.panes { flex: 1; min-height: 0; }
.blank { display: grid; align-content: center; justify-items: center; gap: 8px; height: 100%; padding: 24px; background: var(--sheet); text-align: center; }
h1 { font-size: 20px; }
.blank p { margin: 0; max-width: 34ch; }
</style>
