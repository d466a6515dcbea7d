import { z } from 'zod'
import { bundle } from '../bundles/bundle'
import { bundleSettings } from '../bundles/bundleSettings'
import { neighbourSettings } from '../catalogue/neighbours'
import { pictureAddress } from '../catalogue/pictureType'
import { sku } from '../catalogue/sku'
import { finding } from '../checks/check'
import { kindKey, kindSettings } from '../links/kind'
import { linkDetails } from '../links/lane'
import { laneSource } from '../links/pageLanes'
import { lookSettings } from '../looks/look'
import { offerSettings } from '../offers/offer'
import { pageKind, planScope, planSettings } from '../pagePlans/pagePlan'
import { releaseNote } from '../releases/release'
import { sectionSettings } from '../sections/section'
import { sectionKey } from '../sections/sectionKey'
import { text } from '../text/text'

/** At most this many links, or lanes, are named by one command. */
const most = 500

const targets = z.array(sku).min(1, 'Name at least one target.').max(most)
const place = z.int().min(1, 'Places count from 1.')

/**
 * Which lanes a command is about: one kind, on one or several products, or on articles or categories. `seen` are the target SKUs that its sender saw there:
 * an edit of a lane that has changed since is refused. Without it the lane is taken as it is.
 */
const onLanes = {
  kind: kindKey,
  on: z.array(z.strictObject({ source: laneSource, seen: z.array(sku).optional() })).min(1, 'Name at least one product.').max(most),
}

/** Commands on lanes of links, or of dismissed targets. */
const laneCommand = z.discriminatedUnion('type', [
  /** Adds links at a place, or at the end, to every lane that doesn't have them. */
  z.strictObject({
    type: z.literal('link'), ...onLanes, targets, place: place.optional(),
    /** Adds the links back from the targets too, at the end of their lanes. */
    bothWays: z.boolean().optional(),
  }),
  z.strictObject({ type: z.literal('unlink'), ...onLanes, targets }),
  /** Puts one link at another place. */
  z.strictObject({ type: z.literal('move'), ...onLanes, target: sku, place }),
  /** Puts the links into this order; those that are not named come after, as they stood. */
  z.strictObject({ type: z.literal('arrange'), ...onLanes, order: targets }),
  /** Sets dates or the note of links. */
  z.strictObject({ type: z.literal('detail'), ...onLanes, targets, details: linkDetails.partial() }),
  /** Keeps targets from being suggested; and lets them be suggested again. */
  z.strictObject({ type: z.literal('dismiss'), ...onLanes, targets }),
  z.strictObject({ type: z.literal('bringBack'), ...onLanes, targets }),
  /** Copies the lanes of a product to others. */
  z.strictObject({
    type: z.literal('copy'), from: sku, kinds: z.array(kindKey).min(1, 'Name at least one kind.'), to: z.array(sku).min(1, 'Name at least one product.').max(most),
    /** In the place of the links that stand there; otherwise behind them. */
    replace: z.boolean(),
  }),
])
export type LaneCommand = z.infer<typeof laneCommand>

/** Commands on the kinds of links. */
const kindCommand = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addKind'), settings: kindSettings }),
  z.strictObject({ type: z.literal('changeKind'), key: kindKey, settings: kindSettings.partial() }),
  /** Puts the kinds into this order; those that are not named come after, as they stood. */
  z.strictObject({ type: z.literal('orderKinds'), order: z.array(kindKey).min(1) }),
  /** Takes a kind out of use, and puts it back. Its links stay as they are. */
  z.strictObject({ type: z.literal('retireKind'), key: kindKey }),
  z.strictObject({ type: z.literal('restoreKind'), key: kindKey }),
])
export type KindCommand = z.infer<typeof kindCommand>

/** Sets which traits of a product count for its neighbours, and which categories are left out. */
const neighboursCommand = z.strictObject({ type: z.literal('setNeighbours'), source: sku, settings: neighbourSettings })
export type NeighboursCommand = z.infer<typeof neighboursCommand>

/** Switches a section off, or on again, on the page of a product. */
const switchCommand = z.strictObject({ type: z.literal('switchSection'), source: sku, section: sectionKey, off: z.boolean() })
export type SwitchCommand = z.infer<typeof switchCommand>

/** Sets the picture that a brand is known by. */
const brandMarkCommand = z.strictObject({
  type: z.literal('setBrandMark'), brand: z.string().min(1).max(256),
  image: pictureAddress.nullable(),
})
export type BrandMarkCommand = z.infer<typeof brandMarkCommand>

const keys = z.array(sectionKey).max(most)
/** Keys of what has drafts. */
const drafts = { sections: keys, plans: keys, looks: keys.optional() }

/** Commands on sections. All but publishing change drafts alone: shoppers see nothing of it. */
const sectionCommand = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addSection'), settings: sectionSettings }),
  /** Sets parts of a section. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeSection'), key: sectionKey, settings: sectionSettings.partial(), seen: sectionSettings.partial() }),
  /** Takes a section away, also from the plans that have it. */
  z.strictObject({ type: z.literal('removeSection'), key: sectionKey }),
  /** Makes drafts live; and puts them back to what is live. */
  z.strictObject({ type: z.literal('publish'), ...drafts, note: releaseNote.optional() }),
  z.strictObject({ type: z.literal('discard'), ...drafts }),
])
export type SectionCommand = z.infer<typeof sectionCommand>

