<script setup lang="ts">
import type { CatalogueCard } from '../../../../core/delivery/contract/catalogue'

/** The products of a category or a brand. */
defineProps<{ products: readonly CatalogueCard[]; total: number }>()
const words = useWords()
const emit = defineEmits<{ more: [] }>()
const most = 200
</script>

<template>
  <div>
    <div class="products"><ProductCard v-for="card in products" :key="card.sku" :card="card" /></div>
    <p v-if="!products.length" class="shop-soft">{{ words.emptyShelf }}</p>
    <button v-if="products.length < Math.min(total, most)" type="button" class="shop-button quiet more" @click="emit('more')">
      {{ words.showMore }}
    </button>
  </div>
</template>

<style scoped>
.products {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 28px 20px;
}
.more {
  max-width: 260px;
  margin: 32px auto 0;
}
@media (max-width: 900px) {
  .products {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 600px) {
  .products {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 20px 14px;
  }
}
</style>
