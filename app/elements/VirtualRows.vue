<script setup lang="ts" generic="Row">
import { useElementSize, useVirtualList } from '@vueuse/core'

/** A long list of rows of one height; only those in sight are in the page. */
const props = defineProps<{
  count: number
  label: string
  busy: boolean
  rowAt: (index: number) => Row | undefined
  /** The row that has, or last had, the focus. */ cursor: number
  /** The rows have buttons of their own. */ grid?: boolean
}>()
defineSlots<{ default(at: { index: number; row: Row | undefined }): unknown }>()

const rowHeight = 54
const overscan = 4
const indices = computed(() => Array.from({ length: props.count }, (_, i) => i))
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(indices, { itemHeight: rowHeight, overscan })

// A row that leaves at one end is used again at the other: filling it costs a fraction of making it.
const { height } = useElementSize(containerProps.ref)
const pool = computed(() => Math.ceil(height.value / rowHeight) + 2 * overscan + 2)

// With its row, the focus leaves the list: it would otherwise stay on a row that nobody chose.
// While it is on its way to another row it stays, or the next key would be lost.
let onTheWay = 0
onUpdated(() => {
  const focused = containerProps.ref.value?.querySelector<HTMLElement>('[data-index]:focus')
  if (!onTheWay && focused && Number(focused.dataset.index) !== props.cursor) focused.blur()
})

const element = (index: number) => containerProps.ref.value?.querySelector<HTMLElement>(`[data-index="${index}"]`)

/** Puts the focus on a row, and brings it into sight. */
async function focus(index: number): Promise<void> {
  onTheWay++
  if (!element(index)) scrollTo(index)
  await nextTick()
  setTimeout(() => {
    onTheWay--
    // Another key may have gone on from here in the meantime.
    if (index !== props.cursor) return
    element(index)?.focus()
    element(index)?.scrollIntoView({ block: 'nearest' })
  })
}
defineExpose({ focus, toTop: () => scrollTo(0) })
</script>

<template>
  <div
    :ref="containerProps.ref"
    class="rows"
    :role="grid ? 'grid' : 'listbox'"
    aria-multiselectable="true"
    :aria-label="label"
    :aria-busy="busy"
    @scroll.passive="containerProps.onScroll"
  >
    <div v-bind="wrapperProps" role="presentation">
      <template v-for="{ index } in list" :key="index % pool"><slot :index="index" :row="rowAt(index)" /></template>
    </div>
  </div>
</template>

<style scoped>
.rows {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  border-top: 1px solid var(--line-soft);
  contain: strict;
}
</style>
