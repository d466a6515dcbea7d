<script setup lang="ts">
import type { ProductRow } from '../../../core/workbench/workbench'
import { useStudioShop } from '../../data/studioShop'
import { productSearchWords } from './words'

const say = productSearchWords.foundProduct

/** A product in the list of what a field has found. */
const props = defineProps<{
  row: Pick<ProductRow, 'sku' | 'image' | 'price' | 'stock' | 'variants'>
  /** What makes it an item of its list. */ item: Record<string, unknown>
}>()
const studio = useStudioShop()
const stock = computed(() => (props.row.stock === null ? say.untracked : say.inStock(props.row.stock)))
</script>

<template>
  <v-list-item v-bind="item" density="compact">
    <template #prepend><ProductPicture :src="row.image" class="thumb" /></template>
    <v-list-item-subtitle
      ><span class="mono">{{ row.sku }}</span> · {{ row.price === null ? say.noPrice : studio.money(row.price) }} ·
      <span :class="{ wrong: row.stock === 0 }">{{ stock }}</span><template v-if="row.variants">
        · {{ say.variants(row.variants) }}</template
      ></v-list-item-subtitle
    >
  </v-list-item>
</template>

<style scoped>
.v-list-item-subtitle {
  font: 13px/1.4 var(--text);
  letter-spacing: normal;
}
.thumb {
  width: 32px;
  height: 32px;
  margin-right: 12px;
}
</style>
