<script setup lang="ts">
import type { ProductAnswer } from '../../../../../../core/delivery/contract/catalogue'
import { formatMoney } from '../../../../../../core/money/money'

definePageMeta({ layout: 'shop', key: route => String(route.params.sku) })
const route = useRoute()
const sku = encodeURIComponent(route.params.sku as string)
const { answer: product } = await useDelivery<ProductAnswer>(`/catalogue/products/${sku}`)
const { sections, blocksIn } = useSections(`/product/${sku}`)
useStructuredData(product, () => sections.value)
const { variant, choose, isChosen, isOut } = useVariantChoice(product, () => route.query.variant)
const { addAll } = useAdding()
const { along } = provideViewed(product)
const { currency, language } = useShopFacts()
const words = useWords()

const { note } = useSeen()
onMounted(() => note(product.value.sku))

const image = computed(() => variant.value?.image ?? product.value.image)
const isThere = computed(() => (variant.value ?? product.value).inStock)
const stock = computed(() => {
  if (!isThere.value) return words.value.waiting
  return (variant.value ?? product.value).few ? words.value.onlyFewLeft : words.value.inStock
})
/** It, and what is ticked to go with it. */
const together = computed(() => [
  ...Object.entries(along.value).flatMap(([section, ticked]) => ticked.map(each => ({ ...each, from: `section:${section}` }))),
  { sku: variant.value?.sku ?? product.value.sku, price: variant.value?.price ?? product.value.price ?? 0 },
])
/** Ticked things go into the cart with it; what an offer takes off there is in it. */
const costs = useCosts(() => (together.value.length > 1 ? together.value.map(each => each.sku) : []))
const total = computed(() =>
  formatMoney(costs.value?.total ?? together.value.reduce((sum, each) => sum + each.price, 0), currency.value, language.value),
)
const forSale = computed(() => product.value.forSale && (variant.value?.forSale ?? true))
const canBuy = computed(() => forSale.value && isThere.value)
const add = () => addAll(together.value)
const button = computed(() => {
  if (!forSale.value) return words.value.notForSale
  if (!canBuy.value) return words.value.outOfStock
  return together.value.length > 1 ? words.value.addTogether(together.value.length, total.value) : words.value.addToCart
})
/** What goes into the cart; null: that is still to be chosen. */
const chosen = computed(() => {
  const isToChoose = product.value.bundle || product.value.variants.length
  return variant.value?.sku ?? (isToChoose ? null : product.value.sku)
})
/** One picture for each look that the product comes in. */
const looks = computed(() => {
  const seen = new Map<string, ProductAnswer['variants'][0]>()
  for (const each of product.value.variants) if (each.image && !seen.has(each.image)) seen.set(each.image, each)
  return seen.size > 1 ? [...seen.values()] : []
})
useHead({ title: () => product.value.name })
</script>

