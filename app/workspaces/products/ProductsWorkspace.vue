<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import { useLocalStorage } from '@vueuse/core'
import type { CommandAnswer } from '../../../core/workbench/workbench'
import { useWorkbench } from './bench/workbench'
import { useProductSearch } from './find/productSearch'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import type { LanePage } from '../../../core/links/pageLanes'
import { pageOfSource } from '../../../core/links/pageLanes'
import { fromAddress } from '../../parts/productSearch/listQuery'
import { labelSplitters } from '../../elements/labelSplitters'
import PhColumns from '~icons/ph/columns'
import { useChangeEvents } from '../../data/useChangeEvents'
import { useShortcut } from '../../elements/useShortcut'
import { productsWords } from './words/products'

const say = productsWords.productsWorkspace

/** The Products workspace: list, bench, and beside it where targets are found and how the shop shows them. */
const route = useRoute()
const router = useRouter()
const studio = useStudioShop()
const history = useHistory()
const bench = useWorkbench()
const finding = useProductSearch()
const messages = useMessages()
const sections = useDrafts()

// What is looked for and what is open stand in the address.
// Several products stand behind each other, separated by commas, which no SKU has.
const skus = computed(() =>
  String(route.params.open ?? '')
    .split(',')
    .filter(Boolean),
)
const query = ref(fromAddress(route.query))
watch(query, next => void router.replace({ query: next }))
watch(
  () => route.query,
  now => {
    const next = fromAddress(now)
    if (JSON.stringify(next) !== JSON.stringify(query.value)) query.value = next
  },
)
function open(next: string[]): void {
  void router.push({ params: { open: next.join(',') }, query: query.value })
}

// A shop with nothing in it begins with its products.
watch(
  () => studio.shop?.products,
  count => count === 0 && void router.replace('/start'),
  { immediate: true },
)

const takeOff = (sku: string) => open(skus.value.filter(each => each !== sku))

const load = () => Promise.all([studio.load(), history.load()])
watch(
  [() => skus.value.join(), () => studio.shop],
  () => {
    if (studio.shop) void bench.open(skus.value)
  },
  { immediate: true },
)
useHead({
  title: () => {
    const onBench = bench.several ? say.products(bench.products.length) : bench.product?.name
    return say.manada(onBench ?? say.products2)
  },
})

/** What stands beside the bench. With both, the list makes room. */
const beside = useLocalStorage<'find' | 'suggested' | 'shop' | 'both' | 'history'>('manada-beside', 'find')
const besides = [
  { value: 'find', words: say.find },
  { value: 'suggested', words: say.suggested, hint: say.whatCouldBeLinkedAnd, shortcut: 'G' },
  { value: 'shop', words: say.shopView, hint: say.theProductsPageAsShoppers, shortcut: 'V' },
  { value: 'history', words: say.history, hint: say.whatWasChangedAndBy, shortcut: 'H' },
]
/** What is listed: products, or what else has lanes. What is on the bench is in the list. */
const lists = [
  ['product', say.products2],
  ['category', say.categories],
  ['article', say.articles],
] as const
const pageOnBench = computed(() => pageOfSource(skus.value[0] ?? '')?.page ?? null)
const listed = ref<'product' | LanePage>(pageOnBench.value ?? 'product')
watch(skus, ([first]) => first !== undefined && (listed.value = pageOnBench.value ?? 'product'))
const kind = ref<string | null>(null)
const kindsShown = ref(false)

const frame = useTemplateRef('frame')
const list = useTemplateRef('list')
const lanes = useTemplateRef('lanes')
const find = useTemplateRef('find')
const shopView = useTemplateRef('shopView')
const historyPane = useTemplateRef('historyPane')
const suggested = useTemplateRef('suggested')

