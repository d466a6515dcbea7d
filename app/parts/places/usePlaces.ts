import { isOfOffers, otherOffers } from '../../../core/pagePlans/block'
import type { PagePlan } from '../../../core/pagePlans/pagePlan'
import { pageKindSchema } from '../../../core/pagePlans/pagePlan'
import { pageTypes, zonesOf } from '../../../core/pageTypes/registry'
import { useDrafts } from '../../data/drafts'

/** Where a block stands, and where else it could. */
export function usePlaces(block: () => string) {
  const store = useDrafts()
  const byPage = (a: { plan: PagePlan }, b: { plan: PagePlan }) =>
    pageKindSchema.options.indexOf(a.plan.page) - pageKindSchema.options.indexOf(b.plan.page)
  const standsOn = computed(() => store.plansWith(block()).sort(byPage))
  const isOn = (plan: PagePlan) => standsOn.value.some(each => each.plan.key === plan.key)
  /** Of an offer: plans on which it stands with all others that have no place of their own. */
  const among = computed(() =>
    isOfOffers(block())
      ? store
          .plansWith(otherOffers)
          .filter(({ plan }) => !isOn(plan))
          .sort(byPage)
      : [],
  )
  /** One place on every plan that can have it and doesn't. */
  const free = computed(() =>
    store.plans
      .flatMap(({ draft }) =>
        draft && !isOn(draft) && (!isOfOffers(block()) || pageTypes[draft.page].hasOffers)
          ? zonesOf(draft.page).map(zone => ({ plan: draft, zone }))
          : [],
      )
      .sort(byPage),
  )
  return { standsOn, among, free }
}
