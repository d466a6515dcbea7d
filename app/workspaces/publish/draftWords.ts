import { upperFirst } from 'es-toolkit'
import { bundleDifferences } from '../../../core/bundles/bundleWords'
import { lookDifferences } from '../../../core/looks/lookWords'
import { offerDifferences } from '../../../core/offers/offerWords'
import { planDifferences } from '../../../core/pagePlans/planDifferences'
import type { DraftedSort, DraftedThings } from '../../../core/releases/draftedSorts'
import { sectionDifferences } from '../../../core/sections/sectionDifferences'
import { publishWords } from './words'

const say = publishWords.draftWords

interface DraftWords<Thing> {
  /** What a list calls one of them. */
  called(name: string): string
  /** What is not the same of two versions, each in words that can be listed. @param nameOf what a block of a plan is called */
  differences(before: Thing, after: Thing, nameOf: (block: string) => string): string[]
  /** What publishing does, of what is not the same. */
  changes(listed: string): string
}

/** How each sort of what is drafted is told, in the order of lists. */
export const draftWords: { [Sort in DraftedSort]: DraftWords<DraftedThings[Sort]> } = {
  sections: { called: say.section, differences: sectionDifferences, changes: say.changes },
  plans: { called: name => name, differences: planDifferences, changes: upperFirst },
  looks: { called: say.look, differences: lookDifferences, changes: say.changes },
  offers: { called: say.offer, differences: offerDifferences, changes: say.changes },
  bundles: { called: say.bundle, differences: bundleDifferences, changes: say.changes },
}
export const sortsInOrder = Object.keys(draftWords) as DraftedSort[]
