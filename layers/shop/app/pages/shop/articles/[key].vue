<script setup lang="ts">
import type { ArticleAnswer } from '../../../../../../core/delivery/contract/catalogue'

definePageMeta({ layout: 'shop' })
const key = useRoute().params.key as string
const { answer: article } = await useDelivery<ArticleAnswer>(`/catalogue/articles/${encodeURIComponent(key)}`)
const { blocksIn } = useSections(`/article/${encodeURIComponent(key)}`)
useHead({ title: () => article.value.name })
</script>

<template>
  <article :class="{ beside: blocksIn('besideText').length }">
    <div class="text">
      <h1>{{ article.name }}</h1>
      <div v-if="article.image" class="shot"><ShopPicture :src="article.image" alt="" eager /></div>
      <p v-for="(paragraph, i) in article.text.split('\n\n')" :key="i">{{ paragraph }}</p>
    </div>
    <div v-if="blocksIn('besideText').length" class="side">
      <PageZone :blocks="blocksIn('besideText')" />
    </div>
    <PageZone :blocks="blocksIn('belowText')" />
  </article>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: minmax(0, 680fr) minmax(0, 320fr);
  gap: 0 48px;
  align-items: start;
}
.beside > .section {
  grid-column: 1 / -1;
}
.text {
  max-width: 680px;
  margin: 0 auto 28px;
}
.text p {
  margin: 0 0 16px;
  font-size: 17px;
  line-height: 1.65;
}
.shot {
  aspect-ratio: 16 / 8;
  border-radius: 14px;
  overflow: hidden;
  margin: 18px 0 22px;
}
@media (max-width: 900px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
