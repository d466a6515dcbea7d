<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'
import { devices, isBeyond } from '../../../../../core/sections/display'

/** Cards in columns and rows, or, as rows, one below the other. */
const props = defineProps<{ section: DeliveredSection; rows?: boolean }>()
const look = computed(() => props.section.display)
const { factsOf } = useItemFacts(
  () => props.section,
  () => look.value.card.includes('text'),
)
/** The devices that have no row left for an item. */
const beyond = (index: number) => devices.filter(device => isBeyond(look.value.devices[device], index)).map(device => `beyond-${device}`)
</script>

<template>
  <ul class="items columns" :class="{ rows }">
    <li v-for="(item, i) in section.items" :key="item.variant ?? item.sku" :class="beyond(i)">
      <ProductCard :card="item" :row="rows" :display="look" :buttons="section.buttons" :text="factsOf(item.variant ?? item.sku)?.text" />
    </li>
  </ul>
</template>

<style scoped>
.items:not(.rows) {
  gap: calc(var(--section-gap) * 1.3) var(--section-gap);
}
.rows {
  margin-bottom: min(0px, 8px - var(--section-inset));
  gap: 0 calc(var(--section-gap) * 1.4);
}
.rows > li {
  padding: 11px 0;
  border-top: var(--row-line);
}
@container (max-width: 560px) {
  .items:not(.rows) {
    gap: var(--section-gap) min(14px, var(--section-gap));
  }
}
</style>
