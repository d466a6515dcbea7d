<script setup lang="ts">
import type { Offer } from '../../../../core/offers/offer'
import { offersWords } from '../words/offers'

const say = offersWords.offerDates

/** From which day to which an offer is made. */
defineProps<{ offer: Offer }>()
const emit = defineEmits<{ change: [dates: Partial<Pick<Offer, 'from' | 'until'>>] }>()
</script>

<template>
  <div class="line">
    <label
      >{{ say.from }}
      <input
        type="date"
        :value="offer.from?.slice(0, 10)"
        :aria-label="say.firstDay"
        @change="emit('change', { from: ($event.target as HTMLInputElement).value || null })"
    /></label>
    <label
      >{{ say.until }}
      <input
        type="date"
        :value="offer.until?.slice(0, 10)"
        :aria-label="say.lastDay"
        @change="emit('change', { until: ($event.target as HTMLInputElement).value || null })"
    /></label>
    <span class="soft small">{{ say.bothDaysIncludedWithoutThem }}</span>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  min-height: 38px;
}
input {
  height: 32px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1 var(--text);
}
</style>
