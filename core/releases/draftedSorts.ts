import type { z } from 'zod'
import { bundleHoles } from '../bundles/bundleHoles'
import { bundleObstacle } from '../bundles/bundleObstacle'
import type { KeyedBundle } from '../bundles/bundleSettings'
import { keyedBundleSchema } from '../bundles/bundleSettings'
import { holeWords } from '../bundles/bundleWords'
import { groupsOf } from '../catalogue/bundle'
import type { CatalogueItem } from '../catalogue/catalogue'
import { skuSchema } from '../catalogue/sku'
import type { Look } from '../looks/look'
import { houseKey, lookSchema } from '../looks/look'
import { lookUsers } from '../looks/lookUsers'
import type { Offer } from '../offers/offer'
import { offerSchema } from '../offers/offer'
import { offerObstacle } from '../offers/offerObstacle'
import { upgradeOffer } from '../offers/upgradeOffer'
import type { PagePlan } from '../pagePlans/pagePlan'
import { pagePlanSchema } from '../pagePlans/pagePlan'
import { upgradePlan } from '../pagePlans/upgradePlan'
import type { Section } from '../sections/section'
import { sectionSchema } from '../sections/section'
import { upgradeSection } from '../sections/upgradeSection'
import type { Versions } from '../sections/versions'
import { listed } from '../text/sentence'
import type { NamedText } from '../text/namedText'
import { namedBy } from '../text/internalName'
import { keySchema } from '../text/key'
import type { Text } from '../text/text'

/** What shoppers get only when it is published, by the name that its sort has in commands, releases and answers. */
export interface DraftedThings {
  sections: Section
  plans: PagePlan
  looks: Look
  offers: Offer
  bundles: KeyedBundle
}
export type DraftedSort = keyof DraftedThings

interface SortOfDrafts<Thing> {
  /** The name of its record. */
  of: string
  /** What a message calls one of them. */
  noun: string
  schema: z.ZodType<Thing>
  /** Of their keys. */
  keys: z.ZodType<string>
  /** Brings one that any version of Manada has written up to date. */
  upgrade(stored: Thing): Thing
  nameOf(thing: Thing): Text
  /** What shoppers read of it; left out: nothing. */
  shownTexts?(thing: Thing): NamedText[]
  /** Why one can't be published, in words; null: it can. Left out: all can. */
  obstacle?(thing: Thing, item: (sku: string) => CatalogueItem | undefined): string | null
  /** What whoever publishes one is asked to agree to, in words; null: nothing. Left out: never anything. */
  toAgree?(thing: Thing, item: (sku: string) => CatalogueItem | undefined): string | null
  /** Why shoppers can't do without one that is live, in words; null: they can. Left out: they can do without any. */
  mustStay?(thing: Thing, versions: AllVersions): string | null
  /** Whether releases have them from the first version on. Going back to one that has none leaves them as they are. */
  isInAllReleases: boolean
}

/** Everything that is drafted and published, in an order in which what others name comes first. */
export const draftedSorts = {
  looks: {
    of: 'look',
    noun: 'look',
    schema: lookSchema,
    keys: keySchema,
    upgrade: each => each,
    nameOf: each => each.name,
    mustStay: lookMustStay,
    isInAllReleases: false,
  },
  sections: {
    of: 'section',
    noun: 'section',
    schema: sectionSchema,
    keys: keySchema,
    upgrade: upgradeSection,
    nameOf: namedBy,
    shownTexts: sectionTexts,
    isInAllReleases: true,
  },
  plans: {
    of: 'plan',
    noun: 'page plan',
    schema: pagePlanSchema,
    keys: keySchema,
    upgrade: upgradePlan,
    nameOf: each => each.name,
    mustStay: each => (each.scope === null ? 'It is the default plan: every page needs one.' : null),
    isInAllReleases: true,
  },
  offers: {
    of: 'offer',
    noun: 'together offer',
    schema: offerSchema,
    keys: keySchema,
    upgrade: upgradeOffer,
    nameOf: namedBy,
    shownTexts: offerShownTexts,
    obstacle: offerObstacle,
    isInAllReleases: false,
  },
  bundles: {
    of: 'bundle',
    noun: 'bundle',
    schema: keyedBundleSchema,
    keys: skuSchema,
    upgrade: each => each,
    nameOf: each => each.name,
    shownTexts: bundleTexts,
    obstacle: bundleObstacle,
    toAgree: holesToAgree,
    isInAllReleases: false,
  },
} as const satisfies { [Sort in DraftedSort]: SortOfDrafts<DraftedThings[Sort]> }

