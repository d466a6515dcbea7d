<script setup lang="ts">
import type { SearchAnswer } from '../../../../../core/delivery/contract/catalogue'

definePageMeta({ layout: 'shop' })
const words = useWords()
const deliver = useDeliver()
const route = useRoute()
const q = computed(() =>
  String(route.query.q ?? '')
    .trim()
    .slice(0, 200),
)
const pageSize = 24
const limit = ref(pageSize)
const wanted = ref(q.value)
watch(q, now => {
  limit.value = pageSize
  wanted.value = now
})
const look = () => wanted.value.trim() && navigateTo({ query: { q: wanted.value.trim() } })
const { asQuery } = useCart()
const asked = () => ({ q: q.value, limit: Math.min(limit.value, 200), ...(asQuery.value && { cart: asQuery.value }) })
const nothing: SearchAnswer = { products: [], total: 0 }
const { data: found } = await useAsyncData(
  () => `search ${q.value} ${limit.value}`,
  () => (q.value ? deliver<SearchAnswer>('/catalogue/search', asked()) : Promise.resolve(nothing)),
  { watch: [asQuery] },
)
const products = computed(() => found.value?.products ?? [])
/** What the sections are about: the first of what was found. */
const maxAbout = 10
const { blocksIn } = useSections('/search', () => ({
  q: q.value,
  found: products.value
    .slice(0, maxAbout)
    .map(each => encodeURIComponent(each.sku))
    .join(),
}))
useHead({ title: () => words.value.search })
</script>

<template>
  <div>
    <form class="search" role="search" @submit.prevent="look">
      <input v-model="wanted" type="search" name="q" maxlength="200" :placeholder="words.searchFor" :aria-label="words.search" />
      <button type="submit" class="shop-button">{{ words.search }}</button>
    </form>
    <div class="head">
      <h1>{{ q ? words.foundFor(q) : words.search }}</h1>
      <span v-if="q" class="shop-soft" role="status">{{ words.products(found?.total ?? 0) }}</span>
    </div>
    <p v-if="q && !products.length" class="shop-soft">{{ words.nothingFound }}</p>
    <PageZone :blocks="blocksIn('aboveFound')" />
    <ProductGrid v-if="products.length" :products="products" :total="found?.total ?? 0" @more="limit += pageSize" />
    <PageZone :blocks="blocksIn('belowFound')" class="below" />
  </div>
</template>

<style scoped>
.search {
  display: flex;
  gap: 10px;
  max-width: 620px;
  margin-bottom: 26px;
}
.search input {
  flex: 1;
  min-width: 0;
  padding: 11px 14px;
  border: 1px solid #8d8472;
  border-radius: 8px;
  background: #fff;
  color: #1f2933;
  font: inherit;
  font-size: 16px;
}
.search button {
  flex: none;
  width: auto;
  padding-inline: 20px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 14px;
  margin-bottom: 16px;
}
.head h1 {
  overflow-wrap: anywhere;
}
.below {
  margin-top: 36px;
  border-top: 1px solid var(--shop-line);
}
</style>
