<script setup lang="ts">
import type { CategoryAnswer } from '../../../../../core/delivery/contract/catalogue'

definePageMeta({ layout: 'shop' })
const { facts, aisles } = useShopFacts()
const words = useWords()
const deliver = useDeliver()
const { blocksIn } = useSections('/home')

// The first product of each aisle lends it its picture.
const { data: pictures } = await useAsyncData('aisle pictures', async () =>
  Object.fromEntries(
    await Promise.all(
      aisles.value.map(async ({ key }) => {
        const aisle = await deliver<CategoryAnswer>(`/catalogue/categories/${key}`, { limit: 1 })
        return [key, aisle.products[0]?.image ?? null] as const
      }),
    ),
  ),
)
</script>

<template>
  <div>
    <section class="welcome">
      <h1>{{ facts.name }}</h1>
      <p v-if="!aisles.length">{{ words.emptyShop }}</p>
      <p v-else-if="facts.welcome">{{ facts.welcome }}</p>
    </section>
    <PageZone :blocks="blocksIn('belowIntro')" />
    <ul class="aisles">
      <li v-for="aisle in aisles" :key="aisle.key">
        <NuxtLink :to="`/shop/categories/${aisle.key}`">
          <span class="shot"><ShopPicture :src="pictures?.[aisle.key] ?? null" alt="" eager /></span>
          <b>{{ aisle.name }}</b>
        </NuxtLink>
      </li>
    </ul>
    <section v-if="facts.articles.length" aria-labelledby="journal">
      <h2 id="journal">{{ words.fromJournal }}</h2>
      <ArticleCards :articles="facts.articles.slice(0, 3)" />
    </section>
    <PageZone :blocks="blocksIn('homeFoot')" />
  </div>
</template>

<style scoped>
.welcome {
  padding: 22px 0 30px;
  max-width: 620px;
}
.welcome h1 {
  font-size: clamp(32px, 5vw, 52px);
}
.welcome p {
  margin: 12px 0 0;
  font-size: 18px;
  color: var(--ink-soft);
  text-wrap: balance;
}
.aisles {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 22px 20px;
  margin: 0 0 48px;
  padding: 0;
  list-style: none;
}
.aisles a {
  display: block;
  color: inherit;
  text-decoration: none;
}
.aisles a:hover b {
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 1px;
}
.shot {
  display: block;
  aspect-ratio: 4 / 3;
  border-radius: 14px;
  overflow: hidden;
}
.aisles b {
  display: block;
  margin-top: 10px;
  font-weight: 600;
  font-size: 16px;
}
h2 {
  margin: 0 0 16px;
  font: 650 21px/1.2 var(--head);
}
@media (max-width: 800px) {
  .aisles {
    grid-template-columns: repeat(2, 1fr);
    gap: 18px 14px;
  }
}
</style>
