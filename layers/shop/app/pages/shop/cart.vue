<script setup lang="ts">
import { formatMoney } from '../../../../../core/money/money'

const NuxtLink = resolveComponent('NuxtLink')
definePageMeta({ layout: 'shop' })
const words = useWords()
useHead({ title: () => words.value.cart })
const { lines, change, remove } = useCart()
const { currency, language, aisles } = useShopFacts()
const { blocksIn } = useSections('/cart')

const { cart } = await usePricedCart()
const rows = computed(() => cart.value?.rows ?? [])
const money = (amount: number) => formatMoney(amount, currency.value, language.value)
</script>

<template>
  <div>
    <h1>{{ words.cart }}</h1>
    <div v-if="!lines.length" class="empty">
      <p>{{ words.cartEmpty }}</p>
      <p class="shop-soft">
        {{ words.lookAround }}
        <template v-for="(aisle, i) in aisles.slice(0, 3)" :key="aisle.key"
          ><template v-if="i">, </template><NuxtLink :to="`/shop/categories/${aisle.key}`">{{ aisle.name }}</NuxtLink></template
        >.
      </p>
    </div>
    <div v-else class="cart">
      <ul class="lines">
        <li v-for="row in rows" :key="row.key" :data-line="row.sku">
          <component :is="row.url ? NuxtLink : 'span'" :to="row.url" class="shot" tabindex="-1" aria-hidden="true"
            ><ShopPicture :src="row.image" alt="" eager
          /></component>
          <div class="what">
            <NuxtLink v-if="row.url" :to="row.url">{{ row.name }}</NuxtLink><b v-else>{{ row.name }}</b>
            <span v-if="row.options" class="shop-soft">{{ row.options }}</span>
            <LineComponents :components="row.components" />
            <span v-for="each in row.warnings" :key="each.code" class="warning">{{ words.warnings[each.code](row.name, each.sure) }}</span>
            <button type="button" class="remove" :aria-label="words.removeOne(row.name)" @click="remove(row.key)">
              {{ words.remove }}
            </button>
          </div>
          <div class="count">
            <button
              type="button"
              :aria-label="words.oneLess(row.name)"
              :disabled="row.quantity <= 1"
              @click="change(row.key, row.quantity - 1)"
            >
              −
            </button>
            <span :aria-label="words.quantity(row.quantity)">{{ row.quantity }}</span>
            <button type="button" :aria-label="words.oneMore(row.name)" @click="change(row.key, row.quantity + 1)">+</button>
          </div>
          <span class="cost"
            ><s v-if="row.before">{{ money(row.before) }}</s
            ><b>{{ row.priced ? money(row.priced.total) : '' }}</b></span
          >
        </li>
      </ul>
      <aside>
        <div class="sum">
          <template v-if="cart?.reductions.length">
            <div class="before">
              <span>{{ words.subtotal }}</span><span>{{ money(cart.subtotal) }}</span>
            </div>
            <div v-for="each in cart.reductions" :key="each.words" class="before">
              <span
                >{{ each.words }}<small v-if="each.on">{{ words.onLines(each.on) }}</small></span
              ><span>−{{ money(each.amount) }}</span>
            </div>
          </template>
          <div class="total">
            <span>{{ words.total }}</span><b>{{ money(cart?.total ?? 0) }}</b>
          </div>
          <p class="shop-soft">{{ words.delivery }}</p>
          <NuxtLink to="/shop/checkout" class="shop-button checkout">{{ words.checkout }}</NuxtLink>
        </div>
        <PageZone :blocks="blocksIn('belowTotal')" />
      </aside>
    </div>
    <PageZone :blocks="blocksIn('belowLines')" />
  </div>
</template>

<style scoped>
h1 {
  margin-bottom: 20px;
}
.empty {
  padding: 24px 0;
  font-size: 17px;
}
.empty a {
  color: inherit;
  text-underline-offset: 3px;
}
.cart {
  display: grid;
  grid-template-columns: 1fr 300px;
  gap: 48px;
  align-items: start;
  margin-bottom: 24px;
}
.lines {
  margin: 0;
  padding: 0;
  list-style: none;
  border-top: 1px solid var(--shop-line);
}
.lines li {
  display: grid;
  grid-template-columns: 76px 1fr auto 96px;
  gap: 18px;
  align-items: start;
  padding: 14px 0;
  border-bottom: 1px solid var(--shop-line);
}
.cost {
  display: grid;
  justify-items: end;
}
.cost s {
  color: var(--ink-soft);
  font-size: 13.5px;
  font-variant-numeric: tabular-nums;
}
.warning {
  color: var(--section-out);
  font-size: 13.5px;
}
.before {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 2px 0;
  color: var(--ink-soft);
  font-size: 14px;
  font-variant-numeric: tabular-nums;
}
.cost b {
  text-align: right;
  font-variant-numeric: tabular-nums;
  font-weight: 650;
}
.shot {
  aspect-ratio: 1;
  border-radius: 9px;
  overflow: hidden;
}
.what {
  display: grid;
  justify-items: start;
  gap: 1px;
  min-width: 0;
  font-size: 14px;
}
.what a {
  color: inherit;
  font-size: 15px;
  font-weight: 600;
  text-decoration: none;
}
.what a:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.remove {
  padding: 2px 0;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: inherit;
  font-size: 13.5px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.count {
  display: flex;
  align-items: center;
  border: 1px solid #cfc5b1;
  border-radius: 8px;
  background: #fff;
}
.count button {
  width: 36px;
  height: 36px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 18px;
  cursor: pointer;
}
.count button:disabled {
  color: #b9b09e;
  cursor: default;
}
.count span {
  min-width: 22px;
  text-align: center;
  font-variant-numeric: tabular-nums;
}
.sum {
  padding: 18px 20px;
  border: 1px solid var(--shop-line);
  border-radius: 14px;
  background: #fff;
}
.total {
  display: flex;
  justify-content: space-between;
  font-size: 18px;
}
.sum p {
  margin: 8px 0 0;
  font-size: 13.5px;
}
.checkout {
  margin-top: 14px;
}
@media (max-width: 800px) {
  .cart {
    grid-template-columns: 1fr;
    gap: 20px;
  }
  .lines li {
    grid-template-columns: 64px 1fr auto;
    gap: 8px 14px;
  }
  .lines .what {
    grid-column: 2 / -1;
  }
  .lines .count {
    grid-column: 2;
    justify-self: start;
  }
}
.before small {
  display: block;
  margin-bottom: 4px;
  font-size: 12.5px;
  line-height: 1.35;
}
</style>
