<script setup lang="ts">
import type { ProductRow } from '../../../core/workbench/workbench'
import { useStudioShop } from '../../data/studioShop'
import { productSearchWords } from './words'

const say = productSearchWords.foundProduct

/** A product in the list of what a field has found. */
defineProps<{ row: ProductRow; /** What makes it an item of its list. */ item: Record<string, unknown> }>()
const studio = useStudioShop()
</script>

<template>
  <v-list-item v-bind="item" density="compact">
    <template #prepend><ProductPicture :src="row.image" class="thumb" /></template>
    <v-list-item-subtitle
      ><span class="mono">{{ row.sku }}</span> · {{ row.price === null ? say.noPrice : studio.money(row.price) }} ·
      <span :class="{ wrong: row.stock <= 0 }">{{ say.inStock(row.stock) }}</span></v-list-item-subtitle
    >
  </v-list-item>
</template>

<style scoped>
.thumb {
  width: 32px;
  height: 32px;
  margin-right: 12px;
}
</style>
