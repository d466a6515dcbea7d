<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import type { CommandAnswer } from '../../../core/bench/bench'
import { useHistory } from '../../stores/history'
import { useMessages } from '../../stores/messages'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useStudioShop } from '../../stores/studioShop'
import { tellWidths } from '../../utils/tellWidths'

/** The Pages workspace: all page plans, the zones of the chosen one, and who gets it. */
definePageMeta({ key: 'pages' })

const route = useRoute()
const studio = useStudioShop()
const history = useHistory()
const messages = useMessages()
const store = useSectionDrafts()

const key = computed(() => String(route.params.plan ?? '') || null)
const chosen = computed(() => store.plans.find(each => each.key === key.value) ?? null)
useHead({ title: () => chosen.value ? `${studio.words((chosen.value.draft ?? chosen.value.live)!.name)} · Pages · Manada` : 'Pages · Manada' })

const load = () => Promise.all([studio.load(), history.load(), store.load()])
// Without a plan in the address, that of product pages is opened.
watch([key, () => store.plans], () => {
  const first = store.plans.find(({ draft }) => draft?.page === 'product' && draft.scope === null)
  if (!key.value && first) void navigateTo(`/pages/${first.key}`, { replace: true })
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
const open = (plan: string | null) => navigateTo(plan ? `/pages/${plan}` : '/pages')
</script>

<template>
  <StudioFrame :load="load" :ready="studio.shop !== null && store.answer !== null" @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <Splitpanes @ready="tellWidths" @resized="tellWidths">
      <Pane :size="21" :min-size="15"><PlansPane :chosen="key" @open="open" /></Pane>
      <Pane :size="48" :min-size="32">
        <PlanEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="open" />
        <BlankPane v-else-if="key" :title="`There is no page plan “${key}”`">It may have been taken away. Choose another in the list, or add one.</BlankPane>
      </Pane>
      <Pane :size="31" :min-size="22"><PlanSide v-if="chosen?.draft" :key="chosen.key" :plan="chosen.draft" @open="open" /></Pane>
    </Splitpanes>
  </StudioFrame>
</template>
