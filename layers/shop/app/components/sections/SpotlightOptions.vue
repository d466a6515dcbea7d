<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'
import type { ProductAnswer } from '../../../../../core/delivery/contract/catalogue'

/** The options of the product in the spotlight, its price as chosen, and the button. */
const props = defineProps<{ product: ProductAnswer; section: DeliveredSection }>()
const { variant, choose, isChosen, isOut } = useVariantChoice(
  computed(() => props.product),
  () => props.section.items[0]!.variant,
)
const { add } = useAdding()
const words = useWords()
const canAdd = computed(() => variant.value !== undefined && variant.value.forSale && variant.value.inStock)
</script>

<template>
  <div>
    <fieldset v-for="option in product.options" :key="option.name">
      <legend class="shop-hidden">{{ option.name }}</legend>
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
    <p class="buy">
      <ShopPrice
        v-if="section.display.card.includes('price')"
        :price="variant?.price ?? product.price"
        :was="section.display.card.includes('was') ? (variant ?? product).was : null"
      />
      <button v-if="section.display.card.includes('button')" type="button" class="add" :disabled="!canAdd" @click="add(variant!.sku)">
        {{ canAdd ? section.buttons.add || words.add : words.outOfStock }}
      </button>
    </p>
  </div>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 8px 0 0;
  padding: 0;
  border: 0;
}
.choice {
  min-height: 34px;
  min-width: 40px;
  padding: 0 11px;
  border: 1px solid var(--section-line);
  border-radius: min(8px, var(--button-corner));
  background: var(--card-solid);
  color: inherit;
  font: inherit;
  font-size: 0.94em;
  cursor: pointer;
}
.choice[aria-pressed='true'] {
  border-color: var(--section-accent);
  box-shadow: inset 0 0 0 1px var(--section-accent);
  font-weight: 600;
}
.choice.out {
  color: var(--section-soft);
  background: linear-gradient(to top right, transparent calc(50% - 0.5px), var(--section-line) 50%, transparent calc(50% + 0.5px))
    var(--card-solid);
}
.buy {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  margin: 10px 0 0;
}
.add {
  min-height: 38px;
  padding: 0 18px;
  border: 1px solid var(--section-accent);
  border-radius: var(--button-corner);
  background: var(--section-accent);
  color: var(--section-on-accent);
  font: inherit;
  font-size: 0.94em;
  font-weight: 600;
  cursor: pointer;
}
.add:disabled {
  border-color: var(--section-line);
  background: var(--card-solid);
  color: var(--section-soft);
  cursor: default;
}
</style>
