<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'
import { formatMoney } from '../../../../../core/money/money'

/**
 * Products to tick, with a running count and total. Above the buy button of a product they go into the cart with it;
 * anywhere else the list has a button of its own.
 */
const props = defineProps<{ section: DeliveredSection }>()
const viewed = useViewed()
const { addAll } = useAdding()
const words = useWords()
const { currency, language } = useShopFacts()
const { factsOf } = useItemFacts(
  () => props.section,
  () => props.section.display.card.includes('text'),
)
const money = (amount: number) => formatMoney(amount, currency.value, language.value)
const goesAlong = computed(() => viewed !== null && props.section.zone === 'aboveBuy')
const { keyOf, ticked, variantsOf, tickBy, priceOf, wasOf, along } = useTicks(() => props.section.items)
watch(along, now => {
  if (goesAlong.value) viewed!.along.value = { ...viewed!.along.value, [props.section.key]: now }
})
onBeforeUnmount(() => {
  if (viewed) viewed.along.value = { ...viewed.along.value, [props.section.key]: [] }
})
/** Of a list with a button of its own: what it comes to, also where an offer takes something off. */
const costs = useCosts(() => (goesAlong.value ? [] : along.value.map(each => each.sku)))
const total = computed(() => costs.value?.total ?? along.value.reduce((sum, each) => sum + each.price, 0))
/** The last one first: the first stands first in the cart then. */
const add = () => addAll(along.value.map(({ sku }) => ({ sku })).reverse())
</script>

<template>
  <div class="ticks">
    <ul>
      <li v-for="item in section.items" :key="keyOf(item)" :data-sku="item.sku">
        <label>
          <input
            type="checkbox"
            :checked="keyOf(item) in ticked"
            :disabled="!item.inStock || (item.bundle && item.hasOptions)"
            @change="tickBy($event.target as HTMLInputElement, item)"
          />
          <span class="shot"><ShopPicture :src="item.image" alt="" /></span>
          <span class="facts">
            <span v-if="section.display.card.includes('brand') && item.brand" class="soft">{{ item.brand }}</span>
            <span class="name">{{ item.name }}</span>
            <span v-if="section.display.card.includes('text')" class="soft">{{ factsOf(keyOf(item))?.text }}</span>
            <span v-if="!item.inStock" class="out">{{ words.outOfStock }}</span>
          </span>
        </label>
        <select
          v-if="keyOf(item) in ticked && variantsOf(item).length"
          v-model="ticked[keyOf(item)]"
          :aria-label="words.optionsOf(item.name)"
        >
          <option v-for="each in variantsOf(item)" :key="each.sku" :value="each.sku">{{ Object.values(each.options).join(', ') }}</option>
        </select>
        <ShopPrice
          v-if="section.display.card.includes('price')"
          :price="priceOf(item)"
          :was="section.display.card.includes('was') ? wasOf(item) : null"
        />
      </li>
    </ul>
    <button v-if="!goesAlong" type="button" class="shop-button" :disabled="!along.length" @click="add">
      {{ along.length ? `${section.buttons.add || words.add} ${along.length} · ${money(total)}` : words.tickFirst }}
    </button>
    <p v-else-if="along.length" class="sum" role="status">{{ words.ticked(along.length, money(total)) }}</p>
  </div>
</template>

<style scoped>
.ticks {
  padding: var(--card-inset);
  border: var(--card-border);
  border-radius: var(--section-corner);
  background: var(--card-ground);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 6px 0;
  border-top: 1px solid color-mix(in srgb, var(--section-line) 60%, var(--card-solid));
}
li:first-child {
  border-top: 0;
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
  accent-color: var(--section-accent);
}
.shot {
  aspect-ratio: 1;
  border-radius: min(8px, var(--picture-corner));
  overflow: hidden;
}
.facts {
  display: grid;
  line-height: 1.3;
}
.name {
  font-weight: 550;
  overflow-wrap: anywhere;
}
.soft {
  color: var(--section-soft);
  font-size: 0.87em;
}
.out {
  color: var(--section-out);
  font-size: 0.87em;
}
select {
  max-width: 150px;
  min-height: 36px;
  padding: 0 6px;
  border: 1px solid var(--section-line);
  border-radius: min(8px, var(--button-corner));
  background: var(--card-solid);
  color: inherit;
  font: inherit;
  font-size: 0.94em;
}
.shop-button {
  margin: 10px 0 8px;
  border-color: var(--section-accent);
  border-radius: var(--button-corner);
  background: var(--section-accent);
  color: var(--section-on-accent);
}
.shop-button:disabled {
  border-color: var(--section-line);
  background: var(--card-solid);
  color: var(--section-soft);
}
.sum {
  margin: 6px 0 8px;
  color: var(--section-soft);
  font-size: 0.94em;
  font-variant-numeric: tabular-nums;
  text-align: right;
}
</style>
