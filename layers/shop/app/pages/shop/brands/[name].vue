<script setup lang="ts">
import type { BrandAnswer } from '../../../../../../core/delivery/contract/catalogue'

definePageMeta({ layout: 'shop' })
const name = useRoute().params.name as string
const words = useWords()
const pageSize = 48
const limit = ref(pageSize)
const { answer: brand } = await useDelivery<BrandAnswer>(`/catalogue/brands/${encodeURIComponent(name)}`, () => ({
  limit: String(Math.min(limit.value, 200)),
}))
useHead({ title: () => brand.value.name })
</script>

<template>
  <div>
    <div class="head">
      <BrandMark :brand="brand.name" :image="brand.mark" class="mark" />
      <h1>{{ brand.name }}</h1>
      <span class="shop-soft">{{ words.products(brand.total) }}</span>
    </div>
    <ProductGrid :products="brand.products" :total="brand.total" @more="limit += pageSize" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  margin-bottom: 22px;
}
.mark {
  width: 56px;
  height: 56px;
}
</style>
