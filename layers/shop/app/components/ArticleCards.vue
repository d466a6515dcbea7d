<script setup lang="ts">
import type { ShopAnswer } from '../../../../core/delivery/contract/catalogue'

defineProps<{ articles: ShopAnswer['articles'] }>()
</script>

<template>
  <ul class="articles">
    <li v-for="article in articles" :key="article.key">
      <NuxtLink :to="`/shop/articles/${article.key}`">
        <span class="shot"><ShopPicture :src="article.image" alt="" /></span>
        <b>{{ article.name }}</b>
        <span class="intro">{{ article.intro }}</span>
      </NuxtLink>
    </li>
  </ul>
</template>

<style scoped>
.articles {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 28px 20px;
  margin: 0;
  padding: 0;
  list-style: none;
}
a {
  display: block;
  color: inherit;
  text-decoration: none;
}
a:hover b {
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 1px;
}
.shot {
  display: block;
  aspect-ratio: 2 / 1;
  border-radius: 14px;
  overflow: hidden;
}
b {
  display: block;
  margin: 12px 0 4px;
  font: 650 18px/1.25 var(--head);
}
.intro {
  color: var(--ink-soft);
}
@media (max-width: 800px) {
  .articles {
    grid-template-columns: 1fr;
  }
}
</style>
