import { isEqual } from 'es-toolkit'
import type { Section } from '../../sections/section'
import { keyFor } from '../../text/keyFor'
import { CommandError } from '../../journal/commandError'
import type { DraftContext } from '../drafts/drafts'
import { draftChange, draftOf, settled } from '../drafts/drafts'
import type { PlanChange } from '../pagePlans/planRecord'
import { takenOut } from '../pagePlans/planPagePlans'
import type { SectionCommand } from './sectionCommandSchema'
import type { SectionChange } from './sectionRecord'

/** Works out what a command on sections does. @throws CommandError when it can't be carried out as asked */
export function planSections(command: SectionCommand, context: DraftContext): (SectionChange | PlanChange)[] {
  const { sections, plans } = context.versions
  switch (command.type) {
    case 'addSection': {
      const key = keyFor(Object.values(command.settings.heading)[0] ?? '', taken => sections.has(taken), 'section')
      return [draftChange('sections', key, null, { live: null, draft: { key, ...command.settings } })]
    }
    case 'changeSection': {
      const { key, settings, seen } = command
      const before = draftOf(context, 'sections', key)
      const changed = Object.entries(seen).some(([part, value]) => !isEqual(before[part as keyof Section], value))
      if (changed)
        throw new CommandError(
          'section-changed',
          'This section was changed in the meantime. It is shown as it is now; nothing was overwritten.',
          [key],
        )
      return [draftChange('sections', key, sections.get(key)!, { ...sections.get(key)!, draft: { ...before, ...settings } })]
    }
    case 'removeSection': {
      draftOf(context, 'sections', command.key)
      return [
        draftChange('sections', command.key, sections.get(command.key)!, settled({ ...sections.get(command.key)!, draft: null })),
        ...takenOut(command.key, plans),
      ]
    }
  }
}
