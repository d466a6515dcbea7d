import { inOfferOrder } from '../offers/offered'
import { PlanBook } from '../pagePlans/planBook'
import type { AllVersions, DraftedSort } from '../releases/draftedSorts'
import type { Versions } from '../sections/versions'
import type { Shop } from '../selection/shop'
import { shopWith } from '../selection/shopWith'
import type { EffectShop } from './compareShops'

/** Keys of each sort that are to be published; of a sort that is left out, none. */
export type ToPublish = Partial<Record<DraftedSort, readonly string[]>>

/** What shoppers have of things when those with these keys are as drafted, and all others as they are live. */
export const published = <Thing>(things: ReadonlyMap<string, Versions<Thing>>, keys: readonly string[] = []): Map<string, Thing> =>
  new Map(
    [...things].flatMap(([key, { live, draft }]) => {
      const thing = keys.includes(key) ? draft : live
      return thing === null ? [] : [[key, thing]]
    }),
  )

/** The shop that shoppers have once something is published; of nothing, the live one. It does not follow what is drafted later. */
export const publishedShop = (shop: Shop, versions: Omit<AllVersions, 'looks'>, { sections, plans, offers }: ToPublish): EffectShop => ({
  ...shopWith(shop, {
    sections: published(versions.sections, sections),
    plans: new PlanBook(published(versions.plans, plans).values()),
  }),
  offers: inOfferOrder(published(versions.offers, offers).values()),
})
