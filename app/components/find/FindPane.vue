<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { LinkKind } from '../../../core/links/kind'
import { sourceOfPage } from '../../../core/links/pageLanes'
import type { ProductRow } from '../../../core/bench/bench'
import { useBench } from '../../stores/bench'
import { useFinding } from '../../stores/finding'
import { useStudioShop } from '../../stores/studioShop'
import { valuesOf, withoutFilters, withPart } from '../../utils/listQuery'
import { dragType } from '../../utils/dragType'
import PhArrowsLeftRight from '~icons/ph/arrows-left-right'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import PhX from '~icons/ph/x'

/** Finds products to link, picks them, and links what is picked with one key. */
const emit = defineEmits<{ linked: [kind: string] }>()
/** The kind that the merchandiser is filling: its button is lit. */
const kind = defineModel<string | null>('kind', { required: true })
const bench = useBench()
const studio = useStudioShop()

const { query, picked } = storeToRefs(useFinding())
const words = computed({ get: () => valuesOf(query.value, 'q')[0] ?? '', set: value => query.value = withPart(query.value, 'q', value) })
const sort = computed({ get: () => valuesOf(query.value, 'sort')[0], set: value => query.value = withPart(query.value, 'sort', value) })
const { total, problem, busy, settle, onOther, rowAt, rowsBetween, refresh } = useProductPages(() => ({ ...query.value, source: bench.several || bench.page ? undefined : bench.product?.sku }), () => bench.page === 'category' ? 'category' : null)
const quick = computed(() => [
  ...bench.product?.categoryKeys[0] === undefined ? [] : [{ name: 'category', value: bench.product.categoryKeys[0], words: 'same category' }],
  { name: 'stock', value: 'in', words: 'in stock' },
  ...bench.several || bench.page ? [] : [{ name: 'unlinked', value: '1', words: 'not linked yet' }],
])

/** Kinds that are mutual are linked back from the target at once. */
const bothWays = useLocalStorage('manada-both-ways', false)
const list = useTemplateRef('list')
const root = useTemplateRef<HTMLElement>('root')
const cursor = ref(0)
onOther(() => {
  cursor.value = 0
  list.value?.toTop()
})

const linkedAs = computed(() => {
  const kinds = new Map<string, string[]>()
  for (const { key } of bench.kinds) {
    for (const { target, sku } of bench.lane(key)) for (const each of new Set([target, sku])) kinds.set(each, [...kinds.get(each) ?? [], key])
  }
  return kinds
})
const canPick = (row: ProductRow | undefined) => row !== undefined && !(bench.products.length === 1 && row.product === bench.product?.sku) && row.status !== 'retired' && (bench.page !== 'category' || sourceOfPage('category', row.sku) !== bench.product?.sku)
/** Articles name products, never one variant of them. */
const asTarget = (row: ProductRow) => bench.page === 'article' ? row.product : row.sku
const verbOf = (kind: LinkKind) => bench.page ? `Add to the ${bench.page}` : `Link as ${studio.words(kind.name)}`

watch(() => bench.page, () => picked.value.clear())

const pickedProducts = computed(() => new Set(Array.from(picked.value.values(), row => row.product)))
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
  for (const row of rows) if (canPick(row)) picked.value.set(row.sku, row)
}
/** One command links no more at once. */
const most = 500

function pick(row: ProductRow | undefined): void {
  if (!row || !canPick(row)) return
  if (!picked.value.delete(row.sku)) picked.value.set(row.sku, row)
}
/** A row that is dragged takes everything picked along, if it is among it. */
function drag(event: DragEvent, row: ProductRow | undefined): void {
  if (!row) return
  const targets = pickedProducts.value.has(row.sku) ? Array.from(picked.value.values(), asTarget) : [asTarget(row)]
  event.dataTransfer?.setData(dragType, JSON.stringify(targets))
  event.dataTransfer?.setData('text/plain', targets.join(', '))
}
async function linkAs(key: string | undefined): Promise<void> {
  if (!key || !bench.product) return
  const atCursor = rowAt(cursor.value)
  const targets = [...new Set(picked.value.size ? Array.from(picked.value.values(), asTarget) : atCursor && canPick(atCursor) ? [asTarget(atCursor)] : [])]
  if (!targets.length) return
  const { mutual } = bench.kinds.find(each => each.key === key)!
  if (!await bench.link(key, targets, { bothWays: (mutual && bothWays.value) || undefined })) return
  picked.value.clear()
  emit('linked', key)
}

