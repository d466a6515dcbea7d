<script setup lang="ts">
import type { CategoryAnswer } from '../../../../../../core/delivery/contract/catalogue'

definePageMeta({ layout: 'shop' })
const key = useRoute().params.key as string
const words = useWords()
const pageSize = 48
const limit = ref(pageSize)
const { answer: category } = await useDelivery<CategoryAnswer>(`/catalogue/categories/${encodeURIComponent(key)}`, () => ({
  limit: String(Math.min(limit.value, 200)),
}))
const { blocksIn } = useSections(`/category/${encodeURIComponent(key)}`)
useHead({ title: () => category.value.name })
</script>

<template>
  <div>
    <ul v-if="category.path.length" class="shop-crumbs">
      <li v-for="each in category.path" :key="each.key">
        <NuxtLink :to="`/shop/categories/${each.key}`">{{ each.name }}</NuxtLink>
      </li>
    </ul>
    <div class="head">
      <h1>{{ category.name }}</h1>
      <span class="shop-soft">{{ words.products(category.total) }}</span>
    </div>
    <ul v-if="category.children.length" class="children">
      <li v-for="child in category.children" :key="child.key">
        <NuxtLink :to="`/shop/categories/${child.key}`">{{ child.name }}</NuxtLink>
      </li>
    </ul>
    <PageZone :blocks="blocksIn('aboveProducts')" class="above" />
    <ProductGrid :products="category.products" :total="category.total" @more="limit += pageSize" />
    <PageZone :blocks="blocksIn('belowProducts')" class="below" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 14px;
  margin-bottom: 16px;
}
.children {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0 0 22px;
  padding: 0;
  list-style: none;
}
.children a {
  display: block;
  padding: 7px 14px;
  border: 1px solid #cfc5b1;
  border-radius: 20px;
  color: inherit;
  text-decoration: none;
  background: #fff;
  font-size: 14px;
}
.children a:hover {
  border-color: var(--shop-accent);
  color: var(--shop-accent);
}
.below {
  margin-top: 36px;
  border-top: 1px solid var(--shop-line);
}
</style>
