<script setup lang="ts">
import { formatMoney } from '../../../../core/money/money'

const props = defineProps<{ price: number | null, was?: number | null, large?: boolean }>()

const { currency, language } = useShopFacts()
const reduced = computed(() => props.price !== null && props.was && props.was > props.price ? props.was : null)
const percent = computed(() => reduced.value ? Math.round((reduced.value - props.price!) * 100 / reduced.value) : 0)
const money = (amount: number) => formatMoney(amount, currency.value, language.value)
</script>

<template>
  <span class="price" :class="{ large }">
    <template v-if="price === null">Price on request</template>
    <template v-else>
      <b>{{ money(price) }}</b>
      <template v-if="reduced">
        <s><span class="shop-hidden">before </span>{{ money(reduced) }}</s>
        <span v-if="large && percent > 0" class="less">{{ percent }} % less</span>
      </template>
    </template>
  </span>
</template>

<style scoped>
.price { display: inline-flex; flex-wrap: wrap; align-items: baseline; gap: 0 8px; font-variant-numeric: tabular-nums; }
b { font-weight: 650; }
s { color: var(--ink-soft); font-size: 0.88em; }
.large { font-size: 24px; align-items: center; }
.large s { font-size: 16px; }
.less { background: var(--moss-wash); color: var(--moss-ink); border-radius: 5px; padding: 2px 8px; font-size: 13px; font-weight: 650; }
</style>
