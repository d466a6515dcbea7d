<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { Pane, Splitpanes } from 'splitpanes'
import { useBundles } from './bundles'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { labelSplitters } from '../../elements/labelSplitters'
import { useFollowing } from '../../data/useFollowing'
import { useShortcut } from '../../elements/useShortcut'

/** The Bundles workspace: all bundles, what is in the chosen one, and what it costs, or where its parts are found. */
const route = useRoute()
const studio = useStudioShop()
const history = useHistory()
const store = useBundles()

const sku = computed(() => String(route.params.sku ?? '') || null)
const name = computed(() => (store.open ? studio.words(store.open.settings.name) || store.open.sku : ''))
useHead({ title: () => (name.value ? `${name.value} · Bundles · Manada` : 'Bundles · Manada') })
const open = (next: string | null) => navigateTo(next === null ? '/bundles' : `/bundles/${encodeURIComponent(next)}`)

const load = () => Promise.all([studio.load(), history.load(), store.loadRows(), store.load(sku.value)])
watch(sku, next => void store.load(next))
// Without a bundle in the address, the first is opened.
watch([sku, () => store.rows], () => {
  if (!sku.value && store.rows?.length) void navigateTo(`/bundles/${encodeURIComponent(store.rows[0]!.sku)}`, { replace: true })
})
onBeforeUnmount(() => void store.flush())

const beside = useLocalStorage<'price' | 'find' | 'orders'>('manada-beside-bundle', 'price')
const besides = [
  { value: 'price', words: 'Price', hint: 'What it costs and earns', shortcut: 'P' },
  { value: 'find', words: 'Find parts', hint: 'Products to put in', shortcut: '/' },
  { value: 'orders', words: 'Orders', hint: 'Who bought it, and with which parts', shortcut: 'O' },
]
const find = useTemplateRef('find')
const orders = useTemplateRef('orders')
async function toFind(): Promise<void> {
  beside.value = 'find'
  await nextTick()
  find.value?.focus()
}
useShortcut('p', () => (beside.value = 'price'))
useShortcut('/', toFind)
useShortcut('o', () => (beside.value = 'orders'))

async function changed(things: { of: string }[] | null): Promise<void> {
  if (things && !things.some(each => each.of === 'product' || each.of === 'category')) return
  await Promise.all([store.loadRows(), store.load(sku.value), studio.refresh()])
  void find.value?.refresh()
  void orders.value?.refresh()
}
const stepped = useFollowing(changed)
</script>

<template>
  <StudioFrame
    :load="load"
    :ready="studio.shop !== null && store.rows !== null"
    @stepped="stepped"
    @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)"
  >
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="21" :min-size="15"><BundlesPane :chosen="sku" @open="open" /></Pane>
      <Pane :size="47" :min-size="30">
        <BundleEditor v-if="store.open" :key="store.open.sku" :stored="store.open" @open="open" @find="toFind" />
        <BlankPane v-else-if="store.missing" :title="`There is no bundle ${sku}`"
          >It may have been removed, or is a product of its own. Choose another in the list, or add one.</BlankPane
        >
        <BlankPane v-else-if="!sku && !store.rows?.length" title="No bundles yet"
          >A bundle is several products sold as one line: always the same ones, with choices, or any so many out of a set. Add the first
          with + in the list.</BlankPane
        >
      </Pane>
      <Pane :size="32" :min-size="24">
        <div v-if="store.open" class="beside">
          <PaneTabs
            :tabs="besides"
            label="Beside the bundle"
            :is-on="value => beside === value"
            @show="value => (value === 'find' ? toFind() : (beside = value as typeof beside))"
          />
          <BundleCost v-if="beside === 'price'" :key="store.open.sku" :stored="store.open" class="content" />
          <BundleOrders
            v-else-if="beside === 'orders'"
            ref="orders"
            :key="`orders ${store.open.sku}`"
            :sku="store.open.sku"
            class="content"
          />
          <FindParts v-else ref="find" :key="`find ${store.open.sku}`" :stored="store.open" class="content" />
        </div>
      </Pane>
    </Splitpanes>
  </StudioFrame>
</template>

<style scoped>
.beside {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.content {
  flex: 1;
  min-height: 0;
}
</style>
