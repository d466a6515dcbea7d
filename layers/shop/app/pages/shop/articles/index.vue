<script setup lang="ts">
definePageMeta({ layout: 'shop' })
useHead({ title: 'Journal' })
const { facts } = useShopFacts()
</script>

<template>
  <div>
    <h1>Journal</h1>
    <p class="shop-soft lead">Notes from the apiary, month by month.</p>
    <ArticleCards v-if="facts.articles.length" :articles="facts.articles" />
    <p v-else class="shop-soft">Nothing has been written yet.</p>
  </div>
</template>

<style scoped>
.lead { margin: 6px 0 24px; }
</style>
