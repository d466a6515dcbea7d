import { inOfferOrder } from '../offers/offered'
import { PlanBook } from '../pagePlans/planBook'
import type { AllVersions, DraftedSort, DraftedThings } from '../releases/draftedSorts'
import type { ReleaseContent } from '../releases/release'
import type { ToPublish } from '../releases/toPublish'
import type { Versions } from '../sections/versions'
import type { Shop } from '../selection/shop'
import { shopWith } from '../selection/shopWith'

/** What shoppers could have instead of what they have: drafts beside all else that is live, or a release again. */
export type Proposal = { publish: ToPublish } | { release: ReleaseContent }

/** What shoppers have by now. */
export const asItIs: Proposal = { publish: {} }

/** What shoppers have of a sort of things with a proposal, by key. It does not follow what is drafted later. */
export function proposedThings<Sort extends DraftedSort>(
  sort: Sort,
  things: ReadonlyMap<string, Versions<DraftedThings[Sort]>>,
  proposal: Proposal,
): Map<string, DraftedThings[Sort]> {
  const ticked = new Set('publish' in proposal ? proposal.publish[sort] : [])
  const then: readonly DraftedThings[Sort][] | null = 'release' in proposal ? proposal.release[sort] : null
  if (then) return new Map(then.map(each => [each.key, each]))
  return new Map(
    [...things].flatMap(([key, { live, draft }]) => {
      const thing = ticked.has(key) ? draft : live
      return thing === null ? [] : [[key, thing]]
    }),
  )
}

/** The shop that shoppers have with a proposal. */
export const proposedShop = (shop: Shop, versions: Omit<AllVersions, 'looks'>, proposal: Proposal): Shop =>
  shopWith(shop, {
    sections: proposedThings('sections', versions.sections, proposal),
    plans: new PlanBook(proposedThings('plans', versions.plans, proposal).values()),
    offers: inOfferOrder(proposedThings('offers', versions.offers, proposal).values()),
  })
