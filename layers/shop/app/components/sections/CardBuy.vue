<script setup lang="ts">
import type { ProductAnswer } from '../../../../../core/delivery/contract/catalogue'
import { formatMoney } from '../../../../../core/money/money'
import type { Card } from './ProductCard.vue'

/** The button of a card: it adds to the cart, or lets the shopper choose a variant right there. */
const props = defineProps<{ card: Card; buttons?: { add: string; choose: string } }>()
const { add } = useAdding()
const words = useWords()
const factsOf = useProductFacts()
const { currency, language } = useShopFacts()

// What a button says stands in the name that a screen reader tells.
const addLabel = computed(() => (props.buttons?.add ? `${props.buttons.add}: ${props.card.name}` : words.value.addOne(props.card.name)))
const chooseLabel = computed(() =>
  props.buttons?.choose ? `${props.buttons.choose}: ${props.card.name}` : words.value.chooseOne(props.card.name),
)
const canAdd = computed(() => !props.card.hasOptions && props.card.inStock && props.card.price !== null)
const product = shallowRef<ProductAnswer | null>(null)
const loading = ref(false)
const chosen = ref('')
const select = useTemplateRef<HTMLSelectElement>('select')
const variants = computed(() =>
  (product.value?.variants ?? []).map(each => ({
    sku: each.sku,
    isOut: !each.forSale || !each.inStock,
    label: [
      Object.values(each.options).join(', '),
      ...(each.price !== props.card.price && each.price !== null ? [formatMoney(each.price, currency.value, language.value)] : []),
    ].join(' · '),
  })),
)
async function choose(): Promise<void> {
  loading.value = true
  try {
    const found = await factsOf(props.card.sku)
    // The parts of a bundle are chosen on its own page.
    if (found.bundle) await navigateTo(props.card.url)
    else product.value = found
  } catch {
    // Its own page can do without this answer.
    await navigateTo(props.card.url)
    return
  } finally {
    loading.value = false
  }
  chosen.value = variants.value.find(each => !each.isOut)?.sku ?? ''
  await nextTick()
  select.value?.focus()
}
</script>

<template>
  <button v-if="canAdd" class="add" type="button" :aria-label="addLabel" @click="add(card.variant ?? card.sku)">
    {{ buttons?.add || words.add }}
  </button>
  <form v-else-if="product" class="pick" @submit.prevent="chosen && add(chosen)">
    <select ref="select" v-model="chosen" :aria-label="words.optionsOf(card.name)">
      <option v-for="each in variants" :key="each.sku" :value="each.sku" :disabled="each.isOut">
        {{ each.label }}{{ each.isOut ? words.outOfStockToo : '' }}
      </option>
    </select>
    <button class="add" type="submit" :disabled="!chosen" :aria-label="addLabel">{{ buttons?.add || words.add }}</button>
  </form>
  <button
    v-else-if="card.hasOptions && card.inStock"
    class="add"
    type="button"
    :disabled="loading"
    :aria-label="chooseLabel"
    @click="choose"
  >
    {{ buttons?.choose || words.choose }}
  </button>
</template>

<style scoped>
.add {
  position: relative;
  z-index: 1;
  justify-self: start;
  display: inline-flex;
  align-items: center;
  min-height: 34px;
  padding: 0 14px;
  border: 1px solid var(--button-line);
  border-radius: var(--button-corner);
  background: var(--button-ground);
  color: var(--button-ink);
  font: inherit;
  font-size: 0.94em;
  font-weight: 600;
  cursor: pointer;
  transition:
    background 150ms,
    border-color 150ms;
}
.add:hover:not(:disabled) {
  background: var(--section-accent);
  border-color: var(--section-accent);
  color: var(--section-on-accent);
}
.pick {
  position: relative;
  z-index: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  min-width: 0;
}
select {
  flex: 1 1 90px;
  min-width: 0;
  min-height: 34px;
  padding: 0 6px;
  border: 1px solid var(--section-line);
  border-radius: min(8px, var(--button-corner));
  background: var(--card-solid);
  color: inherit;
  font: inherit;
  font-size: 0.94em;
}
@media (max-width: 600px) {
  .add,
  select {
    min-height: 40px;
  }
}
</style>
