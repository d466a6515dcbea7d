import { mapValues } from 'es-toolkit'
import { upgradePlan } from '../pagePlans/upgradePlan'
import { upgradeSection } from '../sections/upgradeSection'
import type { ReleaseContent, Schedule } from './release'

/** What shoppers got with a release, as any version of Manada has written it, in today's form. */
export const upgradeRelease = ({
  sections,
  plans,
  looks,
}: Omit<ReleaseContent, 'looks'> & Partial<Pick<ReleaseContent, 'looks'>>): ReleaseContent => ({
  sections: sections.map(upgradeSection),
  plans: plans.map(upgradePlan),
  looks: looks ?? null,
})

/** A planned publishing as any version of Manada has written it, in today's form. */
export const upgradeSchedule = (stored: Omit<Schedule, 'looks'> & Partial<Pick<Schedule, 'looks'>>): Schedule => ({
  ...stored,
  sections: mapValues(stored.sections, each => each && upgradeSection(each)),
  plans: mapValues(stored.plans, each => each && upgradePlan(each)),
  looks: stored.looks ?? {},
})
