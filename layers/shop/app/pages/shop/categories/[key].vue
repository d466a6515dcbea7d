<script setup lang="ts">
import type { CategoryAnswer } from '../../../../../../core/delivery/contract'

definePageMeta({ layout: 'shop' })
const key = useRoute().params.key as string
const pageSize = 48
const limit = ref(pageSize)
const { answer: category } = await useDelivery<CategoryAnswer>(`/catalogue/categories/${encodeURIComponent(key)}`, () => ({ limit: String(Math.min(limit.value, 200)) }))
const { sectionsIn } = useSections(`/category/${encodeURIComponent(key)}`)
useHead({ title: () => category.value.name })
</script>

<template>
  <div>
    <ul v-if="category.path.length" class="shop-crumbs">
      <li v-for="each in category.path" :key="each.key"><NuxtLink :to="`/shop/categories/${each.key}`">{{ each.name }}</NuxtLink></li>
    </ul>
    <div class="head">
      <h1>{{ category.name }}</h1>
      <span class="shop-soft">{{ category.total }} {{ category.total === 1 ? 'product' : 'products' }}</span>
    </div>
    <ul v-if="category.children.length" class="children">
      <li v-for="child in category.children" :key="child.key"><NuxtLink :to="`/shop/categories/${child.key}`">{{ child.name }}</NuxtLink></li>
    </ul>
    <SectionBlock v-for="section in sectionsIn('aboveProducts')" :key="section.key" :section="section" class="above" />
    <div class="products">
      <ProductCard v-for="card in category.products" :key="card.sku" :card="card" />
    </div>
    <p v-if="!category.products.length" class="shop-soft">There is nothing on this shelf just now.</p>
    <button v-if="category.products.length < Math.min(category.total, 200)" type="button" class="shop-button quiet more" @click="limit += pageSize">Show more</button>
    <SectionBlock v-for="section in sectionsIn('belowProducts')" :key="section.key" :section="section" class="below" />
  </div>
</template>

<style scoped>
.head { display: flex; flex-wrap: wrap; align-items: baseline; gap: 4px 14px; margin-bottom: 16px; }
.children { display: flex; flex-wrap: wrap; gap: 8px; margin: 0 0 22px; padding: 0; list-style: none; }
.children a { display: block; padding: 7px 14px; border: 1px solid #cfc5b1; border-radius: 20px; color: inherit; text-decoration: none; background: #fff; font-size: 14px; }
.children a:hover { border-color: var(--shop-accent); color: var(--shop-accent); }
.products { display: grid; grid-template-columns: repeat(4, minmax(0, 1fr)); gap: 28px 20px; }
.above { margin-bottom: 26px; padding-bottom: 26px; border-bottom: 1px solid var(--shop-line); }
.more { max-width: 260px; margin: 32px auto 0; }
.below { margin-top: 36px; border-top: 1px solid var(--shop-line); }
@media (max-width: 900px) {
  .products { grid-template-columns: repeat(3, minmax(0, 1fr)); }
}
@media (max-width: 600px) {
  .products { grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 20px 14px; }
}
</style>
