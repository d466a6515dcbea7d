<script setup lang="ts">
import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'
import { formatMoney } from '../../../../core/money/money'
import { percentWords } from '../../../../core/money/percent'

/** What is in a bundle, what can be chosen of it, what that costs and saves, and the one button. */
const props = defineProps<{ product: ProductAnswer }>()
const { bundle, open, sure, chosenOf, choose, isOut, picks, count, room, pick, choices, isWhole, line, isThere } = await useBundleChoice(
  computed(() => props.product),
)
const { add } = useAdding()
const { currency, language } = useShopFacts()
const words = useWords()
const money = (amount: number) => formatMoney(amount, currency.value, language.value)

const saved = computed(() => (line.value?.was ? line.value.was - line.value.unit : 0))
/** The next reduction that more picks would reach. */
const next = computed(
  () => bundle.value.pick?.steps.find(step => step.count > count.value && step.count <= bundle.value.pick!.most) ?? null,
)
const button = computed(() => {
  if (!bundle.value.from || !props.product.forSale) return words.value.notForSale
  if (!isWhole.value) return words.value.pickMore(bundle.value.pick!.least - count.value)
  if (!isThere.value) return words.value.outOfStock
  return `${words.value.addToCart} · ${money(line.value!.unit)}`
})
const nameOf = (part: { name: string; quantity: number }) => (part.quantity > 1 ? `${part.quantity} × ${part.name}` : part.name)
</script>

<template>
  <div class="bundle">
    <p class="costs">
      <ShopPrice v-if="line" :price="line.unit" :was="line.was" large />
      <ShopPrice v-else-if="bundle.from" :price="bundle.from.price" :from="bundle.to!.price > bundle.from.price" large />
      <span v-if="saved > 0" class="saved">{{ words.youSave(money(saved)) }}</span>
    </p>
    <p class="text">{{ product.description }}</p>

    <section v-for="part in open" :key="part.part" class="part" :aria-label="part.name">
      <h2>{{ nameOf(part) }}</h2>
      <div class="choosing">
        <span class="shot"><ShopPicture :src="chosenOf(part)?.image ?? null" alt="" eager /></span>
        <div class="options">
          <fieldset v-for="(option, i) in part.options" :key="option.name">
            <legend>{{ option.name }}</legend>
            <button
              v-for="value in option.values"
              :key="value"
              type="button"
              class="choice"
              :class="{ out: isOut(part, i, value) }"
              :aria-pressed="chosenOf(part)?.values[i] === value"
              @click="choose(part, i, value)"
            >
              {{ value }}<span v-if="isOut(part, i, value)" class="shop-hidden">{{ words.notToBeHad }}</span>
            </button>
          </fieldset>
        </div>
      </div>
    </section>

    <template v-if="bundle.pick">
      <p class="how">
        <b>{{ words.pickSome(bundle.pick.least, bundle.pick.most) }}</b>
        <span v-for="step in bundle.pick.steps" :key="step.count" class="step" :class="{ reached: count >= step.count }">{{
          words.step(step.count, percentWords(step.percent, language))
        }}</span>
      </p>
      <ul class="picks">
        <li v-for="each in bundle.parts[0]!.choices" :key="each.sku" :data-sku="each.sku" :class="{ none: !each.available }">
          <NuxtLink :to="each.url" class="shot" tabindex="-1" aria-hidden="true"><ShopPicture :src="each.image" alt="" eager /></NuxtLink>
          <span class="what"
            ><NuxtLink :to="each.url">{{ each.name }}</NuxtLink
            ><span class="shop-soft"
              >{{ each.price === null ? '' : money(each.price) }}<template v-if="!each.available"> · {{ words.outOfStock }}</template></span
            ></span
          >
          <span class="count">
            <button type="button" :aria-label="words.oneLess(each.name)" :disabled="!picks[each.sku]" @click="pick(each.sku, -1)">−</button>
            <span :aria-label="words.quantity(picks[each.sku] ?? 0)">{{ picks[each.sku] ?? 0 }}</span>
            <button type="button" :aria-label="words.oneMore(each.name)" :disabled="room(each) < 1" @click="pick(each.sku, 1)">+</button>
          </span>
        </li>
      </ul>
      <p class="shop-soft told" role="status">
        {{ words.picked(count, bundle.pick.most)
        }}<template v-if="next">{{ words.moreForStep(next.count - count, percentWords(next.percent, language)) }}</template>
      </p>
    </template>

    <section v-if="sure.length" class="part" :aria-label="words.inIt">
      <h2>{{ open.length ? words.alsoInIt : words.inIt }}</h2>
      <ul class="sure">
        <li v-for="part in sure" :key="part.part" :data-sku="part.choices[0]!.sku">
          <span class="shot"><ShopPicture :src="part.choices[0]!.image" alt="" eager /></span>
          <NuxtLink :to="part.choices[0]!.url">{{ part.quantity > 1 ? `${part.quantity} × ` : '' }}{{ part.choices[0]!.name }}</NuxtLink>
          <span class="shop-soft">{{ part.choices[0]!.price === null ? '' : money(part.choices[0]!.price * part.quantity) }}</span>
        </li>
      </ul>
    </section>

    <button type="button" class="shop-button" :disabled="!isThere" @click="add(product.sku, choices)">{{ button }}</button>
  </div>