<template>
  <div>
    <div class="product">
      <div class="pictures">
        <div class="big"><ShopPicture :src="image" :alt="product.name" eager /></div>
        <ul v-if="looks.length" class="looks">
          <li v-for="look in looks" :key="look.sku">
            <button
              type="button"
              :aria-pressed="look.image === image"
              :aria-label="Object.values(look.options).join(', ')"
              @click="variant = look"
            >
              <ShopPicture :src="look.image" alt="" eager />
            </button>
          </li>
        </ul>
      </div>

      <div class="details">
        <ul class="shop-crumbs">
          <li v-for="each in product.categories" :key="each.key">
            <NuxtLink :to="`/shop/categories/${each.key}`">{{ each.name }}</NuxtLink>
          </li>
          <li v-if="product.brand">
            <NuxtLink :to="`/shop/brands/${encodeURIComponent(product.brand)}`">{{ product.brand }}</NuxtLink>
          </li>
        </ul>
        <h1>{{ product.name }}</h1>
        <Suspense v-if="product.bundle"><BundleChoice :key="product.sku" :product="product" /></Suspense>
        <template v-else>
          <p class="costs"><ShopPrice :price="variant?.price ?? product.price" :was="(variant ?? product).was" large /></p>
          <p class="text">{{ product.description }}</p>

          <fieldset v-for="option in product.options" :key="option.name">
            <legend>{{ option.name }}</legend>
            <button
              v-for="value in option.values"
              :key="value"
              type="button"
              class="choice"
              :class="{ out: isOut(option.name, value) }"
              :aria-pressed="isChosen(option.name, value)"
              @click="choose(option.name, value)"
            >
              {{ value }}<span v-if="isOut(option.name, value)" class="shop-hidden">{{ words.outOfStockToo }}</span>
            </button>
          </fieldset>

          <PageZone :blocks="blocksIn('aboveBuy')" :main="chosen" class="above" />
          <button type="button" class="shop-button" :disabled="!canBuy" @click="add">
            {{ button }}
          </button>
          <p v-if="forSale" class="shop-soft stock">{{ stock }}</p>
        </template>
        <PageZone :blocks="blocksIn('belowBuy')" :main="chosen" />
        <dl v-if="product.attributes.length">
          <div v-for="fact in product.attributes" :key="fact.name">
            <dt>{{ fact.name }}</dt>
            <dd>{{ fact.values.join(', ') }}</dd>
          </div>
        </dl>
        <PageZone :blocks="blocksIn('besideDetails')" :main="chosen" />
      </div>
    </div>
    <PageZone :blocks="blocksIn('belowDetails')" :main="chosen" />
    <PageZone :blocks="blocksIn('foot')" :main="chosen" />
  </div>
</template>

<style scoped>
.product {
  display: grid;
  grid-template-columns: minmax(0, 520fr) minmax(0, 564fr);
  gap: 44px;
  padding-bottom: 14px;
}
.big {
  aspect-ratio: 13 / 10;
  border-radius: 14px;
  overflow: hidden;
}
.pictures {
  position: sticky;
  top: 20px;
  align-self: start;
}
.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 12px 0 0;
  padding: 0;
  list-style: none;
}
.looks button {
  display: block;
  width: 72px;
  height: 72px;
  padding: 0;
  border: 0;
  border-radius: 9px;
  overflow: hidden;
  cursor: pointer;
  background: none;
}
.looks [aria-pressed='true'] {
  outline: 2px solid var(--shop-accent);
  outline-offset: 2px;
}
.costs {
  margin: 10px 0 0;
}
.text {
  margin: 12px 0 16px;
  max-width: 54ch;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0 0 14px;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  margin-bottom: 6px;
  font-size: 13.5px;
  font-weight: 600;
}
legend::first-letter {
  text-transform: uppercase;
}
.choice {
  min-height: 38px;
  min-width: 44px;
  padding: 0 14px;
  border: 1px solid #cfc5b1;
  border-radius: 8px;
  background: #fff;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.choice[aria-pressed='true'] {
  border-color: var(--shop-accent);
  box-shadow: inset 0 0 0 1px var(--shop-accent);
  font-weight: 600;
}
.choice.out {
  color: var(--ink-soft);
  background: linear-gradient(to top right, transparent calc(50% - 0.5px), #cfc5b1 50%, transparent calc(50% + 0.5px)) #faf8f3;
}
.above {
  margin-bottom: 16px;
}
.stock {
  margin: 10px 0 0;
  font-size: 14px;
}
dl {
  margin: 16px 0 0;
  border-top: 1px solid var(--shop-line);
}
dl > div {
  display: flex;
  gap: 16px;
  padding: 7px 0;
  border-bottom: 1px solid var(--shop-line);
  font-size: 14px;
}
dt {
  width: 96px;
  color: var(--ink-soft);
}
dt::first-letter {
  text-transform: uppercase;
}
dd {
  margin: 0;
}
@media (max-width: 800px) {
  .product {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
  .pictures {
    position: static;
  }
}
</style>
