import type { BundleSettings } from '../bundles/bundleSettings'
import { settingsOf } from '../bundles/bundleSettings'
import { bundleDifferences } from '../bundles/bundleWords'
import { checkWords, mendedWords } from '../checks/checkWords'
import { lookDifferences } from '../looks/lookWords'
import { offerDifferences } from '../offers/offerWords'
import { planDifferences } from '../pagePlans/planDifferences'
import { sectionDifferences } from '../sections/sectionDifferences'
import type { Versions } from '../sections/versions'
import { counted, listed } from '../text/sentence'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { Finding } from '../checks/check'
import type { KindSettings } from '../links/kind'
import type { LinkDetails } from '../links/lane'
import type { LanePage } from '../links/pageLanes'
import { pageOfSource } from '../links/pageLanes'
import type { BundleCommand, Command, LaneCommand } from './command'
import type { CommandContext } from './plan'
import { canStillBeMended } from './planChecks'

/**
 * A command in plain words, for the history and for what undo will do: “Linked Hive tool to Smoker as accessory”.
 * @param language BCP 47 tag of product and kind names
 */
export function describeCommand(command: Command, context: CommandContext, language: string): string {
  const name = (sku: string) => {
    const item = context.item(sku)
    if (!item) return sku
    const options = Object.values(item.variant?.options ?? {})
    return [textIn(item.product.name, language, language) || sku, ...options].join(', ')
  }
  const things = (skus: readonly string[]) => skus.length === 1 ? name(skus[0]!) : `${skus.length} products`
  const kind = (key: string) => textIn(context.kind(key)!.name, language, language)
  const called = (versions: Versions<{ heading: Text } | { name: Text }> | undefined, key: string) => {
    const thing = versions?.draft ?? versions?.live
    return `“${(thing && textIn('heading' in thing ? thing.heading : thing.name, language, language)) || key}”`
  }
  const sectionName = (key: string) => called(context.sectionVersions().get(key), key)
  const planName = (key: string) => called(context.planVersions().get(key), key)
  const lookName = (key: string) => called(context.lookVersions().get(key), key)
  const offerName = (key: string) => `“${textIn(context.offers().get(key)!.heading, language, language) || key}”`
  const plural = (key: string) => textIn(context.kind(key)!.plural, language, language).toLowerCase()

  switch (command.type) {
    case 'addKind': return `Added the kind ${textIn(command.settings.name, language, language)}`
    case 'changeKind': return describeKindChange(kind(command.key), command.settings, language)
    case 'orderKinds': return 'Put the kinds in order'
    case 'retireKind': return `Retired the kind ${kind(command.key)}`
    case 'restoreKind': return `Restored the kind ${kind(command.key)}`
    case 'switchSection': return `Switched the section ${sectionName(command.section)} ${command.off ? 'off' : 'on again'} on the page of ${name(command.source)}`
    case 'setBrandMark': return `${command.image === null ? 'Took the mark away from' : 'Set the mark of'} the brand ${command.brand}`
    case 'addBundle': return `Added the bundle “${textIn(command.name, language, language)}”`
    case 'changeBundle': return describeBundleChange(command, settingsOf(context.stored()!), language)
    case 'removeBundle': return `Removed the bundle “${name(command.sku)}”`
    case 'addOffer': return `Added the together offer “${textIn(command.settings.heading, language, language)}”`
    case 'changeOffer': {
      const before = context.offers().get(command.key)!
      const after = { ...before, ...command.settings }
      const changed = offerDifferences(before, after)
      if (changed.length === 1 && before.active !== after.active) return `Switched the together offer ${offerName(command.key)} ${after.active ? 'on' : 'off'}`
      return `Changed ${listed(changed) || 'nothing'} of the together offer ${offerName(command.key)}`
    }
    case 'removeOffer': return `Removed the together offer ${offerName(command.key)}`
    case 'rankOffer': return `Moved the together offer ${offerName(command.key)} to place ${command.place}`
    case 'addSection': return `Added the section “${textIn(command.settings.heading, language, language)}”`
    case 'changeSection': {
      const before = context.sectionVersions().get(command.key)!.draft!
      const changed = sectionDifferences(before, { ...before, ...command.settings })
      if (changed.length === 1 && before.off !== (command.settings.off ?? before.off)) return `Switched the section ${sectionName(command.key)} ${command.settings.off ? 'off' : 'on'} everywhere, in its draft`
      return `Changed ${listed(changed) || 'nothing'} of the section ${sectionName(command.key)}`
    }
    case 'removeSection': return `Removed the section ${sectionName(command.key)}`
    case 'addPlan': return `Added the page plan “${textIn(command.name, language, language)}”`
    case 'changePlan': {
      const before = context.planVersions().get(command.key)!.draft!
      return `Changed the page plan ${planName(command.key)}: it ${listed(planDifferences(before, { ...before, ...command.settings }, key => key)) || 'is as it was'}`
    }
    case 'removePlan': return `Removed the page plan ${planName(command.key)}`
    case 'rankPlan': return `Moved the page plan ${planName(command.key)} to place ${command.place}`
    case 'placeSection': return `Put the section ${sectionName(command.key)} on the plan ${planName(command.plan)}`
    case 'unplaceSection': return `Took the section ${sectionName(command.key)} off the plan ${planName(command.plan)}`
    case 'switchInPlan': return `Switched the section ${sectionName(command.key)} ${command.off ? 'off' : 'on again'} in the plan ${planName(command.plan)}`
    case 'addLook': return `Added the look “${textIn(command.settings.name, language, language)}”`
    case 'changeLook': {
      const before = context.lookVersions().get(command.key)!.draft!
      return `Changed ${listed(lookDifferences(before, { ...before, ...command.settings })) || 'nothing'} of the look ${lookName(command.key)}`
    }
    case 'removeLook': return `Removed the look ${lookName(command.key)}`
    case 'publish': case 'discard': {
      const things = [
        ...command.sections.map(key => `the section ${sectionName(key)}`), ...command.plans.map(key => `the plan ${planName(key)}`), ...(command.looks ?? []).map(key => `the look ${lookName(key)}`),
      ]
      return `${command.type === 'publish' ? 'Published' : 'Discarded the draft of'} ${things.length > 3 ? counted(things.length, 'draft') : listed(things)}`
    }
    case 'goBack': return `Went back to release ${command.release}`
    case 'schedulePublish': return `Planned to publish ${counted(command.sections.length + command.plans.length + (command.looks?.length ?? 0), 'draft')} at ${momentWords(command.at)}`
    case 'cancelSchedule': case 'runSchedule': {
      const due = context.schedules().get(command.key)!
      return `${command.type === 'runSchedule' ? 'Published what was planned for' : 'Cancelled what was planned for'} ${momentWords(due.at)}`
    }
    case 'putAside': return `Put aside ${findingsWords(command.findings)}: ${command.reason}`
    case 'takeUp': return `Took up again ${findingsWords(command.findings)}`
    case 'mend': return mendedWords(command.findings[0]!.check, command.findings.filter(each => canStillBeMended(each, context)).length)
    case 'setNeighbours': return `Set what counts for the neighbours of ${name(command.source)}`
  }
  if (command.type === 'copy') {
    const lanes = listed(command.kinds.map(plural))
    return `Copied the ${lanes} of ${name(command.from)} to ${things(command.to)}${command.replace ? ', in the place of what stood there' : ''}`
  }
  const page = pageOfSource(command.on[0]!.source)
  if (page) return describePageLane(command, page.page, context, language)
  const on = things(command.on.map(each => each.source))
  const as = kind(command.kind)
  switch (command.type) {
    case 'link': return `Linked ${things(command.targets)} to ${on} as ${as}${command.bothWays ? ', and back' : ''}`
    case 'unlink': return `Removed ${things(command.targets)} as ${as} of ${on}`
    case 'dismiss': return `Dismissed ${things(command.targets)} as suggested ${as} of ${on}`
    case 'bringBack': return `Brought back ${things(command.targets)} as suggested ${as} of ${on}`
    case 'move': return `Moved ${name(command.target)} to place ${command.place} as ${as} of ${on}`
    case 'arrange': return `Put the ${plural(command.kind)} of ${on} in order`
    case 'detail': return `Set ${detailWords(command.details)} of ${things(command.targets)} as ${as} of ${on}`
  }
}

