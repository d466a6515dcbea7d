import type { LinkKind } from '../../links/kind'
import type { Look } from '../../looks/look'
import { houseKey } from '../../looks/look'
import type { Offer } from '../../offers/offer'
import { isOfOffers, offerOf } from '../../pagePlans/block'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { pageTypes, zonesOf } from '../../pageTypes/registry'
import { builtInSections } from '../../sections/builtIn'
import type { KnownThings } from '../../sections/sectionProblems'

/** What can't be taken as it stands. The message is for people. */
export class SetUpError extends Error {}

export function checkKeys(part: string, things: readonly { key: string }[]): void {
  const twice = things.find((each, i) => things.findIndex(other => other.key === each.key) !== i)
  if (twice) throw new SetUpError(`The ${part} name “${twice.key}” twice.`)
}

/** What of an offer will not do what it seems to. */
export function offerWarnings({ offered, fallbacks }: Offer, { isRetired, isProductRetired }: KnownThings): string[] {
  return [offered, ...fallbacks].flatMap(each => {
    switch (each.by) {
      case 'links':
        return isRetired(each.kind) === null ? `There is no kind of link “${each.kind}”.` : []
      case 'chosen': {
        const missing = each.skus.filter(sku => isProductRetired(sku) === null)
        return missing.length ? `The shop has no product with the SKU ${missing.slice(0, 3).join(', ')}.` : []
      }
      case 'rule':
        return []
    }
  })
}

/** Two kinds of one name could not be told apart. */
export function checkKindNames(given: readonly LinkKind[], known: readonly LinkKind[]): void {
  const all = [...given, ...known.filter(each => !given.some(other => other.key === each.key))]
  for (const kind of given) {
    for (const [language, words] of Object.entries(kind.name)) {
      const same = all.find(each => each.key !== kind.key && each.name[language]?.trim().toLowerCase() === words.trim().toLowerCase())
      if (same) throw new SetUpError(`The kinds “${kind.key}” and “${same.key}” are both called “${words.trim()}”.`)
    }
  }
  if (all.length && all.every(each => each.retired)) throw new SetUpError('All kinds of links would be retired. One has to stay.')
}

export function checkLooks(looks: readonly Look[]): void {
  const wrong = looks.find(each => (each.page !== null) !== (each.key === houseKey))
  if (wrong)
    throw new SetUpError(
      `The look “${wrong.key}” ${wrong.page ? 'says' : 'doesn’t say'} which fonts and background pages have: that is said once, in the ` +
        `look “${houseKey}”.`,
    )
}

export function checkPlans(plans: readonly PagePlan[], sections: ReadonlySet<string>, offers: ReadonlySet<string>): void {
  for (const { key, page, zones } of plans) {
    const all = zones.flatMap(zone => zone.blocks)
    // A plan of an older file was given some of Manada's own; where they are gone, they stand nowhere.
    const known = (block: string) => sections.has(block) || builtInSections.some(each => each.key === block)
    const stranger = all.find(each => !isOfOffers(each) && !known(each))
    if (stranger !== undefined)
      throw new SetUpError(`The plan “${key}” has the section “${stranger}”, which is neither in the file nor in the shop.`)
    const offer = all.map(offerOf).find(each => each !== null && !offers.has(each))
    if (offer !== undefined)
      throw new SetUpError(`The plan “${key}” has the offer “${offer}”, which is neither in the file nor in the shop.`)
    if (all.some(isOfOffers) && !pageTypes[page].hasOffers)
      throw new SetUpError(`The plan “${key}” has offers, which its kind of page doesn’t show.`)
    const zone = zones.find(each => !zonesOf(page).includes(each.key))
    if (zone) throw new SetUpError(`The plan “${key}” has the zone “${zone.key}”, which its kind of page doesn’t have.`)
    const twice = all.find((each, i) => all.indexOf(each) !== i)
    if (twice !== undefined) throw new SetUpError(`The plan “${key}” has “${twice}” twice.`)
  }
}
