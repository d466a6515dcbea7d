import { pageTypes } from '../../core/pageTypes/registry'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import type { PageSubject } from '../../core/studio/planAnswers'
import type { PlannedShop, PlanReach } from '../../core/pagePlans/planReach'
import { planReach } from '../../core/pagePlans/planReach'
import { imageOf } from '../../core/catalogue/product'
import { itemName } from '../../core/delivery/deliveredItem'
import { textIn } from '../../core/text/text'
import { runInSteps } from '../live/runInSteps'
import type { LiveShop } from '../live/liveShop'
import { useShop } from '../running/useShop'

/** The shop with its plans as drafts. */
export const plannedShop = ({ drafted, catalogue, categories, articles }: LiveShop): PlannedShop => ({
  plans: drafted.plans,
  catalogue,
  categories,
  articles,
})

/** @throws Problem when there is no such draft */
export function draftPlan(shop: LiveShop, key: string): PagePlan {
  const plan = shop.versions.plans.get(key)?.draft
  if (!plan) throw new Problem(404, 'unknown-plan', 'Not found', `There is no page plan with the key ${key}.`, [key])
  return plan
}

const maxKept = 4
let followed = -1
const kept = new Map<string, Promise<PlanReach>>()

/** Which pages a plan is for. A list asks for it page by page: it is kept until something is written. */
export async function usePlanReach(plan: PagePlan): Promise<PlanReach> {
  const { shop, log } = await useShop()
  if (log.followed !== followed) kept.clear()
  followed = log.followed
  let reach = kept.get(plan.key)
  if (!reach) {
    if (kept.size >= maxKept) kept.delete(kept.keys().next().value!)
    kept.set(plan.key, (reach = runInSteps(planReach(plan, plannedShop(shop)))))
    reach.catch(() => kept.delete(plan.key))
  }
  return reach
}

/** What a page is about, as the studio shows it. */
export function pageSubjectOf(page: PagePlan['page'], about: string, { catalogue, settings }: LiveShop): PageSubject {
  const words = (text: Parameters<typeof textIn>[0]) => textIn(text, settings.language, settings.language)
  const { asksFor, words: pageWords } = pageTypes[page]
  if (asksFor === null) return { about, name: `the ${pageWords}`, image: null }
  if (asksFor === 'category') return { about, name: words(catalogue.category(about)?.name ?? {}) || about, image: null }
  if (asksFor === 'article') {
    const article = catalogue.article(about)
    return { about, name: words(article?.title ?? {}) || about, image: article?.image ?? null }
  }
  const item = catalogue.item(about)
  return item ? { about, name: itemName(item, words), image: imageOf(item.product, item.variant) } : { about, name: about, image: null }
}