function describeBundleChange({ sku, settings }: Extract<BundleCommand, { type: 'changeBundle' }>, before: BundleSettings, language: string): string {
  const after = { ...before, ...settings }
  const words = `the bundle “${textIn(after.name, language, language) || sku}”`
  const changed = bundleDifferences(before, after)
  if (changed.length === 1 && after.status !== before.status) return after.status === 'active' ? `Made ${words} active` : after.status === 'retired' ? `Retired ${words}` : `Made ${words} a draft again`
  return `Changed ${listed(changed) || 'nothing'} of ${words}`
}

/** “Added Gloves to the article ‘Spring’”, “Moved Smokers to place 1 of the categories related to ‘Hives’” */
function describePageLane(command: Extract<LaneCommand, { on: unknown }>, page: LanePage, context: CommandContext, language: string): string {
  const words = (text: Text | undefined, key: string) => (text && textIn(text, language, language)) || key
  const nameOf = (target: string) => page === 'article' ? words(context.item(target)?.product.name, target) : words(context.category(target)?.name, target)
  const names = command.on.map(({ source }) => {
    const { key } = pageOfSource(source)!
    return `“${words(page === 'article' ? context.article(key)?.title : context.category(key)?.name, key)}”`
  })
  const lane = page === 'article' ? `the article ${listed(names)}` : `the categories related to ${listed(names)}`
  const things = (targets: readonly string[]) => targets.length === 1 ? nameOf(targets[0]!) : page === 'article' ? `${targets.length} products` : `${targets.length} categories`
  switch (command.type) {
    case 'link': return `Added ${things(command.targets)} to ${lane}`
    case 'unlink': return `Took ${things(command.targets)} out of ${lane}`
    case 'move': return `Moved ${nameOf(command.target)} to place ${command.place} of ${lane}`
    default: return page === 'article' ? `Put the products of ${lane} in order` : `Put ${lane} in order`
  }
}

/** “3 findings of ‘Links past their date’”, “all ‘Links past their date’” */
function findingsWords(findings: readonly Finding[]): string {
  const { check, source } = findings[0]!
  const { title } = checkWords[check]
  return source ? `${counted(findings.length, 'finding')} of “${title}”` : `all “${title}”`
}

function describeKindChange(was: string, { name }: Partial<KindSettings>, language: string): string {
  const now = name && textIn(name, language, language)
  return now && now !== was ? `Renamed the kind ${was} to ${now}` : `Changed the kind ${was}`
}

function detailWords({ from, until, note }: Partial<LinkDetails>): string {
  const dates = [from, until].filter(date => date !== undefined).length
  return listed([...dates ? ['the dates'] : [], ...note === undefined ? [] : ['the note']])
}

/** A moment to the minute, in UTC: “2026-05-01, 10:00 UTC”. */
const momentWords = (at: string) => new Date(at).toISOString().replace(/^(.{10})T(.{5}).*$/, '$1, $2 UTC')
