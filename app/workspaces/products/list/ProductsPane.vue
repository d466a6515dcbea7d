<script setup lang="ts">
import { useMessages } from '../../../data/messages'
import type { ListQuery } from '../../../parts/productSearch/listQuery'
import { isFiltered, valuesOf, withoutFilters, withPart } from '../../../parts/productSearch/listQuery'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhX from '~icons/ph/x'
import { useProductPages } from '../../../parts/productSearch/useProductPages'
import { listWords } from '../words/list'

const say = listWords.productsPane

/** The list of products on the left: find one and put it on the bench. */
const props = defineProps<{ selected: string[] }>()
/** What is looked for: words, filters and order. */
const query = defineModel<ListQuery>('query', { required: true })
const emit = defineEmits<{ open: [skus: string[]] }>()

const messages = useMessages()
const words = computed({ get: () => valuesOf(query.value, 'q')[0] ?? '', set: value => (query.value = withPart(query.value, 'q', value)) })
const sort = computed({ get: () => valuesOf(query.value, 'sort')[0], set: value => (query.value = withPart(query.value, 'sort', value)) })
const { total, problem, busy, whenLoaded, onOther, rowAt, rowsBetween, refresh } = useProductPages(() => query.value)

const showAll = () => (query.value = withPart(withoutFilters(query.value), 'q', null))

const list = useTemplateRef('list')
const cursor = ref(0)
onOther(() => {
  cursor.value = 0
  list.value?.toTop()
})

function step(by: number): void {
  void focusRow(Math.min(Math.max(cursor.value + by, 0), (total.value ?? 1) - 1))
}
async function focusRow(index: number): Promise<void> {
  cursor.value = index
  await list.value?.focus(index)
}
/** What is typed may not be looked up yet. */
async function toList(): Promise<void> {
  await whenLoaded()
  await focusRow(0)
}
async function openFirst(): Promise<void> {
  await whenLoaded()
  open(0)
}
function open(index: number): void {
  const row = rowAt(index)
  anchor = index
  if (row) emit('open', [row.sku])
}

/** Where a range begins. */
let anchor = 0
function toggle(index: number): void {
  const row = rowAt(index)
  anchor = index
  if (row) emit('open', isOn(row.sku) ? props.selected.filter(sku => sku !== row.sku) : [...props.selected, row.sku].slice(-most))
}
async function extend(index: number): Promise<void> {
  const rows = await rowsBetween(Math.min(anchor, index), Math.min(Math.max(anchor, index), Math.min(anchor, index) + most - 1))
  emit(
    'open',
    rows.map(row => row.sku),
  )
}
async function takeAll(): Promise<void> {
  anchor = 0
  if (!total.value) return
  await extend(total.value - 1)
  if (total.value > most) messages.tell(say.theBenchTakesProductsAt(most, total.value.toLocaleString('en')))
}
function onClick(event: MouseEvent, index: number): void {
  cursor.value = index
  if (event.shiftKey) void extend(index)
  else if (event.ctrlKey || event.metaKey || (event.target as HTMLElement).closest('.box')) toggle(index)
  else open(index)
}
function onKey(event: KeyboardEvent): void {
  const keys: Record<string, () => void> = {
    'ArrowDown': () => step(1),
    'ArrowUp': () => step(-1),
    'PageDown': () => step(10),
    'PageUp': () => step(-10),
    'Home': () => step(-Infinity),
    'End': () => step(Infinity),
    'Enter': () => open(cursor.value),
    ' ': () => toggle(cursor.value),
  }
  const alone = event.altKey ? undefined : keys[event.key]
  const run = event.ctrlKey || event.metaKey ? { a: takeAll }[event.key] : alone
  if (!run) return
  event.preventDefault()
  run()
  if (event.shiftKey && event.key.startsWith('Arrow')) void extend(cursor.value)
}
const isOn = (sku: string | undefined) => sku !== undefined && props.selected.includes(sku)
/** The bench takes no more at once. */
const most = 500

defineExpose({ refresh, focus: () => focusRow(cursor.value) })
</script>

<template>
  <section class="pane" :aria-label="say.products">
    <div class="head">
      <v-text-field
        v-model="words"
        :placeholder="say.nameSkuBrandTag"
        :aria-label="say.findProducts"
        type="search"
        @keydown.down.prevent="toList"
        @keydown.enter="openFirst"
      >
        <template #prepend-inner><PhMagnifyingGlass /></template>
        <template v-if="words" #append-inner
          ><button type="button" class="clear" :aria-label="say.showAllProducts" @click="words = ''"><PhX /></button
        ></template>
      </v-text-field>
      <FilterBar v-model="query" />
      <div class="count">
        <p class="soft small" aria-live="polite">
          <template v-if="total !== null">{{ total.toLocaleString('en') }} {{ total === 1 ? say.product : say.productsWord }}</template>
          <template v-else-if="!problem">{{ say.looking }}</template>
        </p>
        <SortMenu v-model="sort" :has-words="words !== ''" />
      </div>
    </div>
    <p v-if="problem" class="note wrong">
      {{ problem.message }} <button type="button" class="link" @click="refresh">{{ say.tryAgain }}</button>
    </p>
    <div v-else-if="total === 0" class="note soft">
      <template v-if="words || isFiltered(query)">
        <p>{{ say.noProductHasAllOf }}</p>
        <button type="button" class="link" @click="showAll">{{ say.showAllProducts }}</button>
      </template>
      <p v-else>
        {{ say.thereAreNoProductsYet }} <NuxtLink to="/start">{{ say.bringThem }}</NuxtLink>
      </p>
    </div>
    <VirtualRows v-else ref="list" :count="total ?? 0" :cursor="cursor" :busy="busy" :row-at="rowAt" :label="say.productsFound">
      <template #default="{ index, row }">
        <ProductRow
          :row="row"
          :selected="isOn(row?.sku)"
          :several="selected.length > 1"
          :data-index="index"
          :tabindex="index === cursor ? 0 : -1"
          @click="onClick($event, index)"
          @keydown="onKey"
          @focus="cursor = index"
        />
      </template>
    </VirtualRows>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
  background: var(--sheet);
}
.head {
  display: grid;
  gap: 8px;
  padding: 10px 12px 0;
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
  margin: 0;
  padding: 16px;
}
.note p {
  margin: 0 0 6px;
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
