<script setup lang="ts">
import type { DeliveredOffer } from '../../../../core/delivery/contract/pages'
import { formatMoney } from '../../../../core/money/money'
import { percentWords } from '../../../../core/money/percent'

/** Products offered together, to tick; one button puts all of them into the cart, on a product's page with the product itself. */
const props = defineProps<{ offer: DeliveredOffer; /** SKU of what goes along; null: it is in the cart. */ main: string | null }>()
const { keyOf, ticked, variantsOf, tick, priceOf, along } = useTicks(() => props.offer.items)
const { addAll } = useAdding()
const words = useWords()
const { currency, language } = useShopFacts()
const money = (amount: number) => formatMoney(amount, currency.value, language.value)

const skus = computed(() =>
  along.value.length ? [...(props.main === null ? [] : [props.main]), ...along.value.map(each => each.sku)] : [],
)
const costs = useCosts(() => skus.value)
const reduction = computed(() => {
  const { reduction, items } = props.offer
  if (!reduction || items.every(each => each.together === null)) return ''
  return words.value.together(reduction.percent === null ? money(reduction.amount!) : percentWords(reduction.percent, language.value))
})
/** What a product costs in the cart, and by itself where that is more: of what is ticked just what the cart will say. */
const rows = computed(() =>
  props.offer.items.map(item => {
    const own = priceOf(item)
    const price = costs.value?.each[ticked.value[keyOf(item)] ?? ''] ?? (own === item.price ? (item.together ?? own) : own)
    return { item, key: keyOf(item), price, was: price < own ? own : item.was }
  }),
)
const button = computed(() => {
  if (!along.value.length) return words.value.tickFirst
  return costs.value ? words.value.addTogether(skus.value.length, money(costs.value.total)) : words.value.addThese(skus.value.length)
})
/** The last one first: the first stands first in the cart then. */
const add = () => addAll(skus.value.toReversed().map(sku => (sku === props.main ? { sku } : { sku, from: `offer:${props.offer.key}` })))
</script>

<template>
  <section :id="`offer-${offer.key}`" class="offer" :aria-label="offer.heading" :data-offer="offer.key">
    <h2>{{ offer.heading }}</h2>
    <p v-if="reduction" class="shop-soft">{{ reduction }}</p>
    <ul>
      <li v-for="{ item, key, price, was } in rows" :key="key" :data-sku="key">
        <label>
          <input
            type="checkbox"
            :checked="key in ticked"
            :disabled="item.bundle && item.hasOptions"
            @change="tick(item, ($event.target as HTMLInputElement).checked)"
          />
          <span class="shot"><ShopPicture :src="item.image" alt="" /></span><span class="name">{{ item.name }}</span>
        </label>
        <select v-if="key in ticked && variantsOf(item).length" v-model="ticked[key]" :aria-label="words.optionsOf(item.name)">
          <option v-for="each in variantsOf(item)" :key="each.sku" :value="each.sku">{{ Object.values(each.options).join(', ') }}</option>
        </select>
        <ShopPrice :price="price" :from="item.bundle?.isFrom" :was="was" />
      </li>
    </ul>
    <p class="sum" role="status">
      <template v-if="costs"
        >{{ words.counted(skus.length) }} <s v-if="costs.before > costs.total">{{ money(costs.before) }}</s>{{ ' '
        }}<b>{{ money(costs.total) }}</b></template
      >
    </p>
    <button type="button" class="shop-button quiet" :disabled="!along.length" @click="add">
      {{ button }}
    </button>
  </section>
</template>

<style scoped>
.offer {
  margin: 18px 0 0;
  padding: 12px 16px 14px;
  border: 1px solid var(--shop-line);
  border-radius: 12px;
}
h2 {
  margin: 0;
  font: 650 17px/1.3 var(--head);
}
p {
  margin: 0;
  font-size: 14px;
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 5px 0;
}
label {
  flex: 1 1 200px;
  display: grid;
  grid-template-columns: 20px 44px minmax(0, 1fr);
  align-items: center;
  gap: 11px;
  min-height: 44px;
  cursor: pointer;
}
input {
  width: 20px;
  height: 20px;
  margin: 0;
  accent-color: var(--shop-accent);
}
.shot {
  aspect-ratio: 1;
  border-radius: 8px;
  overflow: hidden;
}
.name {
  font-weight: 550;
  overflow-wrap: anywhere;
}
select {
  max-width: 150px;
  min-height: 36px;
  padding: 0 6px;
  border: 1px solid #cfc5b1;
  border-radius: 8px;
  background: #fff;
  color: #1f2933;
  font: inherit;
  font-size: 14px;
}
.sum {
  min-height: 24px;
  margin: 4px 0 8px;
  font-variant-numeric: tabular-nums;
  text-align: right;
}
.sum s {
  color: var(--ink-soft);
}
.shop-button {
  min-height: 44px;
}
.shop-button:disabled {
  background: none;
}
</style>
