<script setup lang="ts">
import type { DeliveredOffer } from '../../../../core/delivery/contract/pages'
import { formatMoney } from '../../../../core/money/money'
import { percentWords } from '../../../../core/money/percent'

/**
 * Products offered together; one button puts all of them into the cart, or those that are ticked, on a product's page with the product
 * itself.
 */
const props = defineProps<{ offer: DeliveredOffer; /** SKU of what goes along; null: it is in the cart. */ main: string | null }>()
const isToTick = computed(() => props.offer.layout === 'checklist')
const { keyOf, ticked, variantsOf, variantOf, tickBy, priceOf, wasOf, along } = useTicks(
  () => props.offer.items,
  () => !isToTick.value,
)
const { addAll } = useAdding()
const words = useWords()
const { currency, language } = useShopFacts()
const money = (amount: number) => formatMoney(amount, currency.value, language.value)

const skus = computed(() =>
  along.value.length ? [...(props.main === null ? [] : [props.main]), ...along.value.map(each => each.sku)] : [],
)
const costs = useCosts(() => skus.value)
const texts = useOfferTexts(
  () => props.offer,
  () => skus.value.length,
  () => costs.value,
)
const reduction = computed(() => {
  const { reduction, items } = props.offer
  if (!reduction || items.every(each => each.together === null)) return ''
  return words.value.together(reduction.percent === null ? money(reduction.amount!) : percentWords(reduction.percent, language.value))
})
const shows = (part: DeliveredOffer['parts'][0]) => props.offer.parts.includes(part)
/** What a product costs in the cart, and by itself where that is more: of what is ticked just what the cart will say. */
const rows = computed(() =>
  props.offer.items.map(item => {
    const variant = variantOf(item)
    // With what is in the cart, a variant may be told at its reduced price already.
    const own = (variant?.offer ? wasOf(item) : null) ?? priceOf(item)
    const price = costs.value?.each[ticked.value[keyOf(item)] ?? ''] ?? (own === item.price ? (item.together ?? own) : own)
    const was = price < own ? own : wasOf(item)
    return { item, key: keyOf(item), price, was: shows('was') ? was : null }
  }),
)
const button = computed(() => (along.value.length ? texts.value.button : words.value.tickFirst))
/** The last one first: the first stands first in the cart then. */
const add = () => addAll(skus.value.toReversed().map(sku => (sku === props.main ? { sku } : { sku, from: `offer:${props.offer.key}` })))
</script>

<template>
  <section
    :id="`offer-${offer.key}`"
    class="offer"
    :class="offer.layout"
    :style="offer.style"
    :aria-label="offer.heading"
    :data-offer="offer.key"
  >
    <div class="frame">
      <h2>{{ offer.heading }}</h2>
      <p v-if="reduction" class="soft">{{ reduction }}</p>
      <ul>
        <li v-for="{ item, key, price, was } in rows" :key="key" :data-sku="key">
          <component :is="isToTick ? 'label' : 'div'" class="what">
            <input
              v-if="isToTick"
              type="checkbox"
              :checked="key in ticked"
              :aria-label="shows('name') ? undefined : item.name"
              @change="tickBy($event.target as HTMLInputElement, item)"
            />
            <span v-if="shows('picture')" class="shot"><ShopPicture :src="item.image" :alt="shows('name') ? '' : item.name" /></span>
            <span v-if="shows('name')" class="name">{{ item.name }}</span>
          </component>
          <select v-if="key in ticked && variantsOf(item).length" v-model="ticked[key]" :aria-label="words.optionsOf(item.name)">
            <option v-for="each in variantsOf(item)" :key="each.sku" :value="each.sku">
              {{ Object.values(each.options).join(', ') }}
            </option>
          </select>
          <ShopPrice v-if="shows('price')" :price="price" :from="item.bundle?.isFrom" :was="was" />
        </li>
      </ul>
      <p class="sum" role="status">
        <template v-if="costs">
          <span v-if="texts.total">{{ texts.total }}</span>
          <span v-else
            >{{ words.counted(skus.length) }} <b>{{ texts.amounts.total }}</b></span
          >
          <span v-if="texts.before" class="soft">{{ texts.before }}</span>
          <s v-else-if="texts.amounts.before"
            ><span class="shop-hidden">{{ words.before }}</span
            >{{ texts.amounts.before }}</s
          >
          <span v-if="texts.saving" class="saving">{{ texts.saving }}</span>
        </template>
      </p>
      <button type="button" class="shop-button" :disabled="!along.length" @click="add">
        {{ button }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.offer {
  container-type: inline-size;
  padding: var(--section-space) 0;
  color: var(--section-ink);
  font-size: var(--section-size);
}
.frame {
  padding: var(--section-inset);
  border: var(--section-border);
  border-radius: var(--section-corner);
  background: var(--section-ground);
}
h2 {
  margin: 0;
  font: 650 17px/1.3 var(--head);
}
p {
  margin: 0;
  font-size: 0.94em;
}
.soft,
s {
  color: var(--section-soft);
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
.what {
  flex: 1 1 200px;
  display: flex;
  align-items: center;
  gap: 11px;
  min-height: 44px;
}
label {
  cursor: pointer;
}
input {
  flex: none;
  width: 20px;
  height: 20px;
  margin: 0;
  accent-color: var(--section-accent);
}
.shot {
  flex: none;
  width: 44px;
  aspect-ratio: 1;
  border-radius: min(8px, var(--picture-corner));
  overflow: hidden;
}
.name {
  min-width: 0;
  font-weight: 550;
  overflow-wrap: anywhere;
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
/* Beside each other, with what stands between things that are added up. */
.row ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
  gap: 14px calc(var(--section-gap) + 8px);
  margin-top: 12px;
}
.row li {
  position: relative;
  flex-direction: column;
  flex-wrap: nowrap;
  align-items: stretch;
  gap: 5px;
  padding: var(--card-inset);
  border: var(--card-border);
  border-radius: var(--picture-corner);
  background: var(--card-ground);
}
.row li:not(:last-child)::after {
  content: '+';
  position: absolute;
  top: 34px;
  left: calc(100% + (var(--section-gap) + 8px) / 2);
  transform: translateX(-50%);
  color: var(--section-soft);
  font: 600 18px/1 var(--head);
}
.row .what {
  flex: none;
  flex-direction: column;
  align-items: stretch;
  gap: 6px;
}
.row .shot {
  width: 100%;
  border-radius: var(--picture-corner);
}
.row select {
  max-width: none;
}
.sum {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 0 10px;
  min-height: 24px;
  margin: 6px 0 8px;
  font-variant-numeric: tabular-nums;
}
.saving {
  font-weight: 600;
}
.shop-button {
  min-height: 44px;
  border-color: var(--button-line);
  border-radius: var(--button-corner);
  background: var(--button-ground);
  color: var(--button-ink);
}
.shop-button:disabled {
  border-color: var(--section-line);
  background: none;
  color: var(--section-soft);
}
</style>
