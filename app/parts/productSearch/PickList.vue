<script setup lang="ts">
import type { WorkbenchProduct, ProductRow } from '../../../core/workbench/workbench'
import type { LinkKind } from '../../../core/links/kind'
import type { LanePage } from '../../../core/links/pageLanes'
import type { ListQuery } from './listQuery'
import { valuesOf, withoutFilters, withPart } from './listQuery'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhX from '~icons/ph/x'
import { useProductPages } from './useProductPages'
import { productSearchWords } from './words'

const say = productSearchWords.pickList

/** Products to pick from: found by words and filters, picked one by one, by range, or as one of their variants. */
const props = defineProps<{
  /** What is found instead of products. */
  of: LanePage | null
  /** Rows are compared with this product. */
  source: WorkbenchProduct | null
  quick: { name: string; value: string; words: string }[]
  /** There is nothing yet that something could be picked for. */
  disabled?: boolean
  canPick: (row: ProductRow | undefined) => boolean
  linkedAs: (row: ProductRow | undefined) => readonly LinkKind[]
  /** A word on a row, such as that it is in it already. */
  noteOf?: (row: ProductRow | undefined) => string
  picked: Map<string, ProductRow>
  label: string
  fieldLabel: string
}>()
const emit = defineEmits<{ enter: []; drag: [event: DragEvent, row: ProductRow | undefined] }>()
defineSlots<{ /** In place of the list, when nothing can be picked for. */ blank?(): unknown }>()
const query = defineModel<ListQuery>('query', { required: true })

const words = computed({ get: () => valuesOf(query.value, 'q')[0] ?? '', set: value => (query.value = withPart(query.value, 'q', value)) })
const sort = computed({ get: () => valuesOf(query.value, 'sort')[0], set: value => (query.value = withPart(query.value, 'sort', value)) })
const { total, problem, busy, whenLoaded, onOther, rowAt, rowsBetween, refresh } = useProductPages(
  () => ({ ...query.value, source: props.source?.sku }),
  () => (props.of === 'category' ? 'category' : null),
)

const countWords = computed(() => {
  if (total.value === null) return ''
  return props.of === 'category' ? say.categories(total.value) : say.products(total.value)
})
const showAll = () => (query.value = withPart(withoutFilters(query.value), 'q', null))

const list = useTemplateRef('list')
const root = useTemplateRef<HTMLElement>('root')
const cursor = ref(0)
onOther(() => {
  cursor.value = 0
  list.value?.toTop()
})

const pickedProducts = computed(() => new Set(Array.from(props.picked.values(), row => row.product)))
const isPicked = (row: ProductRow | undefined) => row !== undefined && pickedProducts.value.has(row.sku)
/** The row whose variants are in sight. */
const variantsAt = ref<number | null>(null)
function showVariants(index: number | null): void {
  variantsAt.value = index
  if (index === null) void focusRow(cursor.value)
}

/** Where a range begins. */
let anchor = 0
async function pickRange(to: number): Promise<void> {
  const first = Math.min(anchor, to)
  const rows = await rowsBetween(first, Math.min(Math.max(anchor, to), first + most - 1))
  for (const row of rows) if (props.canPick(row)) props.picked.set(row.sku, row)
}
/** One command takes no more at once. */
const most = 500

function pick(row: ProductRow | undefined): void {
  if (!row || !props.canPick(row)) return
  if (!props.picked.delete(row.sku)) props.picked.set(row.sku, row)
}

