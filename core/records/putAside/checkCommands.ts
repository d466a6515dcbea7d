import { chunk } from 'es-toolkit'
import type { Finding } from '../../checks/check'
import { mendOf } from '../../checks/check'
import { checkWords, mendedWords } from '../../checks/checkWords'
import { PutAside } from '../../checks/putAside'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { counted } from '../../text/sentence'
import { canStillBeMended, planChecks } from './planChecks'
import { putAsideRecord } from './putAsideRecord'
import type { CheckCommand } from './checkCommandSchema'
import { checkCommandSchema } from './checkCommandSchema'

/** Findings that are mended before others have a turn. */
const mendedAtOnce = 100

export const checkCommands: CommandGroup<typeof checkCommandSchema> = {
  schema: checkCommandSchema,
  role: ({ type }) => (type === 'mend' ? 'publisher' : 'editor'),
  parts: command =>
    command.type === 'mend' ? chunk(command.findings, mendedAtOnce).map(findings => ({ ...command, findings })) : [command],
  plan: (command, context) =>
    planChecks(command, { ...context, asideReason: finding => new PutAside(context.states.of(putAsideRecord)).reason(finding) }),
  words: checkCommandWords,
}

function checkCommandWords(command: CheckCommand, context: CommandContext): string {
  switch (command.type) {
    case 'putAside':
      return `Put aside ${findingsWords(command.findings)}: ${command.reason}`
    case 'reopen':
      return `Took up again ${findingsWords(command.findings)}`
    case 'mend':
      return (
        mendedWords(command.findings[0]!.check, command.findings.filter(each => canStillBeMended(each, context)).length) +
        (command.keepCeilings && mendOf(command.findings[0]!.check) === 'linkBack' ? ', as far as ceilings let' : '')
      )
  }
}

/** “3 findings of ‘Links past their date’”, “all ‘Links past their date’” */
function findingsWords(findings: readonly Finding[]): string {
  const { check, source } = findings[0]!
  const { title } = checkWords[check]
  return source ? `${counted(findings.length, 'finding')} of “${title}”` : `all “${title}”`
}
