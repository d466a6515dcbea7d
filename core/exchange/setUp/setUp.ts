import { isEqual } from 'es-toolkit'
import { z } from 'zod'
import type { CatalogueItem } from '../../catalogue/catalogue'
import type { ChangeOf } from '../../journal/record'
import type { Change } from '../../records/registry'
import type { LinkKind } from '../../links/kind'
import { linkKindSchema } from '../../links/kind'
import { lookSchema } from '../../looks/look'
import type { Look } from '../../looks/look'
import { LookBook } from '../../looks/lookBook'
import { lookDifferences } from '../../looks/lookWords'
import { planDifferences } from '../../pagePlans/planDifferences'
import type { PagePlan } from '../../pagePlans/pagePlan'
import type { Section } from '../../sections/section'
import { blockName } from '../../pagePlans/block'
import { pagePlanSchema } from '../../pagePlans/pagePlan'
import type { Offer } from '../../offers/offer'
import { offerSchema } from '../../offers/offer'
import { offerObstacle } from '../../offers/offerObstacle'
import { offerDifferences } from '../../offers/offerWords'
import { sectionSchema } from '../../sections/section'
import { sectionDifferences } from '../../sections/sectionDifferences'
import type { DraftContext } from '../../records/drafts/drafts'
import type { KnownThings } from '../../sections/sectionProblems'
import { sectionProblems } from '../../sections/sectionProblems'
import type { Versions } from '../../sections/versions'
import { listed } from '../../text/sentence'
import type { Text } from '../../text/text'
import { textIn } from '../../text/text'
import { checkKeys, checkKindNames, checkLooks, checkPlans, offerWarnings, SetUpError } from './setUpChecks'

/** How a shop is set up, as one document. A part that is left out stays as it is; so does a thing that a part doesn't name. */
export const setUpSchema = z
  .strictObject({
    format: z.literal('manada-set-up').meta({ description: 'Says what this document is.' }),
    version: z.literal(1),
    kinds: z.array(linkKindSchema).max(200).optional().meta({ description: 'Kinds of links, in their order.' }),
    sections: z
      .array(sectionSchema)
      .max(2000)
      .optional()
      .meta({ description: 'Recommendation sections with their fill steps, rules and guards.' }),
    offers: z.array(offerSchema).max(2000).optional().meta({ description: 'Together offers.' }),
    plans: z
      .array(pagePlanSchema)
      .max(500)
      .optional()
      .meta({ description: 'Which sections and offers stand on which kind of page, zone by zone.' }),
    looks: z
      .array(lookSchema)
      .max(500)
      .optional()
      .meta({ description: 'What sections look like: the shop’s own look, and those that sections share.' }),
  })
  .meta({ title: 'Manada set-up' })
export type SetUp = z.infer<typeof setUpSchema>

export const setUpParts = ['kinds', 'sections', 'offers', 'plans', 'looks'] as const
export type SetUpPart = (typeof setUpParts)[number]

/** What reading a set-up does, or, dry, would do. */
export const setUpReportSchema = z.object({
  created: z.int(),
  updated: z.int(),
  unchanged: z.int(),
  /** Everything that is new or becomes another, in words. */
  changes: z.array(
    z.object({ of: z.enum(setUpParts), key: z.string(), name: z.string(), is: z.enum(['created', 'updated']), words: z.string() }),
  ),
  /** What will not do what it seems to in this shop; it is taken all the same. */
  warnings: z.array(z.string()),
  /** Entry of the history; null when nothing was written. */
  entry: z.int().nullable(),
})
export type SetUpReport = z.infer<typeof setUpReportSchema>

export interface SetUpContext extends DraftContext {
  item(sku: string): CatalogueItem | undefined
  kinds(): readonly LinkKind[]
}

/** The shop's set-up, as shoppers have it or with its drafts. */
export function writeSetUp(context: SetUpContext, parts: readonly SetUpPart[], version: 'live' | 'draft'): SetUp {
  const of = <T extends { key: string }>(things: ReadonlyMap<string, Versions<T>>) =>
    [...things.values()].flatMap(each => each[version] ?? []).sort((a, b) => (a.key < b.key ? -1 : 1))
  return {
    format: 'manada-set-up',
    version: 1,
    ...(parts.includes('kinds') && { kinds: [...context.kinds()] }),
    ...(parts.includes('sections') && { sections: of(context.versions.sections) }),
    ...(parts.includes('offers') && { offers: of(context.versions.offers) }),
    ...(parts.includes('plans') && { plans: of(context.versions.plans) }),
    ...(parts.includes('looks') && { looks: of(context.versions.looks) }),
  }
}

/**
 * Works out what reading a set-up does. Kinds take effect at once; sections, offers, plans and looks become drafts, or live too.
 * @param language BCP 47 tag of the names in the report
 * @throws SetUpError when the document contradicts itself or the shop
 */
