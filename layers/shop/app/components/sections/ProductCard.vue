<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'

/** What a card needs to know, whether it comes from a section or from a category. */
export interface Card {
  sku: string
  variant?: string | null
  name: string
  brand: string | null
  url: string
  image: string | null
  price: number | null
  was: number | null
  inStock: boolean
  hasOptions: boolean
  /** Only a few are left. */
  few?: boolean
  /** The price is that of the cheapest choice of a bundle. */
  isFrom?: boolean
  bundle?: { type: string; isFrom?: boolean } | null
}

const props = defineProps<{
  card: Card
  row?: boolean
  display?: DeliveredSection['display']
  buttons?: DeliveredSection['buttons']
  text?: string
}>()
const words = useWords()
const isFrom = computed(() => props.card.isFrom ?? props.card.bundle?.isFrom ?? false)
const shows = (part: DeliveredSection['display']['card'][0]) =>
  props.display ? props.display.card.includes(part) : ['price', 'was', 'stock', 'button'].includes(part)
</script>

<template>
  <article class="card" :class="[{ row }, display?.picture]" :data-sku="card.sku">
    <NuxtLink :to="card.url" class="shot" tabindex="-1" aria-hidden="true"><ShopPicture :src="card.image" alt="" /></NuxtLink>
    <div class="facts">
      <p v-if="shows('brand') && card.brand" class="brand">{{ card.brand }}</p>
      <NuxtLink :to="card.url" class="name">{{ card.name }}</NuxtLink>
      <p v-if="shows('text') && text" class="text">{{ text }}</p>
      <p class="foot">
        <ShopPrice
          v-if="shows('price')"
          :price="card.price"
          :from="isFrom"
          :was="shows('was') && !isFrom ? card.was : null"
          :reduction="shows('reduction') && card.was !== null && !isFrom ? { was: card.was, as: display!.reduction } : undefined"
        />
        <span v-if="!card.inStock" class="out">{{ words.outOfStock }}</span>
        <span v-else-if="display && shows('stock') && card.few" class="few">{{ words.fewLeft }}</span>
      </p>
    </div>
    <CardBuy v-if="shows('button')" :card="card" :buttons="buttons" />
  </article>
</template>

<style scoped>
.card {
  position: relative;
  display: grid;
  grid-template: auto 1fr auto / minmax(0, 1fr);
  min-width: 0;
  height: 100%;
  padding: var(--card-inset);
  border: var(--card-border);
  border-radius: var(--section-corner);
  background: var(--card-ground);
  color: var(--section-ink);
}
.shot {
  display: block;
  aspect-ratio: 4 / 3;
  border-radius: var(--picture-corner);
  overflow: hidden;
  background: var(--sunk);
}
.square .shot {
  aspect-ratio: 1;
}
.portrait .shot {
  aspect-ratio: 4 / 5;
}
.facts {
  padding: 10px 0 10px;
}
.brand {
  margin: 0 0 1px;
  color: var(--section-soft);
  font-size: 0.87em;
}
.name {
  display: block;
  font-weight: 550;
  line-height: 1.3;
  color: inherit;
  text-decoration: none;
  text-wrap: balance;
  overflow-wrap: anywhere;
  hyphens: auto;
}
.name::after {
  content: '';
  position: absolute;
  inset: 0;
  border-radius: var(--section-corner);
}
.name:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-thickness: 1px;
}
.text {
  margin: 3px 0 0;
  color: var(--section-soft);
  font-size: 0.9em;
  line-height: 1.4;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  margin: 4px 0 0;
}
.foot:empty {
  display: none;
}
.out {
  color: var(--section-out);
  font-size: 0.87em;
}
.few {
  color: var(--section-few);
  font-size: 0.87em;
}
.row {
  grid-template: auto / 64px minmax(0, 1fr) auto;
  align-items: center;
  gap: 14px;
}
.row .shot {
  aspect-ratio: 1;
  border-radius: min(9px, var(--picture-corner));
}
.row .facts {
  padding: 0;
}
</style>
