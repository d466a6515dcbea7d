<script setup lang="ts">
import type { OptionGroup } from '../../../../core/catalogue/bundle'
import type { Combination, Values } from '../../../../core/bundles/combinations'
import { withCombination } from '../../../../core/bundles/combinations'
import { isForSale, priceOf, stockOf, trackedStock } from '../../../../core/catalogue/product'
import { itemName } from '../../../../core/delivery/deliveredItem'
import { useStudioShop } from '../../../data/studioShop'
import { useBundles } from '../bundles'
import { contentsWords } from '../words/contents'

const say = contentsWords.combinationTable

/** What each combination of a group's options is: a product, not sold, or not decided yet. */
const props = defineProps<{ group: OptionGroup; table: readonly Combination[] }>()
const emit = defineEmits<{ change: [group: OptionGroup] }>()
const store = useBundles()
const studio = useStudioShop()

const inOnePage = 60
const shown = ref(inOnePage)
const further = computed(() => Math.min(inOnePage, props.table.length - shown.value))

function productOf(sku: string) {
  const item = store.catalogue.item(sku)
  if (!item) return { product: sku, wrong: say.noLongerInTheShop, stock: null, price: '' }
  const price = priceOf(item.product, item.variant)
  return {
    product: itemName(item, studio.words),
    wrong: isForSale(item.product, item.variant, studio.now()) ? '' : say.notForSale,
    stock: trackedStock(stockOf(item.product, item.variant)) ?? say.untracked,
    price: price === null ? '' : studio.money(price),
  }
}
const undecided = { product: say.chooseAProduct, wrong: '', stock: null, price: '' }
const notSold = { ...undecided, product: say.notSoldWord }
function wordsOf(sku: string | null | undefined) {
  if (sku === undefined) return undecided
  return sku === null ? notSold : productOf(sku)
}
const rows = computed(() =>
  props.table
    .slice(0, shown.value)
    .map(({ values, sku }) => ({ ...wordsOf(sku), values, sku, key: values.join('\n'), inWords: values.join(', ') })),
)

const editing = ref<string | null>(null)
function decide(values: Values, sku: string | null | undefined): void {
  editing.value = null
  emit('change', withCombination(props.group, values, sku))
}
</script>

<template>
  <div>
    <table>
      <thead>
        <tr>
          <th v-for="option in group.options" :key="option.name">{{ option.name }}</th>
          <th>{{ say.product }}</th>
          <th>{{ say.sku }}</th>
          <th class="number">{{ say.stock }}</th>
          <th class="number">{{ say.price }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.key" :class="{ hole: row.sku === undefined, no: row.sku === null }">
          <td v-for="(value, i) in row.values" :key="i">{{ value }}</td>
          <td class="product">
            <CombinationField
              v-if="editing === row.key"
              :group="group"
              :label="say.productFor(row.inWords)"
              @choose="sku => decide(row.values, sku)"
              @leave="editing = null"
            />
            <span v-else class="cell">
              <button type="button" class="choose" @click="editing = row.key">
                {{ row.product }}
              </button>
              <span v-if="row.wrong" class="wrong small">{{ row.wrong }}</span>
              <button v-if="row.sku !== null" type="button" class="text-button mark" @click="decide(row.values, null)">
                {{ say.notSold }}
              </button>
              <button v-if="row.sku !== undefined" type="button" class="text-button mark" @click="decide(row.values, undefined)">
                {{ say.undecide }}
              </button>
            </span>
          </td>
          <td class="mono">{{ row.sku }}</td>
          <td class="number" :class="{ wrong: row.stock === 0 }">{{ row.stock }}</td>
          <td class="number">{{ row.price }}</td>
        </tr>
      </tbody>
    </table>
    <button v-if="further > 0" type="button" class="text-button further" @click="shown += inOnePage">
      {{ say.showMoreOf(further, table.length.toLocaleString('en')) }}
    </button>
  </div>
</template>

<style scoped>
th::first-letter {
  text-transform: uppercase;
}
table {
  width: 100%;
  margin-top: 6px;
  border-collapse: collapse;
  font-size: 13.5px;
}
th {
  padding: 5px 8px;
  color: var(--ink-soft);
  font-size: 12px;
  font-weight: 550;
  text-align: left;
}
td {
  height: 38px;
  padding: 0 8px;
  border-top: 1px solid var(--line-soft);
}
.number {
  text-align: right;
  white-space: nowrap;
}
.hole td {
  background: var(--clay-wash);
}
.no td,
.no .choose {
  color: var(--ink-soft);
}
.product {
  width: 60%;
  max-width: 0;
}
td.mono {
  white-space: nowrap;
}
.cell {
  display: flex;
  align-items: center;
  gap: 10px;
}
.choose {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  padding: 4px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}
.choose:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.hole .choose {
  color: var(--clay-ink);
  font-weight: 650;
}
.mark {
  flex: none;
  font-size: 12px;
}
/* Out of sight, and yet reached with the keyboard. */
tr:not(.hole):not(:hover):not(:focus-within) .mark {
  position: absolute;
  opacity: 0;
  pointer-events: none;
}
.further {
  margin-top: 6px;
}
</style>
