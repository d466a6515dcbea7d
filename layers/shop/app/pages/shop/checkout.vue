<script setup lang="ts">
import { formatMoney } from '../../../../../core/money/money'
import type { CartRow } from '../../composables/usePricedCart'

definePageMeta({ layout: 'shop' })
const words = useWords()
useHead({ title: () => words.value.checkoutTitle })
const { facts, currency, language } = useShopFacts()
const { change, remove } = useCart()
const { cart, order, failure, busy, place } = await useCheckout()
const money = (amount: number) => formatMoney(amount, currency.value, language.value)
/** An order takes only what is there as the shopper saw it. */
const { active: isPreview } = usePreview()
const canOrder = computed(
  () =>
    !isPreview &&
    facts.value.checkout &&
    Boolean(cart.value?.lines.length) &&
    !cart.value!.warnings.some(each => each.code === 'notAvailable'),
)
const take = (key: string, sure: number) => (sure ? change(key, sure) : remove(key))
const sold = computed(() => cart.value?.rows.filter(row => row.priced) ?? [])
const nameOf = (row: CartRow) => [row.name, ...(row.options ? [row.options] : [])].join(', ')
</script>

<template>
  <div v-if="order" class="done" role="status">
    <h1>{{ words.ordered }}</h1>
    <p>{{ words.sortNumber(order.number) }}</p>
    <ul>
      <li v-for="row in order.rows" :key="row.key" :data-line="row.sku">
        <span>{{ row.quantity }} × {{ nameOf(row) }}<LineComponents :components="row.components" /></span
        ><b>{{ money(row.priced!.total) }}</b>
      </li>
      <li class="total">
        <span>{{ words.total }}</span><b>{{ money(order.total) }}</b>
      </li>
    </ul>
    <NuxtLink to="/shop" class="shop-button back">{{ words.keepLooking }}</NuxtLink>
    <OrderedSections :lines="order.rows.map(row => row.sku)" class="with-it" />
  </div>
  <div v-else>
    <h1>{{ words.checkoutTitle }}</h1>
    <p v-if="!cart" class="shop-soft">
      {{ words.cartEmpty }} <NuxtLink to="/shop">{{ words.keepLooking }}</NuxtLink>
    </p>
    <form v-else class="checkout" @submit.prevent="place">
      <div class="who">
        <p class="note">{{ words.simulated }}</p>
        <label>{{ words.yourName }}<input type="text" name="name" autocomplete="name" required /></label>
        <label>{{ words.yourMail }}<input type="email" name="email" autocomplete="email" required /></label>
        <label>{{ words.yourAddress }}<textarea name="address" rows="3" autocomplete="street-address" required /></label>
      </div>
      <div class="sum">
        <ul>
          <li v-for="row in sold" :key="row.key" :data-line="row.sku">
            <span class="shot"><ShopPicture :src="row.image" alt="" eager /></span
            ><span>{{ row.quantity }} × {{ nameOf(row) }}<LineComponents :components="row.components" /></span
            ><b>{{ money(row.priced!.total) }}</b>
          </li>
          <template v-if="cart.reductions.length">
            <li class="before">
              <span>{{ words.subtotal }}</span><span>{{ money(cart.subtotal) }}</span>
            </li>
            <li v-for="each in cart.reductions" :key="each.words" class="before">
              <span
                >{{ each.words }}<small v-if="each.on">{{ words.onLines(each.on) }}</small></span
              ><span>−{{ money(each.amount) }}</span>
            </li>
          </template>
          <li class="total">
            <span>{{ words.total }}</span><b>{{ money(cart.total) }}</b>
          </li>
        </ul>
        <div v-if="cart.warnings.length || failure" class="warnings" role="alert">
          <p v-for="each in cart.warnings" :key="`${each.key} ${each.code}`">
            {{ words.warnings[each.code](each.name, each.sure) }}
            <button v-if="each.code === 'notAvailable'" type="button" @click="take(each.key, each.sure)">
              {{ each.sure ? words.takeOnly(each.sure) : words.remove }}
            </button>
          </p>
          <p v-if="failure">{{ words[failure] }}</p>
        </div>
        <p v-if="isPreview" class="note">{{ words.previewOnly }}</p>
        <p v-else-if="!facts.checkout" class="note">{{ words.noOrders }}</p>
        <button type="submit" class="shop-button" :disabled="!canOrder || busy">{{ words.placeOrder(money(cart.total)) }}</button>
        <NuxtLink to="/shop/cart" class="to-cart">{{ words.backToCart }}</NuxtLink>
      </div>
    </form>
  </div>
</template>

<style scoped>
h1 {
  margin-bottom: 20px;
}
.checkout {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 420px);
  gap: 48px;
  align-items: start;
}
.who {
  display: grid;
  gap: 16px;
  max-width: 520px;
}
.note {
  margin: 0;
  color: var(--ink-soft);
  font-size: 14.5px;
}
label {
  display: grid;
  gap: 5px;
  font-weight: 600;
  font-size: 14.5px;
}
input,
textarea {
  padding: 11px 12px;
  border: 1px solid #8d8472;
  border-radius: 8px;
  background: #fff;
  color: #1f2933;
  font: inherit;
  font-weight: 400;
  font-size: 16px;
}
.sum {
  padding: 18px 20px;
  border: 1px solid var(--shop-line);
  border-radius: 14px;
}
ul {
  margin: 0 0 14px;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 44px 1fr auto;
  gap: 12px;
  align-items: start;
  padding: 8px 0;
  border-bottom: 1px solid var(--shop-line);
}
li b {
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
.total,
.done li {
  grid-template-columns: 1fr auto;
}
.total {
  border-bottom: 0;
  font-size: 18px;
}
.before {
  grid-template-columns: 1fr auto;
  padding: 4px 0;
  border-bottom: 0;
  color: var(--ink-soft);
  font-size: 14px;
}
.before + .total {
  border-top: 1px solid var(--shop-line);
}
.shot {
  aspect-ratio: 1;
  border-radius: 8px;
  overflow: hidden;
}
.warnings {
  margin-bottom: 14px;
  padding: 10px 14px;
  border-radius: 10px;
  background: #f8e4de;
  color: #8c3a27;
}
.warnings p {
  margin: 3px 0;
}
.warnings button {
  padding: 4px 10px;
  border: 1px solid currentColor;
  border-radius: 7px;
  background: none;
  color: inherit;
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.to-cart {
  display: block;
  margin-top: 12px;
  color: inherit;
  text-align: center;
  text-underline-offset: 3px;
}
.done > :not(.with-it) {
  max-width: 560px;
}
.with-it {
  margin-top: 36px;
  border-top: 1px solid var(--shop-line);
}
.done p {
  margin: 0 0 18px;
}
.back {
  max-width: 260px;
}
@media (max-width: 800px) {
  .checkout {
    grid-template-columns: minmax(0, 1fr);
    gap: 24px;
  }
}
.before small {
  display: block;
  margin-bottom: 4px;
  font-size: 12.5px;
  line-height: 1.35;
}
</style>
