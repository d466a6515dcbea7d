import { z } from 'zod'
import type { Finding } from '../../checks/check'
import { finding } from '../../checks/check'
import { checkWords, mendedWords } from '../../checks/checkWords'
import { PutAside } from '../../checks/putAside'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { mostNamed } from '../../journal/commandParts'
import { counted } from '../../text/sentence'
import { canStillBeMended, planChecks } from './planChecks'
import { putAsideRecord } from './putAsideRecord'

/** So many findings are mended in one go. */
export const mostMended = 2000

/** Commands on what the checks found. */
const checkCommandSchema = z.discriminatedUnion('type', [
  /** Keeps findings out of the counts, and says why; and takes them up again. */
  z.strictObject({
    type: z.literal('putAside'), findings: z.array(finding).min(1).max(mostNamed),
    reason: z.string().trim().min(1, 'Say why, in a few words.').max(200, 'A reason has at most 200 characters.'),
  }),
  z.strictObject({ type: z.literal('takeUp'), findings: z.array(finding).min(1).max(mostNamed) }),
  /** Mends each finding as its check says: unlinks, links back, or shortens the lane. */
  z.strictObject({ type: z.literal('mend'), findings: z.array(finding).min(1).max(mostMended, `At most ${mostMended.toLocaleString('en')} findings are mended at once.`) }),
])
export type CheckCommand = z.infer<typeof checkCommandSchema>

export const checkCommands: CommandGroup<typeof checkCommandSchema> = { schema: checkCommandSchema, plan: (command, context) => planChecks(command, { ...context, asideReason: finding => new PutAside(context.states.of(putAsideRecord)).reason(finding) }), words: checkCommandWords }

function checkCommandWords(command: CheckCommand, context: CommandContext): string {
  switch (command.type) {
    case 'putAside': return `Put aside ${findingsWords(command.findings)}: ${command.reason}`
    case 'takeUp': return `Took up again ${findingsWords(command.findings)}`
    case 'mend': return mendedWords(command.findings[0]!.check, command.findings.filter(each => canStillBeMended(each, context)).length)
  }
}

/** “3 findings of ‘Links past their date’”, “all ‘Links past their date’” */
function findingsWords(findings: readonly Finding[]): string {
  const { check, source } = findings[0]!
  const { title } = checkWords[check]
  return source ? `${counted(findings.length, 'finding')} of “${title}”` : `all “${title}”`
}
