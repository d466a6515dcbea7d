<script setup lang="ts">
/** The page after an order as the studio looks at it, for lines that nobody has ordered; shoppers get theirs from the checkout. */
definePageMeta({ layout: 'shop' })
const words = useWords()
const lines = computed(() =>
  String(useRoute().query.lines ?? '')
    .split(',')
    .filter(Boolean),
)
useHead({ title: () => words.value.ordered })
</script>

<template>
  <div>
    <h1>{{ words.ordered }}</h1>
    <OrderedSections :lines="lines" />
  </div>
</template>