async function findFor(nextKind: string | null): Promise<void> {
  if (nextKind) kind.value = nextKind
  if (!['find', 'both'].includes(beside.value)) beside.value = 'find'
  await nextTick()
  find.value?.focus()
}
/** Tells what was undone or redone; it may be elsewhere. */
function stepped(done: CommandAnswer): void {
  const elsewhere = [...new Set((done.changes ?? []).flatMap(change => change.source || []))]
  messages.tell(
    done.words,
    elsewhere.length && !elsewhere.some(sku => skus.value.includes(sku)) ? { words: say.show, run: () => open(elsewhere) } : undefined,
  )
  void changed(done.changes)
}
/** Brings everything in sight up to date after a change, here or in another window. */
async function changed(things: { of: string; source: string }[] | null): Promise<void> {
  // Lanes, lists and panes follow the kinds, the categories and the facts of products.
  if (!things || things.some(each => !['links', 'dismissed', 'pageLinks', 'neighbours', 'switchedOff'].includes(each.of))) {
    await studio.refresh()
    if (kind.value && !studio.kinds.some(each => each.key === kind.value)) kind.value = null
    await bench.refresh()
  }
  if (!things || things.some(each => each.of === 'section' || each.of === 'plan' || each.of === 'look')) void sections.load()
  shopView.value?.update()
  void historyPane.value?.refresh()
  void suggested.value?.refresh()
  void find.value?.refresh()
  void list.value?.refresh()
  if (!things || things.some(each => bench.watches(each.source))) await bench.refresh()
}
function linked(key: string): void {
  kind.value = key
  finding.picked.clear()
  tellLast()
}
/** Tells what was just done, with a way back. */
function tellLast(): void {
  history.tellDone(`${history.undo ?? say.done}.`, () => void frame.value?.step('undo'))
}
useChangeEvents(change => {
  void changed(change && change.changes)
  void history.load()
})

useShortcut('k', () => (kindsShown.value = true))
useShortcut('/', () => findFor(null))
useShortcut('l', async () => {
  if (beside.value === 'both') beside.value = 'find'
  await nextTick()
  list.value?.focus()
})
useShortcut('b', () => lanes.value?.focus())
useShortcut('v', () => (beside.value = beside.value === 'shop' ? 'find' : 'shop'))
useShortcut('g', async () => {
  beside.value = 'suggested'
  await nextTick()
  await suggested.value?.focus()
})
useShortcut('h', () => (beside.value = beside.value === 'history' ? 'find' : 'history'))
useShortcut('s', () => (beside.value = beside.value === 'both' ? 'find' : 'both'))
</script>

<template>
  <StudioFrame ref="frame" :load="load" :ready="studio.shop !== null" :choose="sku => open([sku])" @stepped="stepped">
    <Splitpanes :key="Number(beside === 'both')" @ready="labelSplitters" @resized="labelSplitters">
      <Pane v-if="beside !== 'both'" :size="22" :min-size="15">
        <div class="lists">
          <ChoiceGroup v-model="listed" :label="say.whatHasLinks" :choices="lists" />
          <ProductsPane v-if="listed === 'product'" ref="list" v-model:query="query" :selected="skus" @open="open" />
          <PagesPane v-else :key="listed" ref="list" :page="listed" :selected="skus" @open="open" />
        </div>
      </Pane>
      <Pane :size="beside === 'both' ? 36 : 43" :min-size="24">
        <BenchPane
          ref="lanes"
          @open="sku => open([sku])"
          @take="takeOff"
          @find="findFor"
          @edited="shopView?.update()"
          @linked="linked"
          @changed="tellLast"
          @kinds="kindsShown = true"
        />
      </Pane>
      <Pane :size="beside === 'both' ? 64 : 35" :min-size="24">
        <div class="beside">
          <PaneTabs
            :tabs="besides"
            :label="say.besideTheBench"
            :is-on="value => beside === value || (beside === 'both' && ['find', 'shop'].includes(value))"
            @show="value => (beside = value as typeof beside)"
          >
            <button
              type="button"
              class="icon-button"
              :class="{ on: beside === 'both' }"
              :aria-pressed="beside === 'both'"
              :aria-label="say.findAndShopViewSide"
              aria-keyshortcuts="S"
              @click="beside = beside === 'both' ? 'find' : 'both'"
            >
              <PhColumns /><v-tooltip activator="parent" location="bottom"
                >{{ beside === 'both' ? say.backToTheList : say.findAndShopViewSide }}<span class="key">S</span></v-tooltip
              >
            </button>
          </PaneTabs>
          <div class="content">
            <FindPane v-if="beside === 'find' || beside === 'both'" ref="find" v-model:kind="kind" @linked="linked" />
            <SuggestedPane v-if="beside === 'suggested'" ref="suggested" v-model:kind="kind" @linked="linked" @changed="tellLast" />
            <ShopView v-if="beside === 'shop' || beside === 'both'" ref="shopView" @changed="tellLast" />
            <HistoryPane v-if="beside === 'history'" ref="historyPane" @revert="entry => frame?.step({ revert: entry })" />
          </div>
        </div>
      </Pane>
    </Splitpanes>
    <KindsDialog v-if="kindsShown" @close="kindsShown = false" />
  </StudioFrame>
</template>

<style scoped>
.lists {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.lists .choice {
  align-self: start;
  margin: 10px 12px 0;
}
.beside {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.content {
  flex: 1;
  min-height: 0;
  display: flex;
}
.content > * {
  flex: 1;
  min-width: 0;
}
.content > * + * {
  border-left: 1px solid var(--line);
}
</style>
