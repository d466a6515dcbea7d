<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import { nameOrder } from '../../../../core/text/nameOrder'
import type { MergedRow } from '../../../../core/workbench/mergedLane'
import type { LinkDetails } from '../../../../core/links/lane'
import type { LinkKind } from '../../../../core/links/kind'
import { useWorkbench } from './workbench'
import { useStudioShop } from '../../../data/studioShop'
import { dragType } from './dragType'
import PhDotsThree from '~icons/ph/dots-three-bold'
import PhPlus from '~icons/ph/plus'
import { benchWords } from '../words/bench'

const say = benchWords.benchLane

/** The links of one kind on the products on the bench, in their order. */
const props = defineProps<{ kind: LinkKind }>()
const emit = defineEmits<{
  open: [sku: string]
  find: []
  edited: []
  linked: []
  focusCard: [index: number]
  leave: [by: 1 | -1, index: number]
}>()

const bench = useWorkbench()
const studio = useStudioShop()
const rows = computed(() => bench.lane(props.kind.key))
const movingByNumber = ref<MergedRow | null>(null)
const detailed = ref<MergedRow | null>(null)

// The drag works on a copy; what it did is sent as a move, and the lane follows.
const dragged = ref<MergedRow[]>([])
watch(rows, now => (dragged.value = [...now]), { immediate: true })

const wish = computed(() => {
  const { expectation } = props.kind
  const price = bench.product?.price ?? null
  if (bench.several) return expectation === 'none' ? '' : say.thanItsProduct(expectation)
  if (price === null) return ''
  if (expectation === 'dearer') return say.dearerOrBetterThan(studio.money(price))
  return expectation === 'cheaper' ? say.goesWithItUnder(studio.money(price)) : ''
})
const addLabel = computed(() =>
  bench.page ? say.add(bench.page === 'article' ? say.products : say.categories) : say.linkProductsAs(studio.words(props.kind.name)),
)
const firstLabel = computed(() =>
  bench.page ? say.addTheFirst(bench.page === 'article' ? say.product : say.category) : say.linkTheFirst(studio.words(props.kind.name)),
)
const orderLabel = computed(() => say.putTheInOrder(studio.words(props.kind.plural).toLowerCase()))
/** The most links that one product has here. */
const longest = computed(() => Math.max(0, ...bench.products.map(product => product.lanes[props.kind.key]?.length ?? 0)))
const crowded = computed(() => props.kind.ceiling !== null && longest.value > props.kind.ceiling)

async function done(sent: Promise<boolean>): Promise<void> {
  if (await sent) emit('edited')
}
function move(target: string, place: number, focus = true): Promise<void> {
  const to = Math.min(Math.max(place, 1), rows.value.length)
  const sent = bench.move(props.kind.key, target, to)
  if (focus) emit('focusCard', to - 1)
  return done(sent)
}
const setDetails = (details: Partial<LinkDetails>) => done(bench.setDetails(props.kind.key, detailed.value!.target, details))
const placeOf = ({ target }: MergedRow) => rows.value.findIndex(row => row.target === target) + 1
function remove(target: string, index: number): Promise<void> {
  const sent = bench.unlink(props.kind.key, [target])
  emit('focusCard', index)
  return done(sent)
}
function dropped({ oldIndex, newIndex }: { oldIndex?: number; newIndex?: number }): void {
  if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
  void move(rows.value[oldIndex]!.target, newIndex + 1, false)
}

/** Place at which targets that are dragged over this lane would go; null: nothing is dragged here. */
const dropPlace = ref<number | null>(null)
const lane = useTemplateRef<HTMLElement>('lane')
function onDragOver(event: DragEvent): void {
  if (!event.dataTransfer?.types.includes(dragType)) return
  event.preventDefault()
  const cards = [...lane.value!.querySelectorAll('[data-target]')].map(card => card.getBoundingClientRect())
  // The first card that lies behind the pointer, in reading order.
  const behind = cards.findIndex(
    card => event.clientY < card.top || (event.clientY <= card.bottom && event.clientX < card.left + card.width / 2),
  )
  dropPlace.value = (behind < 0 ? cards.length : behind) + 1
}
function onDragLeave(event: DragEvent): void {
  if (!lane.value!.contains(event.relatedTarget as Node | null)) dropPlace.value = null
}
async function onDrop(event: DragEvent): Promise<void> {
  const data = event.dataTransfer?.getData(dragType)
  const place = dropPlace.value
  dropPlace.value = null
  if (!data || place === null) return
  event.preventDefault()
  if (await bench.link(props.kind.key, JSON.parse(data) as string[], { place })) emit('linked')
}

const orders: { words: string; by: (a: MergedRow, b: MergedRow) => number }[] = [
  { words: say.cheapestFirst, by: (a, b) => (a.price ?? Infinity) - (b.price ?? Infinity) },
  { words: say.dearestFirst, by: (a, b) => (b.price ?? -Infinity) - (a.price ?? -Infinity) },
  { words: say.bestSellingFirst, by: (a, b) => b.sold - a.sold },
  { words: say.byName, by: (a, b) => nameOrder(studio.shop!.settings.language)(a.name, b.name) },
]
/** Categories have no price and are not sold. */
const laneOrders = computed(() => (bench.page === 'category' ? orders.slice(-1) : orders))
const arrange = (by: (a: MergedRow, b: MergedRow) => number) =>
  done(
    bench.arrange(
      props.kind.key,
      rows.value.toSorted((a, b) => by(a, b) || (a.target < b.target ? -1 : 1)).map(row => row.target),
    ),
  )