</template>

<style scoped>
.costs {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  min-height: 36px;
  margin: 10px 0 0;
}
.saved {
  color: var(--section-accent);
  font-weight: 600;
}
.text {
  margin: 12px 0 16px;
  max-width: 54ch;
}
.part {
  padding: 12px 0 14px;
  border-top: 1px solid var(--shop-line);
}
h2 {
  margin: 0 0 8px;
  font: 650 17px/1.3 var(--head);
}
h2::first-letter {
  text-transform: uppercase;
}
.choosing {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.options {
  display: grid;
  gap: 10px;
}
.shot {
  display: block;
  aspect-ratio: 1;
  border-radius: 9px;
  overflow: hidden;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  margin-bottom: 5px;
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
  color: #1f2933;
  font: inherit;
  cursor: pointer;
}
.choice[aria-pressed='true'] {
  border-color: var(--shop-accent);
  box-shadow: inset 0 0 0 1px var(--shop-accent);
  font-weight: 600;
}
.choice.out {
  color: #5b6470;
  background: linear-gradient(to top right, transparent calc(50% - 0.5px), #cfc5b1 50%, transparent calc(50% + 0.5px)) #faf8f3;
}
.how {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 0 0 8px;
}
.step {
  padding: 2px 10px;
  border: 1px solid var(--shop-line);
  border-radius: 11px;
  font-size: 13.5px;
}
.step.reached {
  border-color: var(--shop-accent);
  background: var(--shop-accent);
  color: var(--shop-on-accent);
}
ul {
  margin: 0 0 16px;
  padding: 0;
  list-style: none;
}
.picks {
  border-top: 1px solid var(--shop-line);
}
.picks li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--shop-line);
}
.picks a,
.sure a {
  color: inherit;
  font-weight: 550;
  text-decoration: none;
}
.picks a:hover,
.sure a:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.what {
  display: grid;
  font-size: 15px;
  line-height: 1.35;
}
.what .shop-soft {
  font-size: 13.5px;
}
.none .shot {
  opacity: 0.5;
}
.count {
  display: flex;
  align-items: center;
  border: 1px solid #cfc5b1;
  border-radius: 8px;
  background: #fff;
  color: #1f2933;
}
.count button {
  width: 38px;
  height: 38px;
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
.told {
  margin: 0 0 12px;
}
.sure li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  padding: 5px 0;
  font-variant-numeric: tabular-nums;
}
@media (max-width: 600px) {
  .choosing {
    grid-template-columns: 64px minmax(0, 1fr);
    gap: 12px;
  }
  .choice {
    min-height: 42px;
  }
}
</style>