export const draftedSortNames = Object.keys(draftedSorts) as DraftedSort[]

/** All things of each sort by their keys, as shoppers have them and as drafts. */
export type AllVersions = { readonly [Sort in DraftedSort]: ReadonlyMap<string, Versions<DraftedThings[Sort]>> }

/** What a thing is called. */
export const nameIn = <Sort extends DraftedSort>(sort: Sort, thing: DraftedThings[Sort]): Text =>
  (draftedSorts[sort].nameOf as (thing: DraftedThings[Sort]) => Text)(thing)

/** What shoppers read of a thing. */
export function shownTexts<Sort extends DraftedSort>(sort: Sort, thing: DraftedThings[Sort]): NamedText[] {
  const { shownTexts: textsOf }: SortOfDrafts<DraftedThings[Sort]> = draftedSorts[sort] as never
  return textsOf?.(thing) ?? []
}

function offerShownTexts({ heading, texts }: Offer): NamedText[] {
  return [
    { key: 'heading', what: 'the heading', text: heading },
    { key: 'button', what: 'the button', text: texts.button },
    { key: 'total', what: 'the words of the total', text: texts.total },
    { key: 'before', what: 'the words of the total before', text: texts.before },
    { key: 'saving', what: 'the words of what is saved', text: texts.saving },
  ]
}

function sectionTexts({ heading, otherHeadings, buttons }: Section): NamedText[] {
  return [
    { key: 'heading', what: 'the heading', text: heading },
    { key: 'one', what: 'the heading for a single product', text: otherHeadings.one },
    { key: 'without', what: 'the heading without words to fill in', text: otherHeadings.without },
    { key: 'add', what: 'the button that adds', text: buttons.add },
    { key: 'choose', what: 'the button where options are to be chosen', text: buttons.choose },
  ]
}

/** Key of the text that is the name of a bundle's group. */
export const groupText = (group: string) => `group ${group}`

function bundleTexts({ name, description, bundle }: KeyedBundle): NamedText[] {
  return [
    { key: 'name', what: 'the name', text: name },
    { key: 'description', what: 'the description', text: description },
    ...groupsOf(bundle).map(group => ({ key: groupText(group.key), what: 'the name of a group', text: group.name })),
  ]
}

/** Why a thing can't be published, in words; null: it can. */
export function obstacleOf<Sort extends DraftedSort>(
  sort: Sort,
  thing: DraftedThings[Sort],
  item: (sku: string) => CatalogueItem | undefined,
): string | null {
  const { obstacle }: SortOfDrafts<DraftedThings[Sort]> = draftedSorts[sort] as never
  return obstacle?.(thing, item) ?? null
}

/** What whoever publishes a thing is asked to agree to, in words; null: nothing. */
export function toAgreeOf<Sort extends DraftedSort>(
  sort: Sort,
  thing: DraftedThings[Sort],
  item: (sku: string) => CatalogueItem | undefined,
): string | null {
  const { toAgree }: SortOfDrafts<DraftedThings[Sort]> = draftedSorts[sort] as never
  return toAgree?.(thing, item) ?? null
}

function holesToAgree({ bundle, status }: KeyedBundle, item: (sku: string) => CatalogueItem | undefined): string | null {
  const holes = status === 'retired' ? [] : bundleHoles(bundle, { item })
  const nameOf = (sku: string) => Object.values(item(sku)?.product.name ?? {})[0] ?? sku
  return holes.length ? holeWords(holes, bundle, nameOf) : null
}

/** Why shoppers can't do without a thing that is live, in words; null: they can. */
export function whyItMustStay<Sort extends DraftedSort>(sort: Sort, thing: DraftedThings[Sort], versions: AllVersions): string | null {
  const { mustStay }: SortOfDrafts<DraftedThings[Sort]> = draftedSorts[sort] as never
  return mustStay?.(thing, versions) ?? null
}

function lookMustStay({ key }: Look, versions: AllVersions): string | null {
  if (key === houseKey) return 'It is the shop’s own: all others begin with it.'
  const users = lookUsers(key, versions, ['live'])
  return users.length ? `What shoppers have looks so: ${listed(users)}.` : null
}

/** Something for each sort. */
export const forEachSort = <Value>(work: (sort: DraftedSort) => Value): Record<DraftedSort, Value> =>
  Object.fromEntries(draftedSortNames.map(sort => [sort, work(sort)])) as Record<DraftedSort, Value>
