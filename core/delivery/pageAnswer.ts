import type { ShopSettings } from '../catalogue/shopSettings'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { Candidate } from '../candidates/candidate'
import type { ExplainedPage, ResolvedPage, ShownSection, StepReport } from '../selection/resolvedPage'
import { textIn } from '../text/text'
import type { PageAnswer } from './contract/pages'
import type { PriceBeside, PricesBeside } from '../pricing/pricesBeside'
import type { DeliveredProduct } from './deliveredItem'
import { deliveredProduct, itemName } from './deliveredItem'
import type { AnswerShop, PageContext, Words } from './pageParts'
import { deliveredPlan, pageContext, sectionLook, whyShown } from './pageParts'

/**
 * A resolved page as a shop gets it. With the steps of an explained page it tells the reasons too.
 * @param page what explainPage or resolvePage found
 * @param language BCP 47 tag
 * @param prices beside what is in the cart; left out: what products cost by themselves
 */
export function pageAnswer(
  kind: PageAnswer['page']['kind'],
  page: ResolvedPage | ExplainedPage,
  shop: AnswerShop,
  settings: ShopSettings,
  language: string,
  prices?: PricesBeside,
): PageAnswer {
  const words: Words = text => textIn(text, language, settings.language)
  const { looks } = shop
  const told = pageContext(kind, page, shop, words)
  const story = (key: string) =>
    'steps' in page ? page.steps.get(key)!.map(report => deliveredStep(report, words, told.category)) : undefined
  return {
    page: { kind, subjects: page.subjects },
    plan: deliveredPlan(page.plan, words),
    style: looks.houseStyle,
    sections: page.sections.map(shown => ({
      ...sectionHead(shown, told),
      ...sectionLook(shown, looks, words),
      items: shown.items.map(item => ({
        ...reducedBy(prices?.of(item), deliveredProduct(item, settings, language, shop.catalogue)),
        ...whyShown(shown.section, item.step),
      })),
      categories: told.tiles(shown),
      steps: story(shown.section.key),
    })),
    hidden:
      'steps' in page
        ? page.hidden.map(({ section, zone, reason }) => ({
            key: section.key,
            heading: told.heading(section, 0),
            zone,
            reason,
            steps: story(section.key),
          }))
        : undefined,
  }
}

/** What a shop gets of a product that costs less with what is in the cart. */
const reducedBy = (found: PriceBeside | null | undefined, item: DeliveredProduct) =>
  found ? { ...item, price: found.price, was: Math.max(item.was ?? 0, item.price), offer: found.offer } : item

function sectionHead({ section, zone, items, tiles }: ShownSection, told: PageContext) {
  return {
    key: section.key,
    heading: told.heading(section, items.length || tiles.length),
    zone,
    seeAll: told.seeAll(section),
    mark: told.mark(section),
  }
}

function deliveredStep(
  { step, idle, taken, heldBack, alternatives, more, tiles }: StepReport,
  words: Words,
  category: (key: string) => string,
) {
  const told = (candidate: Candidate) => ({
    sku: candidate.product.sku,
    variant: candidate.variant?.sku ?? null,
    name: itemName(candidate, words),
    source: candidate.source,
    place: candidate.place,
    strength: candidate.strength,
    ...(alternatives.get(candidate)?.length && { alternatives: alternatives.get(candidate) }),
  })
  return {
    from: step.from,
    kind: stepTypeOf(step).kind?.(step),
    subjects: step.subjects,
    idle,
    taken: taken.map(told),
    heldBack: heldBack.map(({ candidate, reason }) => ({ ...told(candidate), reason })),
    more,
    ...(tiles && {
      categories: [
        ...tiles.taken.map(({ key }) => ({ key, name: category(key), reason: null })),
        ...tiles.heldBack.map(({ key, reason }) => ({ key, name: category(key), reason })),
      ],
    }),
  }
}