export function planSetUp(
  given: SetUp,
  context: SetUpContext,
  known: KnownThings,
  language: string,
  publish: boolean,
): { changes: Change[]; report: Omit<SetUpReport, 'entry'> } {
  const { kinds = [], sections = [], offers = [], plans = [], looks = [] } = given
  const name = (text: Text, key: string) => textIn(text, language, language) || key
  for (const [part, things] of [
    ['kinds', kinds],
    ['sections', sections],
    ['offers', offers],
    ['plans', plans],
    ['looks', looks],
  ] as const)
    checkKeys(part, things)
  checkKindNames(kinds, context.kinds())
  checkLooks(looks)
  const all = (given: readonly { key: string }[], known: ReadonlyMap<string, Versions<unknown>>) =>
    new Set([...given.map(each => each.key), ...[...known].filter(([, each]) => each.draft).map(([key]) => key)])
  checkPlans(plans, all(sections, context.versions.sections), all(offers, context.versions.offers))

  const changes: Change[] = []
  const report: Omit<SetUpReport, 'entry'> = { created: 0, updated: 0, unchanged: 0, changes: [], warnings: [] }
  const tell = (of: SetUpPart, key: string, called: string, isNew: boolean, isSame: boolean, words: () => string) => {
    const is = isNew ? 'created' : 'updated'
    report[isSame ? 'unchanged' : is]++
    if (!isSame) report.changes.push({ of, key, name: called, is, words: words() })
  }

  for (const kind of kinds) {
    const before = context.kinds().find(each => each.key === kind.key) ?? null
    const isSame = isEqual(before, kind)
    tell('kinds', kind.key, name(kind.name, kind.key), !before, isSame, () =>
      before ? `Changes ${listed(kindDifferences(before, kind))}` : 'New kind of link',
    )
    if (!isSame) changes.push({ of: 'kind', owner: '', key: kind.key, before, after: kind })
  }
  const order = context.kinds().map(each => each.key)
  const ordered = orderOf(
    kinds.map(each => each.key),
    order,
  )
  if (!isEqual(order, ordered)) changes.push({ of: 'kindOrder', owner: '', key: '', before: order, after: ordered })

  const takeVersions = <T extends { key: string }>(
    of: 'section' | 'offer' | 'plan' | 'look',
    part: SetUpPart,
    thing: T,
    called: string,
    before: Versions<T> | null,
    words: (was: T) => string,
  ) => {
    const after: Versions<T> = { live: publish ? thing : (before?.live ?? null), draft: thing }
    const isSame = isEqual(before, after)
    const was = before?.draft ?? before?.live ?? null
    const changed = (was: T) => (isEqual(was, thing) ? 'Becomes live' : words(was))
    tell(part, thing.key, called, !before, isSame, () => (was ? changed(was) : 'New'))
    const change: ChangeOf<typeof of, Versions<T> | null> = { of, owner: '', key: thing.key, before, after }
    if (!isSame) changes.push(change as unknown as Change)
  }
  const sectionName = (key: string) =>
    name((sections.find(each => each.key === key) ?? context.versions.sections.get(key)?.draft ?? { heading: {} as Text }).heading, key)
  const offerName = (key: string) =>
    name((offers.find(each => each.key === key) ?? context.versions.offers.get(key)?.draft ?? { heading: {} as Text }).heading, key)
  const lookDrafts = new Map([...context.versions.looks].flatMap(([key, { draft }]) => (draft ? [[key, draft]] : [])))
  for (const each of looks) {
    takeVersions<Look>(
      'look',
      'looks',
      each,
      name(each.name, each.key),
      context.versions.looks.get(each.key) ?? null,
      was => `Changes ${listed(lookDifferences(was, each))}`,
    )
    lookDrafts.set(each.key, each)
  }
  const willBeKnown: KnownThings = {
    ...known,
    isRetired: key => kinds.find(kind => kind.key === key)?.retired ?? known.isRetired(key),
    looks: new LookBook(lookDrafts.values()),
  }
  for (const each of sections) {
    takeVersions<Section>(
      'section',
      'sections',
      each,
      name(each.heading, each.key),
      context.versions.sections.get(each.key) ?? null,
      was => `Changes ${listed(sectionDifferences(was, each))}`,
    )
    report.warnings.push(
      ...sectionProblems(each, willBeKnown).map(
        ({ step, words }) => `“${name(each.heading, each.key)}”${step === null ? '' : `, step ${step + 1}`}: ${words}`,
      ),
    )
  }
  for (const each of offers) {
    const called = name(each.heading, each.key)
    takeVersions<Offer>(
      'offer',
      'offers',
      each,
      called,
      context.versions.offers.get(each.key) ?? null,
      was => `Changes ${listed(offerDifferences(was, each))}`,
    )
    report.warnings.push(...offerWarnings(each, willBeKnown).map(words => `“${called}”: ${words}`))
    const obstacle = publish && offerObstacle(each, context.item)
    if (obstacle) throw new SetUpError(`The offer “${called}” can’t be published. ${obstacle}`)
  }
  for (const each of plans) {
    takeVersions<PagePlan>('plan', 'plans', each, name(each.name, each.key), context.versions.plans.get(each.key) ?? null, was =>
      planWords(was, each, block => blockName(block, (sort, key) => (sort === 'sections' ? sectionName(key) : offerName(key)))),
    )
  }
  return { changes, report }
}

function planWords(was: PagePlan, now: PagePlan, nameOf: (block: string) => string): string {
  const words = listed(planDifferences(was, now, nameOf))
  return words.charAt(0).toUpperCase() + words.slice(1)
}

const kindParts: [keyof LinkKind, string][] = [
  ['name', 'the name'],
  ['plural', 'the heading of its lane'],
  ['glyph', 'the glyph'],
  ['expectation', 'what is expected of its targets'],
  ['ceiling', 'the ceiling'],
  ['mutual', 'whether it is mutual'],
  ['retired', 'whether it is retired'],
]
const kindDifferences = (before: LinkKind, after: LinkKind) =>
  kindParts.filter(([part]) => !isEqual(before[part], after[part])).map(([, words]) => words)

/** The order that a file gives some kinds; those that it doesn't name keep their places after the one they followed. */
function orderOf(given: readonly string[], order: readonly string[]): string[] {
  const known = given.filter(key => order.includes(key))
  const inOrder = order.map(key => (given.includes(key) ? known.shift()! : key))
  return [...inOrder, ...given.filter(key => !order.includes(key))]
}
