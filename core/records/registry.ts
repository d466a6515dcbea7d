import { z } from 'zod'
import type { Role } from '../access/roles'
import type { CommandContext } from '../journal/commandContext'
import type { Needed } from '../journal/commandGroup'
import type { AnyChange, ChangeOf, StoredRecord, Use } from '../journal/record'
import { ChangedTogether } from '../journal/record'
import type { Which } from '../journal/which'
import type { ShopView } from '../journal/shopView'
import { brandMarkCommands } from './brandMarks/brandMarkCommands'
import { brandMarkRecord } from './brandMarks/brandMarkRecord'
import { bundleCommands } from './bundles/bundleCommands'
import { bundleRecord } from './bundles/bundleRecord'
import { laneCommands } from './lanes/laneCommands'
import { dismissedRecord, linksRecord, pageLinksRecord } from './lanes/laneRecords'
import { kindCommands } from './linkKinds/kindCommands'
import { kindOrderRecord, kindRecord } from './linkKinds/kindRecords'
import { lookCommands } from './looks/lookCommands'
import { lookRecord } from './looks/lookRecord'
import { neighboursCommands } from './neighbours/neighboursCommands'
import { neighboursRecord } from './neighbours/neighboursRecord'
import { offerCommands } from './offers/offerCommands'
import { offerRecord } from './offers/offerRecord'
import { planCommands } from './pagePlans/planCommands'
import { planRecord } from './pagePlans/planRecord'
import { categoryRecord } from './products/categoryRecord'
import { productRecord } from './products/productRecord'
import { soldRecord } from './products/soldRecord'
import { checkCommands } from './putAside/checkCommands'
import { putAsideRecord } from './putAside/putAsideRecord'
import { releaseCommands } from './releases/releaseCommands'
import { scheduleRecord } from './releases/scheduleRecord'
import { sectionCommands } from './sections/sectionCommands'
import { sectionRecord } from './sections/sectionRecord'
import { settingCommands } from './settings/settingCommands'
import { settingRecord } from './settings/settingRecord'
import { switchCommands } from './switchedOff/switchCommands'
import { switchedOffRecord } from './switchedOff/switchedOffRecord'
import { translationCommands } from './translations/translationCommands'
import { translationRecord } from './translations/translationRecord'

/*
 * Everything that is stored and undone, a line each: the records of a folder, and its commands.
 */
const things = [
  { records: [categoryRecord, productRecord, soldRecord], commands: [] },
  { records: [bundleRecord], commands: [bundleCommands] },
  { records: [kindRecord, kindOrderRecord], commands: [kindCommands] },
  { records: [linksRecord, dismissedRecord, pageLinksRecord], commands: [laneCommands] },
  { records: [neighboursRecord], commands: [neighboursCommands] },
  { records: [switchedOffRecord], commands: [switchCommands] },
  { records: [sectionRecord], commands: [sectionCommands] },
  { records: [planRecord], commands: [planCommands] },
  { records: [lookRecord], commands: [lookCommands] },
  { records: [scheduleRecord], commands: [releaseCommands] },
  { records: [brandMarkRecord], commands: [brandMarkCommands] },
  { records: [offerRecord], commands: [offerCommands] },
  { records: [putAsideRecord], commands: [checkCommands] },
  { records: [settingRecord], commands: [settingCommands] },
  { records: [translationRecord], commands: [translationCommands] },
] as const

type Thing = (typeof things)[number]
type ChangeFor<Given> = Given extends { of: infer Of extends string; upgrade(stored: never): infer Value } ? ChangeOf<Of, Value> : never

/**
 * One thing before and after a command: what was there before is kept, so that it can be put back, and so that nothing is put back over
 * something newer.
 */
export type Change = ChangeFor<Thing['records'][number]>
export type RecordName = Change['of']
/** Which thing a change is about. */
export type Changed = Pick<Change, 'of' | 'owner' | 'key'>

/** A record, of whatever. */
type AnyRecord = StoredRecord<RecordName, unknown, unknown>