function onKey(event: KeyboardEvent, row: MergedRow, index: number): void {
  const place = index + 1
  const keys: Record<string, () => void> = event.altKey
    ? {
        ArrowLeft: () => move(row.target, place - 1),
        ArrowUp: () => move(row.target, place - 1),
        ArrowRight: () => move(row.target, place + 1),
        ArrowDown: () => move(row.target, place + 1),
        Home: () => move(row.target, 1),
        End: () => move(row.target, rows.value.length),
      }
    : {
        ArrowLeft: () => emit('focusCard', Math.max(index - 1, 0)),
        ArrowRight: () => emit('focusCard', index + 1),
        ArrowUp: () => emit('leave', -1, index),
        ArrowDown: () => emit('leave', 1, index),
        Home: () => emit('focusCard', 0),
        End: () => emit('focusCard', rows.value.length - 1),
        Delete: () => remove(row.target, index),
        Backspace: () => remove(row.target, index),
        Enter: () => emit('open', row.sku),
        m: () => (movingByNumber.value = row),
        d: () => !bench.page && (detailed.value = row),
        a: () => complete(row),
        r: () => linkBack(row),
      }
  const run = event.ctrlKey || event.metaKey ? undefined : keys[event.key]
  if (!run || (event.target as HTMLElement).closest('.v-overlay')) return
  event.preventDefault()
  run()
}
function complete(row: MergedRow): void {
  if (row.on.length < bench.products.length) void done(bench.link(props.kind.key, [row.target]))
}
function linkBack(row: MergedRow): void {
  if (row.returned === false) void done(bench.linkBack(props.kind.key, row.sku))
}
</script>

<template>
  <section
    ref="lane"
    class="lane"
    :class="{ receiving: dropPlace !== null }"
    :data-lane="kind.key"
    :aria-label="studio.words(kind.plural)"
    @dragover="onDragOver"
    @dragleave="onDragLeave"
    @drop="onDrop"
  >
    <header>
      <KindGlyph :glyph="kind.glyph" />
      <h2>{{ studio.words(kind.plural) }}</h2>
      <span class="small soft" :class="{ wrong: crowded }"
        >{{ rows.length
        }}<template v-if="crowded">{{
          say.moreThanCrowdThePage(bench.several ? say.upToOnOneProduct(longest) : '', kind.ceiling!)
        }}</template></span
      >
      <span class="grow" />
      <span class="small soft cut">{{ wish }}</span>
      <v-menu v-if="rows.length > 1" location="bottom end" :offset="4">
        <template #activator="{ props: activator }">
          <button type="button" class="icon-button more" v-bind="activator" :aria-label="orderLabel">
            <PhDotsThree />
          </button>
        </template>
        <v-list density="compact" :aria-label="say.orderOfTheLane">
          <v-list-item v-for="order in laneOrders" :key="order.words" :title="order.words" @click="arrange(order.by)" />
        </v-list>
      </v-menu>
    </header>
    <VueDraggable v-model="dragged" class="drag" :animation="150" draggable=".card" ghost-class="ghost" role="list" @end="dropped">
      <LinkCard
        v-for="(row, index) in dragged"
        :key="row.target"
        :row="row"
        :place="index + 1"
        :kind="kind"
        :class="{ 'drop-before': dropPlace === index + 1 }"
        @keydown="onKey($event, row, index)"
        @remove="remove(row.target, index)"
        @open="emit('open', row.sku)"
        @place="movingByNumber = row"
        @details="detailed = row"
        @complete="complete(row)"
        @link-back="linkBack(row)"
      />
      <div role="listitem" :class="{ 'drop-before': dropPlace === rows.length + 1 }">
        <button
          type="button"
          class="add"
          :aria-label="addLabel"
          @click="emit('find')"
          @keydown.left.prevent="emit('focusCard', rows.length - 1)"
          @keydown.up.prevent="emit('leave', -1, 0)"
          @keydown.down.prevent="emit('leave', 1, 0)"
        >
          <PhPlus width="17" height="17" /><span v-if="!rows.length">{{ firstLabel }}</span>
        </button>
      </div>
    </VueDraggable>
    <MoveDialog
      v-if="movingByNumber"
      :name="movingByNumber.name"
      :places="rows.length"
      :from="placeOf(movingByNumber)"
      @close="movingByNumber = null"
      @move="place => move(movingByNumber!.target, place)"
    />
    <DetailsDialog v-if="detailed" :row="detailed" :kind="kind" @close="detailed = null" @save="setDetails" />
  </section>
</template>

<style scoped>
.lane {
  padding: 9px 18px 12px;
  border-bottom: 1px solid var(--line-soft);
}
header {
  display: flex;
  align-items: center;
  gap: 7px;
  min-height: 28px;
  margin-bottom: 5px;
}
h2 {
  font-size: 14.5px;
}
.grow {
  flex: 1;
}
.receiving {
  background: var(--saffron-wash);
}
.drop-before {
  box-shadow: -6px 0 0 -3px var(--saffron);
}
.more {
  width: 28px;
  height: 28px;
  margin-right: -6px;
}
.drag {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.add {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 58px;
  min-width: 36px;
  padding: 0 10px;
  border: 1.5px dashed #cfc5b1;
  border-radius: 7px;
  background: none;
  color: var(--ink-soft);
  font: 13px/1.2 var(--text);
  cursor: pointer;
  transition:
    border-color 150ms,
    color 150ms;
}
.add:hover {
  border-color: var(--petrol);
  color: var(--petrol);
}
:deep(.ghost) {
  opacity: 0.35;
}
</style>
