import type { PagePlan } from '../pagePlans/pagePlan'
import { resolvePage } from '../selection/resolvePage'
import type { Shop } from '../selection/shop'
import { visitTo } from '../selection/visit'
import type { SameShown } from './sameShown'
import { sameShown } from './sameShown'
import { spread } from './spread'
import type { Moment } from '../time/moment'

/** How a page plan turns out on the pages that get it. */
export interface PlanReview {
  /** How many pages were looked at: of many, some spread over all. */
  sampled: number
  /** Pages on which no section shows anything and nothing is offered, by what they are about. */
  blank: string[]
  /** On average: how many products each section shows where it is shown, by its key. A section that shows nowhere is missing. */
  shown: Map<string, number>
  same: SameShown[]
}

const maxPages = 400
const pagesInStep = 10

/**
 * Looks at some of the pages that get a plan, with pauses.
 * @param subjects SKUs or keys of what these pages are about
 */
export function* planReview(shop: Shop, { page }: PagePlan, subjects: readonly string[], at: Moment): Generator<void, PlanReview> {
  const sampled = spread(subjects, maxPages)
  const blank: string[] = []
  const shown = new Map<string, { pages: number; items: number }>()
  for (const [i, subject] of sampled.entries()) {
    const { sections, offers } = resolvePage(shop, ...visitTo(page, subject, at))
    if (!sections.length && offers.every(each => each.hidden)) blank.push(subject)
    for (const { section, items, tiles } of sections) {
      const { pages, items: before } = shown.get(section.key) ?? { pages: 0, items: 0 }
      shown.set(section.key, { pages: pages + 1, items: before + items.length + tiles.length })
    }
    if (i % pagesInStep === 0) yield
  }
  const same = yield* sameShown(shop, page, sampled, at)
  return { sampled: sampled.length, blank, shown: new Map(Array.from(shown, ([key, { pages, items }]) => [key, items / pages])), same }
}