async function focusRow(index: number): Promise<void> {
  cursor.value = Math.min(Math.max(index, 0), Math.max((total.value ?? 1) - 1, 0))
  await list.value?.focus(cursor.value)
}
async function toList(): Promise<void> {
  await whenLoaded()
  await focusRow(0)
}
function onClick(event: MouseEvent, index: number): void {
  cursor.value = index
  if (event.shiftKey) void pickRange(index)
  else {
    anchor = index
    pick(rowAt(index))
  }
}
function onKey(event: KeyboardEvent): void {
  const index = cursor.value
  if ((event.target as HTMLElement).closest('.v-overlay') || event.ctrlKey || event.metaKey || event.altKey) return
  const keys: Record<string, () => void> = {
    'ArrowDown': () => focusRow(index + 1),
    'ArrowUp': () => (index ? focusRow(index - 1) : focusField()),
    'ArrowRight': () => (variantsAt.value = rowAt(index)?.variants ? index : null),
    'PageDown': () => focusRow(index + 10),
    'PageUp': () => focusRow(index - 10),
    'Home': () => focusRow(0),
    'End': () => focusRow(Infinity),
    ' ': () => pick(rowAt(index)),
    'Enter': () => emit('enter'),
    'Escape': () => props.picked.clear(),
  }
  const run = keys[event.key]
  if (!run) return
  event.preventDefault()
  if (event.key === ' ') anchor = index
  run()
  if (event.shiftKey && event.key.startsWith('Arrow')) void pickRange(cursor.value)
}
function focusField(): void {
  root.value?.querySelector<HTMLInputElement>('input[type=search]')?.focus()
}
/** Everything picked; when nothing is, the row that has the focus. */
function chosen(): ProductRow[] {
  const row = rowAt(cursor.value)
  if (props.picked.size) return [...props.picked.values()]
  return row && props.canPick(row) ? [row] : []
}
defineExpose({ refresh, focus: focusField, chosen, pick: () => pick(rowAt(cursor.value)) })
</script>

<template>
  <div ref="root" class="pick">
    <div class="head">
      <v-text-field
        v-model="words"
        :placeholder="say.nameSkuBrandTag"
        :aria-label="fieldLabel"
        type="search"
        :disabled="disabled"
        @keydown.down.prevent="toList"
        @keydown.enter.prevent="toList"
      >
        <template #prepend-inner><PhMagnifyingGlass /></template>
        <template #append-inner>
          <button v-if="words" type="button" class="clear" :aria-label="say.showAllProducts" @click="words = ''"><PhX /></button
          ><span v-else class="key">/</span>
        </template>
      </v-text-field>
      <template v-if="!disabled">
        <FilterBar v-if="of !== 'category'" v-model="query" :quick="quick" />
        <div class="count">
          <p class="soft small" aria-live="polite">
            {{ countWords }}
          </p>
          <SortMenu v-if="of !== 'category'" v-model="sort" :has-words="words !== ''" />
        </div>
      </template>
    </div>
    <p v-if="disabled" class="note soft"><slot name="blank" /></p>
    <p v-else-if="problem" class="note wrong">
      {{ problem.message }} <button type="button" class="link" @click="refresh">{{ say.tryAgain }}</button>
    </p>
    <div v-else-if="total === 0" class="note soft">
      {{ say.nothingHasAllOfThis }}
      <button type="button" class="link" @click="showAll">{{ say.showAllProducts }}</button>
    </div>
    <VirtualRows v-else ref="list" :count="total ?? 0" :cursor="cursor" :busy="busy" :row-at="rowAt" :label="label">
      <template #default="{ index, row }">
        <CandidateRow
          :row="row"
          :source="source"
          :linked-as="linkedAs(row)"
          :note="noteOf?.(row)"
          :picked="isPicked(row)"
          :is-category="of === 'category'"
          :can-pick="canPick(row)"
          :data-index="index"
          :tabindex="index === cursor ? 0 : -1"
          :is-picked="sku => picked.has(sku)"
          :variants="variantsAt === index"
          @update:variants="now => showVariants(now ? index : null)"
          @pick="pick"
          @dragstart="emit('drag', $event, row)"
          @click="onClick($event, index)"
          @keydown="onKey"
          @focus="cursor = index"
        />
      </template>
    </VirtualRows>
  </div>
</template>

<style scoped>
.pick {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.head {
  display: grid;
  gap: 8px;
  padding: 12px 16px 0;
}
.count {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 28px;
  margin-top: -2px;
}
.count p {
  margin: 0;
}
.note {
  flex: 1;
  margin: 0;
  padding: 16px;
}
.link {
  padding: 0;
  border: 0;
  background: none;
  color: var(--petrol);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.clear {
  display: grid;
  padding: 2px;
  border: 0;
  background: none;
  cursor: pointer;
}
</style>
