<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { useDrafts } from '../../data/drafts'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useFollowing } from '../../data/useFollowing'
import { useShortcut } from '../../elements/useShortcut'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { useBundles } from './bundles'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundlesWorkspace

/** The Bundles workspace: all bundles, what is in the chosen one, and what it costs, or where its parts are found. */
const studio = useStudioShop()
const history = useHistory()
const store = useBundles()
const drafts = useDrafts()

const { key: sku, open } = useOpened('/bundles', () => store.rows?.[0]?.sku ?? null)
useWorkspaceTitle(say.bundles, () => store.open && (studio.words(store.open.settings.name) || store.open.sku))
const load = () => Promise.all([studio.load(), history.load(), store.loadRows(), store.load(sku.value), drafts.load()])
watch(sku, next => void store.load(next))
onBeforeUnmount(() => void store.flush())

const beside = useLocalStorage<'price' | 'find' | 'shop' | 'orders'>('manada-beside-bundle', 'price')
const besides = [
  { value: 'price', words: say.price, hint: say.whatItCostsAndEarns, shortcut: 'C' },
  { value: 'find', words: say.findParts, hint: say.productsToPutIn, shortcut: '/' },
  { value: 'shop', words: say.shop, hint: say.itsPageInTheShop, shortcut: 'V' },
  { value: 'orders', words: say.orders, hint: say.whoBoughtItAndWith, shortcut: 'O' },
]
const find = useTemplateRef('find')
const orders = useTemplateRef('orders')
async function show(next: string): Promise<void> {
  beside.value = next as typeof beside.value
  await nextTick()
  if (next === 'find') find.value?.focus()
}
useShortcut('c', () => show('price'))
useShortcut('/', () => show('find'))
useShortcut('v', () => show('shop'))
useShortcut('o', () => show('orders'))

const stepped = useFollowing(async things => {
  if (things && !things.some(each => ['product', 'bundle', 'schedule', 'category'].includes(each.of))) return
  await Promise.all([drafts.load(), store.loadRows(), store.load(sku.value), studio.refresh()])
  void find.value?.refresh()
  void orders.value?.refresh()
})
</script>

<template>
  <WorkspacePanes :load="load" :ready="studio.shop !== null && store.rows !== null" :sizes="[21, 47, 32]" @stepped="stepped">
    <template #list><BundlesPane :chosen="sku" @open="open" /></template>
    <BundleEditor v-if="store.open" :key="store.open.sku" :stored="store.open" @open="open" @find="show('find')" />
    <BlankPane v-else-if="store.missing" :title="say.thereIsNoBundle(sku!)">{{ say.itMayHaveBeenRemoved }}</BlankPane>
    <BlankPane v-else-if="!sku && !store.rows?.length" :title="say.noBundlesYet">{{ say.aBundleIsSeveralProducts }}</BlankPane>
    <template #beside>
      <div v-if="store.open" class="beside">
        <PaneTabs :tabs="besides" :label="say.besideTheBundle" :is-on="value => beside === value" @show="show" />
        <BundleCost v-if="beside === 'price'" :key="store.open.sku" :stored="store.open" class="content" />
        <PagePreview v-else-if="beside === 'shop'" :key="`shop ${store.open.sku}`" page="product" :about="store.open.sku" of="bundle"
          ><WhoAndWhen with-language
        /></PagePreview>
        <BundleOrders
          v-else-if="beside === 'orders'"
          ref="orders"
          :key="`orders ${store.open.sku}`"
          :sku="store.open.sku"
          class="content"
        />
        <FindParts v-else ref="find" :key="`find ${store.open.sku}`" :stored="store.open" class="content" />
      </div>
    </template>
  </WorkspacePanes>
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