/** Commands on page plans. They too change drafts alone. */
const planCommand = z.discriminatedUnion('type', [
  /** With the sections of another plan of this kind of page; of the default one, when none is named. */
  z.strictObject({ type: z.literal('addPlan'), page: pageKind, name: text, scope: planScope, like: sectionKey.optional() }),
  /** Sets parts of a plan. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changePlan'), key: sectionKey, settings: planSettings.partial(), seen: planSettings.partial() }),
  z.strictObject({ type: z.literal('removePlan'), key: sectionKey }),
  /** Moves a plan to a place among the plans for some pages of its kind: of equal ones, the first wins. */
  z.strictObject({ type: z.literal('rankPlan'), key: sectionKey, place }),
  /** Puts a section into a zone of a plan, at a place or last. */
  z.strictObject({ type: z.literal('placeSection'), key: sectionKey, plan: sectionKey, zone: z.string().min(1).max(64), place: place.optional() }),
  /** Takes a section out of a plan. */
  z.strictObject({ type: z.literal('unplaceSection'), key: sectionKey, plan: sectionKey }),
  /** Switches a section off, or on again, in one plan. */
  z.strictObject({ type: z.literal('switchInPlan'), key: sectionKey, plan: sectionKey, off: z.boolean() }),
])
export type PlanCommand = z.infer<typeof planCommand>

/** Commands on looks. They too change drafts alone. */
const lookCommand = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addLook'), settings: lookSettings }),
  /** Sets parts of a look. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeLook'), key: sectionKey, settings: lookSettings.partial(), seen: lookSettings.partial() }),
  /** Takes a look away that no section has. */
  z.strictObject({ type: z.literal('removeLook'), key: sectionKey }),
])
export type LookCommand = z.infer<typeof lookCommand>

/** Commands on releases: what shoppers had, and what they are to get at a set time. */
const releaseCommand = z.discriminatedUnion('type', [
  /** Gives shoppers what they had with a release. Drafts stay. */
  z.strictObject({ type: z.literal('goBack'), release: z.int().min(1) }),
  /** Publishes drafts as they are now, at a set time. */
  z.strictObject({ type: z.literal('schedulePublish'), at: z.iso.datetime({ offset: true }), ...drafts, note: releaseNote.default('') }),
  z.strictObject({ type: z.literal('cancelSchedule'), key: z.string().min(1).max(20) }),
  z.strictObject({ type: z.literal('runSchedule'), key: z.string().min(1).max(20) }),
])
export type ReleaseCommand = z.infer<typeof releaseCommand>

/** So many findings are mended in one go. */
export const mostMended = 2000

/** Commands on what the checks found. */
const checkCommand = z.discriminatedUnion('type', [
  /** Keeps findings out of the counts, and says why; and takes them up again. */
  z.strictObject({
    type: z.literal('putAside'), findings: z.array(finding).min(1).max(most),
    reason: z.string().trim().min(1, 'Say why, in a few words.').max(200, 'A reason has at most 200 characters.'),
  }),
  z.strictObject({ type: z.literal('takeUp'), findings: z.array(finding).min(1).max(most) }),
  /** Mends each finding as its check says: unlinks, links back, or shortens the lane. */
  z.strictObject({ type: z.literal('mend'), findings: z.array(finding).min(1).max(mostMended, `At most ${mostMended.toLocaleString('en')} findings are mended at once.`) }),
])
export type CheckCommand = z.infer<typeof checkCommand>

/** Commands on bundles. They change the product that a bundle is. */
const bundleCommand = z.discriminatedUnion('type', [
  /** Adds a draft. */
  z.strictObject({ type: z.literal('addBundle'), sku, name: bundleSettings.shape.name, bundle }),
  /** Sets parts of a bundle. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeBundle'), sku, settings: bundleSettings.partial(), seen: bundleSettings.partial() }),
  /** Takes a draft away that nothing leads to. */
  z.strictObject({ type: z.literal('removeBundle'), sku }),
])
export type BundleCommand = z.infer<typeof bundleCommand>

/** Commands on together offers. Shoppers have what they change at once. */
const offerCommand = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addOffer'), settings: offerSettings }),
  /** Sets parts of an offer. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeOffer'), key: sectionKey, settings: offerSettings.partial(), seen: offerSettings.partial() }),
  z.strictObject({ type: z.literal('removeOffer'), key: sectionKey }),
  /** Moves an offer to a place among the others: of several for one product, the first comes first. */
  z.strictObject({ type: z.literal('rankOffer'), key: sectionKey, place }),
])
export type OfferCommand = z.infer<typeof offerCommand>

export const command = z.discriminatedUnion('type', [laneCommand, kindCommand, neighboursCommand, switchCommand, brandMarkCommand, sectionCommand, planCommand, lookCommand, bundleCommand, offerCommand, releaseCommand, checkCommand])
export type Command = z.infer<typeof command>
