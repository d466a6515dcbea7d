<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import { houseKey } from '../../../core/looks/look'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { labelSplitters } from '../../elements/labelSplitters'
import { useDraftWorkspace } from '../../data/useDraftWorkspace'

/** Looks, of the Sections workspace: all of them, what the chosen one says, and the shop with it. */
const route = useRoute()
const studio = useStudioShop()
const store = useDrafts()

const key = computed(() => String(route.params.look ?? '') || null)
const chosen = computed(() => store.looks.find(each => each.key === key.value) ?? null)
useHead({
  title: () => (chosen.value ? `${studio.words((chosen.value.draft ?? chosen.value.live)!.name)} · Looks · Manada` : 'Looks · Manada'),
})

const { load, ready, stepped } = useDraftWorkspace()
// Without a look in the address, the shop's own is opened.
watch(
  [key, () => store.looks],
  () => {
    if (!key.value && store.looks.length) void navigateTo(`/looks/${houseKey}`, { replace: true })
  },
  { immediate: true },
)

/** The sections that it can be seen on. */
const users = computed(() =>
  store.sections.filter(
    ({ key: section, draft }) =>
      draft && !draft.off && (key.value === houseKey || draft.look.preset === key.value) && store.placesOf(section).length,
  ),
)
const seenOn = ref<string | null>(null)
const seen = computed(() => users.value.find(each => each.key === seenOn.value) ?? users.value[0] ?? null)
const headingOf = (each: (typeof users.value)[0]) => studio.words(each.draft!.heading) || each.key
</script>

<template>
  <StudioFrame :load="load" :ready="ready" @stepped="stepped" @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)">
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="21" :min-size="15"><LooksPane :chosen="key" @open="next => navigateTo(`/looks/${next}`)" /></Pane>
      <Pane :size="38" :min-size="28">
        <LookEditor v-if="chosen" :key="chosen.key" :stored="chosen" @open="next => navigateTo(next ? `/looks/${next}` : '/looks')" />
        <BlankPane v-else-if="key" :title="`There is no look “${key}”`"
          >It may have been taken away. Choose another in the list, or add one.</BlankPane
        >
      </Pane>
      <Pane :size="41" :min-size="24">
        <TryOut v-if="chosen && seen" :key="`${chosen.key} ${seen.key}`" :stored="seen" page-only>
          <v-select
            v-if="users.length > 1"
            :model-value="seen.key"
            class="seen"
            :items="users.map(each => ({ value: each.key, title: headingOf(each) }))"
            aria-label="Seen on"
            @update:model-value="(key: string) => (seenOn = key)"
          />
        </TryOut>
        <BlankPane v-else-if="chosen" title="Nothing to see it on yet"
          >No section on a page has this look. Give it to one in the section, under “Looks like”.</BlankPane
        >
      </Pane>
    </Splitpanes>
  </StudioFrame>
</template>

<style scoped>
.seen {
  flex: 0 1 180px;
}
</style>
