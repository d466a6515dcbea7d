<script setup lang="ts">
import type { FillStep, StepSource } from '../../../../core/fillSteps/fillStep'
import { useStudioShop } from '../../../data/studioShop'
import PhPlus from '~icons/ph/plus'

/** The sources that a section can be filled from. */
const emit = defineEmits<{ add: [step: FillStep] }>()
const studio = useStudioShop()
const common = { subjects: 'page', cap: null, off: false } as const

/** What the menu says of each sort of step, and how a new one begins. */
const choices = computed((): Record<StepSource, { words: string; more: string; step: FillStep }> => ({
  links: {
    words: 'Linked by hand',
    more: 'the links of one kind, from the bench',
    step: { from: 'links', kind: studio.kinds[0]!.key, order: 'hand', ...common },
  },
  rule: {
    words: 'Matching rule',
    more: 'compares each product with the one the page is about',
    step: { from: 'rule', rule: { when: { all: [] }, pick: { all: [{ category: 'same' }] } }, order: 'best-selling', ...common },
  },
  traits: {
    words: 'Shared traits',
    more: 'categories, tags, brand or an attribute in common',
    step: { from: 'traits', traits: ['category', 'tag'], attribute: null, least: 2, order: 'strength', ...common },
  },
  chosen: { words: 'Chosen products', more: 'the same for every page', step: { from: 'chosen', targets: [], order: 'hand', ...common } },
  category: {
    words: 'A category',
    more: 'its products, with or without what is below it',
    step: { from: 'category', category: studio.categories[0]?.key ?? 'none', below: true, order: 'best-selling', ...common },
  },
  bestSellers: {
    words: 'Best sellers',
    more: 'of the shop, the same category or brand',
    step: { from: 'bestSellers', of: 'category', ...common },
  },
  newest: { words: 'Newest', more: 'of the shop, the same category or brand', step: { from: 'newest', of: 'category', ...common } },
  recentlyViewed: {
    words: 'Recently viewed',
    more: 'what the shopper looked at before',
    step: { from: 'recentlyViewed', order: 'hand', ...common },
  },
  named: {
    words: 'What an article names',
    more: 'on article pages, in the article’s order',
    step: { from: 'named', order: 'hand', ...common },
  },
  relatedCategories: {
    words: 'Related categories',
    more: 'on category pages: chosen ones, those beside it or below it',
    step: { from: 'relatedCategories', of: 'beside', order: 'best-selling', ...common },
  },
  boughtTogether: {
    words: 'Bought together',
    more: 'from past orders; nothing to go by yet',
    step: { from: 'boughtTogether', order: 'strength', ...common },
  },
  bundles: {
    words: 'Bundles with it',
    more: 'the sets that the product, or a variant of it, can be in',
    step: { from: 'bundles', order: 'best-selling', ...common },
  },
}))
</script>

<template>
  <v-menu location="bottom start" :offset="4">
    <template #activator="{ props }"
      ><button type="button" class="text-button add" v-bind="props"><PhPlus width="15" height="15" />Add a step</button></template
    >
    <v-list density="compact" class="studio" aria-label="Sources">
      <v-list-item v-for="each in choices" :key="each.words" @click="emit('add', each.step)"
        ><v-list-item-title>{{ each.words }}</v-list-item-title
        ><v-list-item-subtitle>{{ each.more }}</v-list-item-subtitle></v-list-item
      >
    </v-list>
  </v-menu>
</template>

<style scoped>
.add {
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 6px 8px;
}
</style>
