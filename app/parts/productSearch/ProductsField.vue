<script setup lang="ts">
import type { ProductRow } from '../../../core/workbench/workbench'
import { productListSchema } from '../../../core/workbench/workbench'
import { useMessages } from '../../data/messages'
import { callApi } from '../../data/callApi'
import { namedProducts } from '../../data/namedProducts'
import { productSearchWords } from './words'

const say = productSearchWords.productsField

/** Products in an order: found by words, put in order with the arrows, taken out. */
const props = defineProps<{ skus: readonly string[]; /** One variant of a product can be meant. */ variants?: boolean }>()
const emit = defineEmits<{ change: [skus: string[]] }>()
const messages = useMessages()

const known = shallowRef(new Map<string, ProductRow>())
async function lookUp(): Promise<void> {
  const missing = props.skus.filter(sku => !known.value.has(sku))
  if (!missing.length) return
  const rows = await namedProducts(missing)
  known.value = new Map([...known.value, ...rows.map(row => [row.sku, row] as const)])
}
watch(
  () => props.skus.join(),
  () => lookUp().catch(error => messages.refuse(error)),
  { immediate: true },
)

/** The variants of the products, by the product's SKU; fetched when first asked for. */
const variantsOf = shallowRef(new Map<string, ProductRow[]>())
async function loadVariants(): Promise<void> {
  const wanted = new Set(
    props.skus.flatMap(sku => {
      const row = known.value.get(sku)
      return row && (row.variants || row.product !== row.sku) && !variantsOf.value.has(row.product) ? row.product : []
    }),
  )
  for (const sku of wanted) {
    const { rows } = await callApi(productListSchema, '/api/products/variants', { query: { sku } })
    variantsOf.value = new Map([...variantsOf.value, [sku, rows]])
  }
}
watch(known, () => props.variants && loadVariants().catch(error => messages.refuse(error)))
const choicesOf = (sku: string) =>
  variantsOf.value.get(known.value.get(sku)?.product ?? '')?.map(each => ({ sku: each.sku, words: each.name })) ?? []
const replace = (sku: string, next: string) =>
  props.skus.includes(next) ||
  emit(
    'change',
    props.skus.map(each => (each === sku ? next : each)),
  )

function add({ sku }: ProductRow): void {
  if (!props.skus.includes(sku)) emit('change', [...props.skus, sku])
}
function takeOut(sku: string): void {
  emit(
    'change',
    props.skus.filter(each => each !== sku),
  )
}
function step(event: KeyboardEvent, i: number): void {
  if (event.key === 'Delete') return takeOut(props.skus[i]!)
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (!by || !event.altKey || i + by < 0 || i + by >= props.skus.length) return
  event.preventDefault()
  emit('change', props.skus.toSpliced(i, 1).toSpliced(i + by, 0, props.skus[i]!))
}
</script>

<template>
  <div class="field">
    <span class="label">{{ say.products }}</span>
    <ol v-if="skus.length" :aria-label="say.chosenProducts">
      <li v-for="(sku, i) in skus" :key="sku" tabindex="0" @keydown="step($event, i)">
        <ProductPicture :src="known.get(sku)?.image ?? null" class="thumb" /><span class="cut name">{{ known.get(sku)?.name ?? sku }}</span
        ><span class="mono">{{ sku }}</span>
        <select
          v-if="variants && choicesOf(sku).length"
          :value="sku"
          :aria-label="say.which(known.get(sku)!.name)"
          @change="replace(sku, ($event.target as HTMLSelectElement).value)"
        >
          <option :value="known.get(sku)!.product">{{ say.anyVariant }}</option>
          <option v-for="each in choicesOf(sku)" :key="each.sku" :value="each.sku">{{ each.words }}</option>
        </select>
        <button type="button" class="out" :aria-label="say.takeOut(sku)" @click="takeOut(sku)">×</button>
      </li>
    </ol>
    <ProductSearchField :label="say.addAProduct" :placeholder="say.addByNameOrSku" @choose="add" />
    <span v-if="skus.length > 1" class="small soft"
      ><span class="key">Alt ↑ ↓</span> {{ say.movesAProduct }} <span class="key">Del</span> {{ say.takesItOut }}</span
    >
  </div>
</template>

<style scoped>
.field {
  display: grid;
  gap: 5px;
}
.label {
  color: var(--ink-soft);
  font-size: 13px;
}
ol {
  margin: 0;
  padding: 0;
  max-height: 210px;
  overflow-y: auto;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 36px;
  padding: 0 4px;
  border-bottom: 1px solid var(--line-soft);
}
.thumb {
  width: 26px;
  height: 26px;
}
.name {
  flex: 1;
  font-size: 13px;
}
select {
  max-width: 130px;
  padding: 1px 2px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--petrol-ink);
  font: 12.5px/1.4 var(--text);
}
.out {
  width: 24px;
  height: 24px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
  font: 16px/1 var(--text);
  cursor: pointer;
}
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
</style>
