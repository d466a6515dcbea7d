<script setup lang="ts">
definePageMeta({ layout: 'shop' })
const words = useWords()
useHead({ title: () => words.value.journal })
const { facts } = useShopFacts()
</script>

<template>
  <div>
    <h1>{{ words.journal }}</h1>
    <p class="shop-soft lead">{{ words.journalLead }}</p>
    <ArticleCards v-if="facts.articles.length" :articles="facts.articles" />
    <p v-else class="shop-soft">{{ words.noArticles }}</p>
  </div>
</template>

<style scoped>
.lead {
  margin: 6px 0 24px;
}
</style>
