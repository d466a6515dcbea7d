<script setup lang="ts">
import { formatMoney } from '../../../../core/money/money'
import type { CartRow } from '../composables/usePricedCart'

/** What is in a bundle's line, with what each part costs of it. */
defineProps<{ components: CartRow['components'] }>()
const { currency, language } = useShopFacts()
const money = (amount: number) => formatMoney(amount, currency.value, language.value)
</script>

<template>
  <ul v-if="components.length" class="components">
    <li v-for="each in components" :key="each.key">
      <span
        >{{ each.quantity }} × {{ each.name }}<span v-if="each.chosen" class="chosen">{{ each.chosen }}</span></span
      ><s v-if="each.unit * each.quantity > each.total">{{ money(each.unit * each.quantity) }}</s
      ><span>{{ money(each.total) }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul.components {
  width: 100%;
  margin: 4px 0 2px;
  padding: 0 0 0 10px;
  border-left: 2px solid var(--shop-line);
  list-style: none;
  font-size: 13.5px;
}
li {
  display: flex;
  gap: 10px;
  padding: 1px 0;
  color: var(--ink-soft);
  font-variant-numeric: tabular-nums;
}
li .chosen {
  display: block;
  padding-left: 1.6em;
  font-size: 12.5px;
}
li > span:first-child {
  flex: 1;
  min-width: 0;
}
</style>
