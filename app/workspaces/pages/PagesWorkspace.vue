<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { labelSplitters } from '../../elements/labelSplitters'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'

/** The Pages workspace: all page plans, the zones of the chosen one, and who gets it. */
const route = useRoute()
const studio = useStudioShop()
const store = useDrafts()

const key = computed(() => String(route.params.plan ?? '') || null)
const chosen = computed(() => store.plans.find(each => each.key === key.value) ?? null)
useHead({
  title: () => (chosen.value ? `${studio.words((chosen.value.draft ?? chosen.value.live)!.name)} · Pages · Manada` : 'Pages · Manada'),
})

const { load, ready, stepped } = useDraftWorkspace()
// Without a plan in the address, that of product pages is opened.
watch(
  [key, () => store.plans],
  () => {
    const first = store.plans.find(({ draft }) => draft?.page === 'product' && draft.scope === null)
    if (!key.value && first) void navigateTo(`/pages/${first.key}`, { replace: true })
  },
  { immediate: true },
)

const open = (plan: string | null) => navigateTo(plan ? `/pages/${plan}` : '/pages')
</script>

<template>
  <StudioFrame :load="load" :ready="ready" @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="21" :min-size="15"><PlansPane :chosen="key" @open="open" /></Pane>
      <Pane :size="48" :min-size="32">
        <PlanEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="open" />
        <BlankPane v-else-if="key" :title="`There is no page plan “${key}”`"
          >It may have been taken away. Choose another in the list, or add one.</BlankPane
        >
      </Pane>
      <Pane :size="31" :min-size="22"><PlanSide v-if="chosen?.draft" :key="chosen.key" :plan="chosen.draft" @open="open" /></Pane>
    </Splitpanes>
  </StudioFrame>
</template>
