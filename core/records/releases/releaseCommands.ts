import { sumBy } from 'es-toolkit'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { draftedSortNames, draftedSorts } from '../../releases/draftedSorts'
import { counted, listed } from '../../text/sentence'
import { momentWords } from '../../time/dateWords'
import type { DraftChange } from '../drafts/drafts'
import { planReleases } from './planReleases'
import { refuseUsed } from './refuseUsed'
import { scheduleRecord } from './scheduleRecord'
import type { ReleaseCommand } from './releaseCommandSchema'
import { releaseCommandSchema } from './releaseCommandSchema'

export const releaseCommands: CommandGroup<typeof releaseCommandSchema> = {
  schema: releaseCommandSchema,
  role: ({ type }) => (type === 'discard' ? 'editor' : 'publisher'),
  needs: command => (command.type === 'goBack' ? { release: command.release } : {}),
  plan(command, context) {
    const changes = planReleases(command, { ...context, schedules: () => context.states.of(scheduleRecord) })
    // What was never published goes with its draft.
    if (command.type === 'discard') refuseUsed(changes as DraftChange[], context.shop)
    return changes
  },
  words: releaseWords,
}

function releaseWords(command: ReleaseCommand, context: CommandContext, language: string): string {
  const names = namesIn(context, language)
  switch (command.type) {
    case 'publish':
    case 'discard':
    case 'unpublish': {
      const things = draftedSortNames.flatMap(sort =>
        (command[sort] ?? []).map(key => `the ${draftedSorts[sort].of} ${names.drafted(sort, key)}`),
      )
      const [before, after = ''] = { publish: ['Published'], discard: ['Discarded the draft of'], unpublish: ['Took', ' from shoppers'] }[
        command.type
      ]
      return `${before} ${things.length > 3 ? counted(things.length, 'draft') : listed(things)}${after}`
    }
    case 'goBack':
      return `Went back to release ${command.release}`
    case 'schedulePublish':
      return (
        `Planned to publish ${counted(
          sumBy(draftedSortNames, sort => command[sort]?.length ?? 0),
          'draft',
        )} at ` + momentWords(command.at, context.timeZone)
      )
    case 'cancelSchedule':
    case 'runSchedule': {
      const due = context.states.of(scheduleRecord).get(command.key)!
      return (
        `${command.type === 'runSchedule' ? 'Published what was planned for' : 'Cancelled what was planned for'} ` +
        momentWords(due.at, context.timeZone)
      )
    }
  }
}
