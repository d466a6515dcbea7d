import { z } from 'zod'
import type { Command } from '../records/registry'

/* What somebody is told before a command writes many lanes. */

const reachSchema = z.object({
  lanes: z.int(),
  added: z.int(),
  removed: z.int(),
  largest: z.object({ source: z.string(), kind: z.string(), links: z.int() }).nullable(),
  pastCeiling: z.int(),
})
/** How far a command reaches as it stands, and with the ceilings of kinds kept. */
export const wideEditSchema = z.object({
  all: reachSchema,
  kept: reachSchema,
  /** The name of the product that has the longest lane then; empty: none grows. */
  largestName: z.string(),
})
export type WideEdit = z.infer<typeof wideEditSchema>

/** How many lanes a command can write at most. What shoppers don't see of lanes, such as what is not to be suggested, doesn't count. */
export function lanesAtMost(command: Command): number {
  switch (command.type) {
    case 'link':
      return command.on.length + (command.bothWays ? command.targets.length : 0)
    case 'unlink':
    case 'move':
    case 'arrange':
    case 'detail':
      return command.on.length
    case 'copy':
      return command.to.length * command.kinds.length
    case 'mend':
      return command.findings.length
    default:
      return 0
  }
}

/** The same command, with the ceilings of kinds kept where it adds links. */
export const keepingCeilings = (command: Command): Command =>
  command.type === 'link' || command.type === 'copy' || command.type === 'mend' ? { ...command, keepCeilings: true } : command
