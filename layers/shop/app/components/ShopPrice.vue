<script setup lang="ts">
import { formatMoney } from '../../../../core/money/money'

const props = defineProps<{
  price: number | null
  was?: number | null
  large?: boolean
  /** Other choices cost more. */ from?: boolean
  /** Tells how much less it is than it was. */ reduction?: { was: number; as: 'percent' | 'amount' }
}>()

const { currency, language } = useShopFacts()
const words = useWords()
const reduced = computed(() => (props.price !== null && props.was && props.was > props.price ? props.was : null))
/** How much less, in words; empty: it is not told, or no less. */
const less = computed(() => {
  const told = props.reduction ?? (props.large && reduced.value ? { was: reduced.value, as: 'percent' as const } : null)
  if (!told || props.price === null || told.was <= props.price) return ''
  const percent = Math.round(((told.was - props.price) * 100) / told.was)
  if (told.as === 'amount') return words.value.less(money(told.was - props.price))
  return percent > 0 ? words.value.less(`${percent} %`) : ''
})
const money = (amount: number) => formatMoney(amount, currency.value, language.value)
</script>

<template>
  <span class="price" :class="{ large }">
    <template v-if="price === null">{{ words.onRequest }}</template>
    <template v-else>
      <b>{{ from ? words.fromPrice(money(price)) : money(price) }}</b>
      <s v-if="reduced"
        ><span class="shop-hidden">{{ words.before }}</span
        >{{ money(reduced) }}</s
      >
      <span v-if="less" class="less">{{ less }}</span>
    </template>
  </span>
</template>

<style scoped>
.price {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 8px;
  font-variant-numeric: tabular-nums;
}
b {
  font-weight: 650;
}
s {
  color: var(--section-soft);
  font-size: 0.88em;
}
.large {
  font-size: 24px;
  align-items: center;
}
.large s {
  font-size: 16px;
}
.less {
  border: 1px solid var(--badge-line);
  border-radius: 5px;
  background: var(--badge-ground);
  color: var(--badge-ink);
  padding: 1px 7px;
  font-size: 12.5px;
  font-weight: 650;
}
</style>
