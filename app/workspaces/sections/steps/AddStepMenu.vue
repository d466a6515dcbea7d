<script setup lang="ts">
import type { FillStep, StepSource } from '../../../../core/fillSteps/fillStep'
import { useStudioShop } from '../../../data/studioShop'
import PhPlus from '~icons/ph/plus'
import { stepsWords } from '../words/steps'

const say = stepsWords.addStepMenu

/** The sources that a section can be filled from. */
const emit = defineEmits<{ add: [step: FillStep] }>()
const studio = useStudioShop()
const common = { subjects: 'page', cap: null, off: false } as const

/** What the menu says of each sort of step, and how a new one begins. */
const choices = computed((): Record<StepSource, { words: string; more: string; step: FillStep }> => ({
  links: {
    words: say.linkedByHand,
    more: say.theLinksOfOneKind,
    step: { from: 'links', kind: studio.kinds[0]!.key, order: 'hand', ...common },
  },
  rule: {
    words: say.matchingRule,
    more: say.comparesEachProductWithThe,
    step: { from: 'rule', rule: { when: { all: [] }, pick: { all: [{ category: 'same' }] } }, order: 'best-selling', ...common },
  },
  traits: {
    words: say.sharedTraits,
    more: say.categoriesTagsBrandOrAn,
    step: { from: 'traits', traits: ['category', 'tag'], attribute: null, least: 2, order: 'strength', ...common },
  },
  chosen: { words: say.chosenProducts, more: say.theSameForEveryPage, step: { from: 'chosen', targets: [], order: 'hand', ...common } },
  category: {
    words: say.aCategory,
    more: say.itsProductsWithOrWithout,
    step: { from: 'category', category: studio.categories[0]?.key ?? 'none', below: true, order: 'best-selling', ...common },
  },
  bestSellers: {
    words: say.bestSellers,
    more: say.ofTheShopTheSame,
    step: { from: 'bestSellers', of: 'category', ...common },
  },
  newest: { words: say.newest, more: say.ofTheShopTheSame, step: { from: 'newest', of: 'category', ...common } },
  recentlyViewed: {
    words: say.recentlyViewed,
    more: say.whatTheShopperLookedAt,
    step: { from: 'recentlyViewed', order: 'hand', ...common },
  },
  named: {
    words: say.whatAnArticleNames,
    more: say.onArticlePagesInThe,
    step: { from: 'named', order: 'hand', ...common },
  },
  relatedCategories: {
    words: say.relatedCategories,
    more: say.onCategoryPagesChosenOnes,
    step: { from: 'relatedCategories', of: 'beside', order: 'best-selling', ...common },
  },
  boughtTogether: {
    words: say.boughtTogether,
    more: say.fromPastOrdersNothingTo,
    step: { from: 'boughtTogether', order: 'strength', ...common },
  },
  bundles: {
    words: say.bundlesWithIt,
    more: say.theSetsThatTheProduct,
    step: { from: 'bundles', order: 'best-selling', ...common },
  },
}))
</script>

<template>
  <v-menu location="bottom start" :offset="4">
    <template #activator="{ props }"
      ><button type="button" class="text-button add" v-bind="props"><PhPlus width="15" height="15" />{{ say.addAStep }}</button></template
    >
    <v-list density="compact" class="studio" :aria-label="say.sources">
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
