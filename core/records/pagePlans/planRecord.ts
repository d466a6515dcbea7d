import type { ChangeOf } from '../../journal/record'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { upgradePlan } from '../../pagePlans/upgradePlan'
import type { Versions } from '../../sections/versions'
import { decidesWhatIsShown, draftedRecord } from '../drafts/draftedRecord'

/** Page plans. */
export const planRecord = draftedRecord<'plan', PagePlan>(
  {
    of: 'plan',
    called: 'the same page plan',
    counting: {
      ...decidesWhatIsShown(),
      apply(_, shop) {
        shop.plansChanged()
        return true
      },
    },
  },
  upgradePlan,
)
export type PlanChange = ChangeOf<'plan', Versions<PagePlan> | null>
