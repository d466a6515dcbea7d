import type { Role } from '../../core/access/roles'
import type { Command } from '../../core/records/registry'
import { importRole, partsOfCommand, roleFor } from '../../core/records/registry'
import type { ImportCommand, JournalEntry } from '../store/journal'
import type { StoreReader } from '../store/port'

/** The command that an entry is about in the end, when it takes back another, or does it again. */
async function commandOf({ command }: JournalEntry, reader: StoreReader): Promise<Command | ImportCommand | null> {
  if (!('entry' in command)) return command
  const of = await reader.entry(command.entry)
  return of && commandOf(of, reader)
}

/** Whether an entry was carried out piece by piece, as files are. */
export async function isMadeInPieces(of: JournalEntry, reader: StoreReader): Promise<boolean> {
  const command = await commandOf(of, reader)
  if (!command) return false
  return command.type === 'import' ? command.kind !== 'set-up' : partsOfCommand(command).length > 1
}

/** What it takes to undo, redo or take back an entry: as much as to make it. */
export async function roleOf(of: JournalEntry, reader: StoreReader): Promise<Role> {
  const command = await commandOf(of, reader)
  if (!command) return 'admin'
  return command.type === 'import' ? importRole : roleFor(command)
}
