import type { CatalogueItem } from '../../catalogue/catalogue'
import type { Finding } from '../../checks/check'
import { findingKey, mendOf } from '../../checks/check'
import type { LinkKind } from '../../links/kind'
import type { Lane } from '../../links/lane'
import { insertLinks, removeLinks } from '../../links/lane'
import type { LinksChange } from '../lanes/laneRecords'
import { withinCeilings } from '../lanes/wideEdits'
import type { CheckCommand } from './checkCommandSchema'
import type { PutAsideChange } from './putAsideRecord'
import { CommandError } from '../../journal/commandError'

interface LinkContext {
  item(sku: string): CatalogueItem | undefined
  kind(key: string): LinkKind | undefined
  lane(source: string, kind: string): Lane
}

/** What planning a command on findings needs to know of the shop. */
export interface CheckContext extends LinkContext {
  /** Why a finding was put aside; null: it was not. */
  asideReason(finding: Finding): string | null
}

/** Works out what a command on findings does. @throws CommandError when it can't be carried out as asked */
export function planChecks(command: CheckCommand, context: CheckContext): (PutAsideChange | LinksChange)[] {
  switch (command.type) {
    case 'putAside':
      return command.findings.map(finding => asideChange(finding, command.reason, context))
    case 'reopen':
      return command.findings.map(finding => asideChange(finding, null, context))
    case 'mend': {
      const changes = planMend(command.findings, context)
      return command.keepCeilings ? withinCeilings(changes, context.kind) : changes
    }
  }
}

function asideChange(finding: Finding, after: string | null, context: CheckContext): PutAsideChange {
  return { of: 'putAside', owner: finding.source, key: findingKey(finding), before: context.asideReason(finding), after }
}

/** Mends each finding as its check says. What is not as it was found any more is left as it is. */
function planMend(findings: readonly Finding[], context: CheckContext): LinksChange[] {
  const changes = new Map<string, LinksChange>()
  const change = (source: string, kind: string, how: (lane: Lane) => Lane) => {
    const key = `${kind} ${source}`
    const known = changes.get(key)
    const before = known?.before ?? context.lane(source, kind)
    changes.set(key, { of: 'links', owner: source, key: kind, before, after: how(known?.after ?? before) })
  }
  for (const finding of findings) {
    const { check, source, kind, target } = finding
    const mend = mendOf(check)
    if (!mend) throw new CommandError('no-mend', 'This can’t be mended in one go: it needs a choice.', [check])
    if (!canStillBeMended(finding, context)) continue
    switch (mend) {
      case 'unlink':
        change(source, kind, lane => removeLinks(lane, [target]))
        break
      case 'shorten':
        change(source, kind, lane => lane.slice(0, context.kind(kind)!.ceiling!))
        break
      case 'linkBack':
        change(context.item(target)!.product.sku, kind, lane =>
          leadsTo(source, lane, context) ? lane : insertLinks(lane, [{ target: source }]),
        )
    }
  }
  return [...changes.values()]
}

/** Whether a finding is still there to be mended: somebody may have changed the lane in the meantime. */
export function canStillBeMended({ check, source, kind, target }: Finding, context: LinkContext): boolean {
  const used = context.kind(kind)
  if (!used || used.retired || context.item(source)?.variant !== null) return false
  const lane = context.lane(source, kind)
  if (mendOf(check) === 'shorten') return used.ceiling !== null && lane.length > used.ceiling
  if (!lane.some(link => link.target === target)) return false
  const product = context.item(target)?.product
  return (
    mendOf(check) === 'unlink' ||
    (product !== undefined && product.sku !== source && !leadsTo(source, context.lane(product.sku, kind), context))
  )
}

/** Whether a link of the lane leads to this product or one of its variants. */
const leadsTo = (sku: string, lane: Lane, context: LinkContext) => lane.some(link => context.item(link.target)?.product.sku === sku)
