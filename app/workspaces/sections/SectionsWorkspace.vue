<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { labelSplitters } from '../../elements/labelSplitters'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'

/** The Sections workspace: all sections, what fills the chosen one, and how it turns out. */
const route = useRoute()
const studio = useStudioShop()
const store = useDrafts()

const key = computed(() => String(route.params.key ?? '') || null)
const chosen = computed(() => store.sections.find(each => each.key === key.value) ?? null)
useHead({
  title: () =>
    chosen.value ? `${studio.words((chosen.value.draft ?? chosen.value.live)!.heading)} · Sections · Manada` : 'Sections · Manada',
})

const { load, ready, stepped } = useDraftWorkspace()
// Without a section in the address, the first is opened.
watch(
  [key, () => store.sections],
  () => {
    if (!key.value && store.sections.length) void navigateTo(`/sections/${store.sections[0]!.key}`, { replace: true })
  },
  { immediate: true },
)
</script>

<template>
  <StudioFrame :load="load" :ready="ready" @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="21" :min-size="15"><SectionsPane :chosen="key" @open="next => navigateTo(`/sections/${next}`)" /></Pane>
      <Pane :size="42" :min-size="28">
        <SectionEditor
          v-if="chosen"
          :key="chosen.key"
          :stored="chosen"
          @open="next => navigateTo(next ? `/sections/${next}` : '/sections')"
        />
        <BlankPane v-else-if="key" :title="`There is no section “${key}”`"
          >It may have been taken away. Choose another in the list, or add one.</BlankPane
        >
      </Pane>
      <Pane :size="37" :min-size="24"><TryOut v-if="chosen" :key="chosen.key" :stored="chosen" /></Pane>
    </Splitpanes>
  </StudioFrame>
</template>
