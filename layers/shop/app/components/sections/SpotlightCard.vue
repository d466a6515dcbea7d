<script setup lang="ts">
import type { DeliveredSection } from '../../../../../core/delivery/contract/pages'

/** One product with its options and a button. */
const props = defineProps<{ section: DeliveredSection; item: DeliveredSection['items'][0] }>()
const look = computed(() => props.section.display)
const { factsOf } = useItemFacts(
  () => props.section,
  () => look.value.card.includes('text'),
)
const words = useWords()
const productOf = useProductFacts()
const { data: product } = useAsyncData(
  `spotlight ${props.section.zone} ${props.section.key}`,
  () => (props.item.hasOptions ? productOf(props.item.sku) : Promise.resolve(null)),
  { watch: [() => props.item.sku] },
)
</script>

<template>
  <article class="spot" :data-sku="item.sku">
    <NuxtLink :to="item.url" class="shot" :class="look.picture" tabindex="-1" aria-hidden="true"
      ><ShopPicture :src="item.image" alt=""
    /></NuxtLink>
    <div class="facts">
      <p v-if="look.card.includes('brand') && item.brand" class="brand">{{ item.brand }}</p>
      <NuxtLink :to="item.url" class="name">{{ item.name }}</NuxtLink>
      <p v-if="look.card.includes('text')" class="text">{{ factsOf(item.variant ?? item.sku)?.text }}</p>
      <SpotlightOptions v-if="product?.variants.length" :product="product" :section="section" />
      <template v-else>
        <p class="price">
          <ShopPrice
            v-if="look.card.includes('price')"
            :price="item.price"
            :from="item.bundle?.isFrom"
            :was="look.card.includes('was') ? item.was : null"
            :reduction="look.card.includes('reduction') && item.was !== null ? { was: item.was, as: look.reduction } : undefined"
          /><span v-if="!item.inStock" class="out">{{ words.outOfStock }}</span>
        </p>
        <CardBuy v-if="look.card.includes('button')" :card="item" :buttons="section.buttons" />
      </template>
    </div>
  </article>
</template>

<style scoped>
.spot {
  display: grid;
  grid-template-columns: minmax(0, 240px) minmax(0, 1fr);
  gap: 22px;
  align-items: center;
  padding: var(--card-inset);
  border: var(--card-border);
  border-radius: var(--section-corner);
  background: var(--card-ground);
}
.shot {
  display: block;
  aspect-ratio: 4 / 3;
  border-radius: var(--picture-corner);
  overflow: hidden;
}
.shot.square {
  aspect-ratio: 1;
}
.shot.portrait {
  aspect-ratio: 4 / 5;
}
.brand {
  margin: 0;
  color: var(--section-soft);
  font-size: 0.87em;
}
.name {
  color: inherit;
  font: 650 1.2em/1.3 var(--head);
  text-decoration: none;
}
.name:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.text {
  margin: 4px 0 0;
  color: var(--section-soft);
  font-size: 0.94em;
  max-width: 56ch;
}
.price {
  display: flex;
  align-items: baseline;
  gap: 10px;
  margin: 6px 0 10px;
}
.out {
  color: var(--section-out);
  font-size: 0.87em;
}
@container (max-width: 560px) {
  .spot {
    grid-template-columns: minmax(0, 112px) minmax(0, 1fr);
    gap: 14px;
    align-items: start;
  }
  .shot {
    aspect-ratio: 1;
  }
}
</style>