async function focusRow(index: number): Promise<void> {
  cursor.value = Math.min(Math.max(index, 0), Math.max((total.value ?? 1) - 1, 0))
  await list.value?.focus(cursor.value)
}
async function toList(): Promise<void> {
  await settle()
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
    'ArrowDown': () => focusRow(index + 1), 'ArrowUp': () => index ? focusRow(index - 1) : focusField(),
    'ArrowRight': () => variantsAt.value = rowAt(index)?.variants ? index : null, 'PageDown': () => focusRow(index + 10), 'PageUp': () => focusRow(index - 10), 'Home': () => focusRow(0), 'End': () => focusRow(Infinity),
    ' ': () => pick(rowAt(index)), 'Enter': () => bench.page ? linkAs(bench.kinds[0]!.key) : kind.value ? linkAs(kind.value) : pick(rowAt(index)), 'Escape': () => picked.value.clear(),
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

useShortcut(['1', '2', '3', '4', '5', '6', '7', '8', '9'], event => void linkAs(bench.kinds[Number(event.key) - 1]?.key))
useShortcut('w', () => bothWays.value = !bothWays.value)
defineExpose({ refresh, focus: focusField })
</script>

<template>
  <section ref="root" class="find" aria-label="Find targets to link">
    <div class="head">
      <v-text-field v-model="words" placeholder="Name, SKU, brand, tag" aria-label="Find targets" type="search" :disabled="!bench.product" @keydown.down.prevent="toList" @keydown.enter.prevent="toList">
        <template #prepend-inner><PhMagnifyingGlass /></template>
        <template #append-inner>
          <button v-if="words" type="button" class="clear" aria-label="Show all products" @click="words = ''"><PhX /></button><span v-else class="key">/</span>
        </template>
      </v-text-field>
      <template v-if="bench.product">
        <FilterBar v-if="bench.page !== 'category'" v-model="query" :quick="quick" />
        <div class="count">
          <p class="soft small" aria-live="polite"><template v-if="total !== null">{{ total.toLocaleString('en') }} {{ bench.page === 'category' ? (total === 1 ? 'category' : 'categories') : total === 1 ? 'product' : 'products' }}</template></p>
          <SortMenu v-if="bench.page !== 'category'" v-model="sort" :has-words="words !== ''" />
        </div>
      </template>
    </div>
    <p v-if="!bench.product" class="note soft">First choose a product; then find here what to link to it.</p>
    <p v-else-if="problem" class="note wrong">{{ problem.message }} <button type="button" class="link" @click="refresh">Try again</button></p>
    <div v-else-if="total === 0" class="note soft">
      Nothing has all of this. <button type="button" class="link" @click="query = withPart(withoutFilters(query), 'q', null)">Show all products</button>
    </div>
    <VirtualRows v-else ref="list" :count="total ?? 0" :cursor="cursor" :busy="busy" label="Targets found">
      <template #default="{ index }">
        <CandidateRow
          :row="rowAt(index)" :source="bench.several ? null : bench.product" :linked-as="linkedAs.get(rowAt(index)?.sku ?? '') ?? []" :picked="pickedProducts.has(rowAt(index)?.sku ?? '')"
          :can-pick="canPick(rowAt(index))" :data-index="index" :tabindex="index === cursor ? 0 : -1" :is-picked="sku => picked.has(sku)"
          :variants="variantsAt === index" @update:variants="now => showVariants(now ? index : null)" @pick="pick" @dragstart="drag($event, rowAt(index))"
          @click="onClick($event, index)" @keydown="onKey" @focus="cursor = index"
        />
      </template>
    </VirtualRows>
    <div v-if="bench.product" class="bar">
      <b aria-live="polite">{{ picked.size ? `${picked.size} picked` : 'Nothing picked' }}</b>
      <button v-if="picked.size" type="button" class="act" aria-label="Let go of everything picked" @click="picked.clear()"><PhX width="14" height="14" /></button>
      <span class="grow" />
      <button v-if="!bench.page" type="button" class="act" :class="{ lit: bothWays }" :aria-pressed="bothWays" aria-label="Link both ways" aria-keyshortcuts="W" @click="bothWays = !bothWays">
        <PhArrowsLeftRight width="16" height="16" /><v-tooltip activator="parent" location="top">{{ bothWays ? 'Mutual kinds are linked both ways' : 'Link mutual kinds both ways' }}<span class="key">W</span></v-tooltip>
      </button>
      <button
        v-for="(each, i) in bench.kinds" :key="each.key" type="button" class="act" :class="{ main: each.key === kind || bench.page }" :disabled="!picked.size"
        :aria-label="verbOf(each)" @click="linkAs(each.key)"
      >
        <KindGlyph :glyph="each.glyph" /><span v-if="bench.page">Add</span><span v-else-if="each.key === kind" class="word">{{ studio.words(each.name) }}</span><span class="key">{{ i + 1 }}</span>
        <v-tooltip activator="parent" location="top">{{ verbOf(each) }}<span class="key">{{ i + 1 }}</span></v-tooltip>
      </button>
    </div>
  </section>
</template>

<style scoped>
.find { container-type: inline-size; display: flex; flex-direction: column; height: 100%; background: var(--sheet); }
.head { display: grid; gap: 8px; padding: 12px 16px 0; }
.count { display: flex; justify-content: space-between; align-items: center; min-height: 28px; margin-top: -2px; }
.count p { margin: 0; }
.note { flex: 1; margin: 0; padding: 16px; }
.link { padding: 0; border: 0; background: none; color: var(--petrol); font: inherit; font-weight: 600; cursor: pointer; }
.clear { display: grid; padding: 2px; border: 0; background: none; cursor: pointer; }
.bar { display: flex; flex-wrap: wrap; align-items: center; gap: 6px; padding: 11px 16px; background: var(--ink); color: #fff; white-space: nowrap; }
.grow { flex: 1; }
.act { display: flex; align-items: center; gap: 6px; height: 34px; padding: 0 8px; border: 0; border-radius: 7px; background: rgb(255 255 255 / 0.1); color: #fff; font: 550 13px/1 var(--text); cursor: pointer; transition: background 150ms; }
.word::first-letter { text-transform: uppercase; }
.word { display: inline-block; }
@container (max-width: 470px) { .word { display: none; } }
@container (max-width: 430px) {
  .bar { padding: 11px 12px; }
  .bar .act { padding: 0 6px; }
}
.act:hover:not(:disabled) { background: rgb(255 255 255 / 0.22); }
.act.lit { background: var(--saffron-wash); color: var(--saffron-ink); }
.act.main { background: var(--petrol); }
.act:disabled { opacity: 0.6; cursor: default; }
.act .key { background: transparent; color: #fff; border-color: rgb(255 255 255 / 0.35); }
.bar :focus-visible { outline-color: var(--saffron); }
</style>
