import { sectionsOf } from '../pagePlans/pagePlan'
import type { Section } from '../sections/section'
import type { Shop } from '../selection/shop'
import type { Finding } from './check'
import type { PageKind } from '../pageTypes/registry'
import { pageKinds } from '../pageTypes/registry'
import { countedPages, subjectsOf } from './countedPages'
import type { Fill } from './fill'
import { fillSummary, hangsOnShopper } from './fill'
import { nearlyAll, ruleReach } from './ruleReach'
import { sameShown } from './sameShown'
import type { Moment } from '../time/moment'

/** What a check found on a section: on so many pages, or for so much of the catalogue, of how many. */
export interface SectionFinding extends Finding {
  part: number
  whole: number
}

/** A section on the pages of a kind. */
export interface SectionOnPages {
  section: Section
  page: PageKind
}

/** The sections that shoppers may meet, kind by kind of page. */
export function sectionsOnPages(shop: Pick<Shop, 'plans' | 'sections'>): SectionOnPages[] {
  return pageKinds.flatMap(page => {
    const keys = new Set(shop.plans.of(page).flatMap(plan => sectionsOf(plan).filter(key => !plan.off.includes(key))))
    return [...keys].flatMap(key => {
      const section = shop.sections.get(key)
      return section && !section.off ? { section, page } : []
    })
  })
}

/** Those of them whose fill can be counted: it does not hang on the shopper alone. */
export const countedOnPages = (shop: Pick<Shop, 'plans' | 'sections'>): SectionOnPages[] =>
  sectionsOnPages(shop).filter(({ section, page }) => !hangsOnShopper(section, page))

/** Pages where a section is missing, and where places are left. */
export function fillFindings(section: string, page: PageKind, fill: Fill): SectionFinding[] {
  const { full, thin, blank } = fillSummary(fill)
  const whole = full + thin + blank
  const found = (check: 'sectionBlank' | 'sectionThin', part: number): SectionFinding => ({
    check,
    source: section,
    kind: page,
    target: '',
    part,
    whole,
  })
  return [...(blank ? [found('sectionBlank', blank)] : []), ...(thin ? [found('sectionThin', thin)] : [])]
}

/**
 * Looks at the rules of all sections that shoppers may meet, with pauses.
 */
export function* ruleFindings(shop: Shop, at: Moment): Generator<void, SectionFinding[]> {
  const findings: SectionFinding[] = []
  for (const { key, steps } of new Set(sectionsOnPages(shop).map(each => each.section))) {
    for (const [number, step] of steps.entries()) {
      if (step.from !== 'rule' || step.off) continue
      const { never, share, sources } = yield* ruleReach(step.rule, shop, at)
      const found = (check: 'ruleNever' | 'ruleNearlyAll', part: number, whole: number): SectionFinding => ({
        check,
        source: key,
        kind: String(number),
        target: '',
        part,
        whole,
      })
      if (never) findings.push(found('ruleNever', sources, shop.catalogue.products.length))
      else if (share >= nearlyAll) findings.push(found('ruleNearlyAll', Math.round(share * 100), 100))
    }
  }
  return findings
}

/**
 * Looks at which sections of a page, of those that shoppers may meet, show the same; with pauses.
 */
export function* sameFindings(shop: Shop, at: Moment): Generator<void, SectionFinding[]> {
  const onPages = sectionsOnPages(shop)
  const findings: SectionFinding[] = []
  for (const page of pageKinds) {
    const checked = new Set(onPages.filter(each => each.page === page).map(each => each.section.key))
    if (checked.size < 2) continue
    for (const { first, second, pages, sampled } of yield* sameShown(shop, page, [...subjectsOf(countedPages(shop, page))], at)) {
      findings.push({ check: 'sameShown', source: second, kind: page, target: first, part: pages, whole: sampled })
    }
  }
  return findings
}
