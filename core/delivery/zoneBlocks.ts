import type { DeliveredOffer, DeliveredSection, PageAnswer } from './contract/pages'

/** What stands in a zone: a section or a together offer. */
export type ZoneBlock = { id: string; section: DeliveredSection; offer: null } | { id: string; section: null; offer: DeliveredOffer }

/** Sections and offers of a zone in the order in which they stand there; without a zone, of the whole page. */
export function zoneBlocks({ sections, offers = [] }: Pick<PageAnswer, 'sections' | 'offers'>, zone?: string): ZoneBlock[] {
  const offersAbove = (index: number): ZoneBlock[] =>
    offers.filter(each => each.sectionsAbove === index).map(offer => ({ id: `offer ${offer.key}`, section: null, offer }))
  return [
    ...sections.flatMap((section, i): ZoneBlock[] => [...offersAbove(i), { id: `section ${section.key}`, section, offer: null }]),
    ...offersAbove(sections.length),
  ].filter(each => zone === undefined || (each.section ?? each.offer).zone === zone)
}