/** All records, in an order in which each can be read from the database when those before it are there. */
export const records: readonly AnyRecord[] = things.flatMap(each => each.records as readonly unknown[] as readonly AnyRecord[])
const recordsByName = new Map(records.map(each => [each.of, each]))

export function recordOf({ of }: { of: RecordName }): AnyRecord {
  return recordsByName.get(of)!
}

type Group = Thing['commands'][number]
export type Command = z.infer<Group['schema']>
const groups = things.flatMap(each => each.commands as readonly Group[])
/** A command of any kind. */
export const commandSchema = z.discriminatedUnion(
  'type',
  groups.map(each => each.schema) as [Group['schema'], ...Group['schema'][]],
) as unknown as z.ZodType<Command>

interface AnyGroup {
  role?(command: Command): Role
  needs?(command: Command): Needed
  parts?(command: Command): Command[]
  plan(command: Command, context: CommandContext): Change[]
  words(command: Command, context: CommandContext, language: string): string
}
const groupsByType = new Map(
  groups.flatMap(group => group.schema.options.map(option => [option.shape.type.value, group as unknown as AnyGroup] as const)),
)

/** Who may bring in a file. */
export const importRole: Role = 'publisher'

/** Who may carry a command out. */
export function roleFor(command: Command): Role {
  const group = groupsByType.get(command.type)
  // The journal of a version before may have one that there is no more.
  return group ? (group.role?.(command) ?? 'editor') : 'publisher'
}

/** A long command as shorter ones; see CommandGroup. */
export const partsOfCommand = (command: Command): Command[] => groupsByType.get(command.type)?.parts?.(command) ?? [command]

/** What has to be read from the database before a command is planned or told. */
export const neededBy = (command: Command): Needed => groupsByType.get(command.type)!.needs?.(command) ?? {}

/**
 * Works out what a command does, without doing it.
 * @returns what it changes, with what follows; nothing when everything is already as it asks for
 * @throws CommandError when it can't be carried out as asked
 */
export const planCommand = (command: Command, context: CommandContext): Change[] =>
  groupsByType
    .get(command.type)!
    .plan(command, context)
    .flatMap(change => [change, ...((recordOf(change).follows?.(change as never, context.shop) ?? []) as Change[])])
    .filter(change => !isEmpty(change))

/**
 * A command in plain words, for the history and for what undo will do: “Linked Hive tool to Smoker as accessory”.
 * @param language BCP 47 tag of product and kind names
 */
export const describeCommand = (command: Command, context: CommandContext, language: string): string =>
  groupsByType.get(command.type)!.words(command, context, language)

/** Whether a change leaves everything as it was. */
export const isEmpty = (change: Change): boolean => isAs(change, change.after)

/** Whether a thing that a change is about is, before it, as it is now. */
export const isAs = (change: Change, now: unknown): boolean => recordOf(change).isSame(change.before, now)

type Stored<C extends AnyChange> = Omit<C, keyof Which> & Partial<Which> & { source?: string; kind?: string }

/** A change as the journal of any version has it, in today's form. What it stands on and its key were called source and kind. */
export function upgradeChange({ before, after, of, ...named }: Stored<AnyChange>): Change {
  const which = { of, owner: named.owner ?? named.source, key: named.key ?? named.kind } as Changed
  const record = recordOf(which)
  return { ...which, before: record.upgrade(before), after: record.upgrade(after) } as Change
}

/**
 * What would be lost beside the changes themselves, because it stands on what they take away; null: nothing. A change in each step.
 * @param together what is changed together with them; left out: they are all
 */
export function* findingUse(
  changes: readonly Change[],
  shop: ShopView,
  together = new ChangedTogether(changes),
): Generator<void, Use | null> {
  for (const change of changes) {
    const use = useOf(change, shop, together)
    if (use) return use
    yield
  }
  return null
}

/** What would be lost beside a change, because it stands on what the change takes away; null: nothing. */
export const useOf = (change: Change, shop: ShopView, together: ChangedTogether): Use | null =>
  recordOf(change).usedBy?.(change, shop, together) ?? null
