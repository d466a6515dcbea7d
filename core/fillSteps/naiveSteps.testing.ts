import fc from 'fast-check'
import { naiveBestSellers } from './bestSellers/bestSellers.testing'
import { naiveBoughtTogether } from './boughtTogether/boughtTogether.testing'
import { naiveBundles } from './bundles/bundles.testing'
import { naiveCategory } from './category/category.testing'
import { naiveChosen } from './chosen/chosen.testing'
import type { FillStep, StepSource } from './fillStep'
import { naiveLinks } from './links/links.testing'
import { naiveNamed } from './named/named.testing'
import type { NaiveOffer, NaiveStep, NaiveTools } from './naiveStep.testing'
import { naiveNewest } from './newest/newest.testing'
import { naiveRecentlyViewed } from './recentlyViewed/recentlyViewed.testing'
import { naiveRelatedCategories } from './relatedCategories/relatedCategories.testing'
import { naiveRule } from './rule/rule.testing'
import { naiveTraits } from './traits/traits.testing'

const naiveSteps: { [From in StepSource]: NaiveStep<Extract<FillStep, { from: From }>> } = {
  links: naiveLinks,
  traits: naiveTraits,
  rule: naiveRule,
  boughtTogether: naiveBoughtTogether,
  chosen: naiveChosen,
  category: naiveCategory,
  bestSellers: naiveBestSellers,
  newest: naiveNewest,
  recentlyViewed: naiveRecentlyViewed,
  named: naiveNamed,
  relatedCategories: naiveRelatedCategories,
  bundles: naiveBundles,
}

export const naiveOffers = (step: FillStep, tools: NaiveTools): NaiveOffer[] =>
  step.off ? [] : (naiveSteps[step.from] as NaiveStep<FillStep>).offers(step, tools)

/** A step of any sort. */
export const anyStep: fc.Arbitrary<FillStep> = fc.oneof(
  ...Object.values(naiveSteps).map(({ any, weight = 1 }) => ({ weight, arbitrary: any as fc.Arbitrary<FillStep> })),
)
