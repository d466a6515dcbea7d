import type { Asker } from '../../core/access/access'
import { idOf } from '../../core/access/access'
import type { Role } from '../../core/access/roles'
import type { CommandAnswer } from '../../core/workbench/workbench'
import type { Change } from '../../core/records/registry'
import { useShop } from './useShop'
import type { CommandLog } from '../journal/commandLog'
import type { Done } from '../journal/writeQueue'

/** More things than this are not named one by one. */
const maxNamed = 500

/** The things that were changed, for the studio; null: too many to name. */
export const namedChanges = (changes: readonly Change[]): CommandAnswer['changes'] =>
  changes.length > maxNamed ? null : changes.map(({ of, owner: source, key: kind }) => ({ of, source, kind }))

/** Lets somebody change something, and answers what was done and what can be undone now. */
export async function commandAnswer(
  asker: Asker,
  work: (log: CommandLog, editor: string, role: Role) => Promise<Done>,
): Promise<CommandAnswer> {
  const editor = idOf(asker)
  const { log } = await useShop()
  const { entry, type, words, changes } = await work(log, editor, asker.kind === 'person' ? asker.role : 'viewer')
  // What has just been done is what can be undone next.
  const isNewest = entry !== null && type !== 'undo' && type !== 'redo'
  const undo = isNewest ? { undo: words, redo: null } : await log.undoState(editor)
  return { words, changes: namedChanges(changes), ...undo }
}
