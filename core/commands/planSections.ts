import equal from 'fast-deep-equal'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Section } from '../sections/section'
import { zonesOf } from '../pagePlans/pagePlan'
import type { Versions } from '../sections/versions'
import { isUnpublished } from '../sections/versions'
import { keyFor } from '../text/keyFor'
import type { Change, PlanChange, SectionChange } from './change'
import type { SectionCommand } from './command'
import { CommandError } from './commandError'

/** What planning a command on sections needs to know of the shop. */
export interface SectionContext {
  sectionVersions(): ReadonlyMap<string, Versions<Section>>
  planVersions(): ReadonlyMap<string, Versions<PagePlan>>
}

/** Works out what a command on sections and page plans does. @throws CommandError when it can't be carried out as asked */
export function planSections(command: SectionCommand, context: SectionContext): Change[] {
  const sections = context.sectionVersions()
  const plans = context.planVersions()
  switch (command.type) {
    case 'addSection': {
      const key = keyFor(Object.values(command.settings.heading)[0] ?? '', taken => sections.has(taken), 'section')
      return [sectionChange(key, null, { live: null, draft: { key, ...command.settings } })]
    }
    case 'changeSection': {
      const { key, settings, seen } = command
      const before = draftOf(sections, key, 'section')
      const changed = Object.entries(seen).some(([part, value]) => !equal(before[part as keyof Section], value))
      if (changed) throw new CommandError('sectionChanged', 'This section was changed in the meantime. It is shown as it is now; nothing was overwritten.', [key])
      return [sectionChange(key, sections.get(key)!, { ...sections.get(key)!, draft: { ...before, ...settings } })]
    }
    case 'removeSection': {
      draftOf(sections, command.key, 'section')
      return [sectionChange(command.key, sections.get(command.key)!, settled({ ...sections.get(command.key)!, draft: null })), ...takenOut(command.key, plans)]
    }
    case 'placeSection': {
      draftOf(sections, command.key, 'section')
      const before = draftOf(plans, command.plan, 'plan')
      if (!zonesOf[before.page].includes(command.zone)) throw new CommandError('unknownZone', `This page has no zone “${command.zone}”.`, [command.zone])
      return [planChange(command.plan, plans, placed(withoutSection(before, command.key), command.key, command.zone, command.place))]
    }
    case 'unplaceSection': {
      const before = inPlan(plans, command)
      return [planChange(command.plan, plans, { ...withoutSection(before, command.key), off: before.off.filter(key => key !== command.key) })]
    }
    case 'switchInPlan': {
      const before = inPlan(plans, command)
      const off = before.off.filter(key => key !== command.key)
      return [planChange(command.plan, plans, { ...before, off: command.off ? [...off, command.key] : off })]
    }
    case 'publish': case 'discard': return settle(command, sections, plans)
  }
}

/** Makes live what is a draft, or the draft what is live. */
function settle(command: Extract<SectionCommand, { type: 'publish' | 'discard' }>, sections: ReadonlyMap<string, Versions<Section>>, plans: ReadonlyMap<string, Versions<PagePlan>>): Change[] {
  const after = <T>({ live, draft }: Versions<T>): Versions<T> => command.type === 'publish' ? { live: draft, draft } : { live, draft: live }
  const changes: Change[] = [
    ...command.sections.map(key => sectionChange(key, known(sections, key, 'section'), settled(after(known(sections, key, 'section'))))),
    ...command.plans.map((key): PlanChange => ({ of: 'plan', source: '', kind: key, before: known(plans, key, 'plan'), after: settled(after(known(plans, key, 'plan'))) })),
  ]
  const pending = [...command.sections.map(key => sections.get(key)!), ...command.plans.map(key => plans.get(key)!)].some(each => isUnpublished<unknown>(each))
  if (!pending) throw new CommandError('nothingToPublish', 'Nothing of this is unpublished: shoppers have it already.')
  return changes
}

/** A thing that is neither live nor a draft is none. */
const settled = <T>(versions: Versions<T>): Versions<T> | null => versions.live === null && versions.draft === null ? null : versions

const sectionChange = (key: string, before: Versions<Section> | null, after: Versions<Section> | null): SectionChange => ({ of: 'section', source: '', kind: key, before, after })
const planChange = (key: string, plans: ReadonlyMap<string, Versions<PagePlan>>, draft: PagePlan): PlanChange =>
  ({ of: 'plan', source: '', kind: key, before: plans.get(key)!, after: { ...plans.get(key)!, draft } })

const names = { section: ['unknownSection', 'section'], plan: ['unknownPlan', 'page plan'] } as const

function known<T>(things: ReadonlyMap<string, Versions<T>>, key: string, of: 'section' | 'plan'): Versions<T> {
  const versions = things.get(key)
  if (!versions) throw new CommandError(names[of][0], `There is no ${names[of][1]} with the key ${key}.`, [key])
  return versions
}

function draftOf<T>(things: ReadonlyMap<string, Versions<T>>, key: string, of: 'section' | 'plan'): T {
  const { draft } = known(things, key, of)
  if (draft === null) throw new CommandError(names[of][0], `The ${names[of][1]} ${key} is to be taken away. Discard that first to change it.`, [key])
  return draft
}

function inPlan(plans: ReadonlyMap<string, Versions<PagePlan>>, { plan, key }: { plan: string, key: string }): PagePlan {
  const found = draftOf(plans, plan, 'plan')
  if (!hasSection(found, key)) throw new CommandError('notInPlan', `The plan ${plan} doesn’t have the section ${key}.`, [key])
  return found
}

const hasSection = (plan: PagePlan, key: string) => plan.zones.some(zone => zone.sections.includes(key))

const withoutSection = (plan: PagePlan, key: string): PagePlan =>
  ({ ...plan, zones: plan.zones.map(zone => ({ ...zone, sections: zone.sections.filter(each => each !== key) })).filter(zone => zone.sections.length) })

/** @param place counted from 1; none: the last one */
function placed(plan: PagePlan, key: string, zone: string, place: number | undefined): PagePlan {
  const zones = zonesOf[plan.page].map(each => plan.zones.find(known => known.key === each) ?? { key: each, sections: [] })
  return {
    ...plan,
    zones: zones.map(each => each.key === zone ? { key: zone, sections: each.sections.toSpliced(place === undefined ? each.sections.length : place - 1, 0, key) } : each).filter(each => each.sections.length),
  }
}

/** Takes a section out of the drafts of all plans. */
function takenOut(key: string, plans: ReadonlyMap<string, Versions<PagePlan>>): PlanChange[] {
  return [...plans].flatMap(([plan, { draft }]) => draft && hasSection(draft, key) ? planChange(plan, plans, { ...withoutSection(draft, key), off: draft.off.filter(each => each !== key) }) : [])
}
