import { isEqual } from 'es-toolkit'
import type { Look } from '../../looks/look'
import { houseKey } from '../../looks/look'
import { lookUsers } from '../../looks/lookUsers'
import { keyFor } from '../../text/keyFor'
import { listed } from '../../text/sentence'
import type { LookCommand } from './lookCommandSchema'
import type { LookChange } from './lookRecord'
import { CommandError } from '../../journal/commandError'
import { draftChange, draftOf, settled } from '../drafts/drafts'
import type { DraftContext } from '../drafts/drafts'

/** Works out what a command on looks does. @throws CommandError when it can't be carried out as asked */
export function planLooks(command: LookCommand, context: DraftContext): LookChange[] {
  const { looks } = context.versions
  switch (command.type) {
    case 'addLook': {
      const { settings } = command
      checkPage(settings, false)
      const key = keyFor(Object.values(settings.name)[0] ?? '', taken => looks.has(taken), 'look')
      return [draftChange('looks', key, null, { live: null, draft: { key, ...settings } })]
    }
    case 'changeLook': {
      const { key, settings, seen } = command
      const before = draftOf(context, 'looks', key)
      if (Object.entries(seen).some(([part, value]) => !isEqual(before[part as keyof Look], value))) {
        throw new CommandError(
          'look-changed',
          'This look was changed in the meantime. It is shown as it is now; nothing was overwritten.',
          [key],
        )
      }
      checkPage({ ...before, ...settings }, key === houseKey)
      return [draftChange('looks', key, looks.get(key)!, { ...looks.get(key)!, draft: { ...before, ...settings } })]
    }
    case 'removeLook': {
      const { key } = command
      draftOf(context, 'looks', key)
      if (key === houseKey) throw new CommandError('house-look', 'The shop’s own look stays: all others begin with it.', [key])
      const users = lookUsers(key, context.versions, ['live', 'draft'])
      if (users.length)
        throw new CommandError(
          'look-in-use',
          `This look is in use: ${listed(users)}. Give them another one, and publish that, first.`,
          users,
        )
      return [draftChange('looks', key, looks.get(key)!, settled({ ...looks.get(key)!, draft: null }))]
    }
  }
}

function checkPage({ page }: Pick<Look, 'page'>, isHouse: boolean): void {
  if ((page !== null) !== isHouse)
    throw new CommandError('house-look', 'Fonts and the background of pages are said once, in the shop’s own look.', [houseKey])
}
