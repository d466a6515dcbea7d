import { bestSellersStep } from './bestSellers/bestSellersStep'
import { boughtTogetherStep } from './boughtTogether/boughtTogetherStep'
import { bundlesStep } from './bundles/bundlesStep'
import { categoryStep } from './category/categoryStep'
import { chosenStep } from './chosen/chosenStep'
import { linksStep } from './links/linksStep'
import { namedStep } from './named/namedStep'
import { newestStep } from './newest/newestStep'
import { recentlyViewedStep } from './recentlyViewed/recentlyViewedStep'
import { relatedCategoriesStep } from './relatedCategories/relatedCategoriesStep'
import { ruleStep } from './rule/ruleStep'
import { traitsStep } from './traits/traitsStep'

/** All sorts of fill steps. A step's `from` names its sort. */
export const fillStepTypes = {
  links: linksStep,
  traits: traitsStep,
  rule: ruleStep,
  boughtTogether: boughtTogetherStep,
  chosen: chosenStep,
  category: categoryStep,
  bestSellers: bestSellersStep,
  newest: newestStep,
  recentlyViewed: recentlyViewedStep,
  named: namedStep,
  relatedCategories: relatedCategoriesStep,
  bundles: bundlesStep,
}
