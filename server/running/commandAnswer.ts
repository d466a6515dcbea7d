import type { H3Event } from 'h3'
import type { CommandAnswer } from '../../core/workbench/workbench'
import type { Change } from '../../core/records/registry'
import { useShop } from './useShop'
import { editorOf } from '../utils/request'
import type { CommandLog, Done } from '../journal/commandLog'

/** More things than this are not named one by one. */
const maxNamed = 500

/** The things that were changed, for the studio; null: too many to name. */
export const namedChanges = (changes: readonly Change[]): CommandAnswer['changes'] =>
  changes.length > maxNamed ? null : changes.map(({ of, owner: source, key: kind }) => ({ of, source, kind }))

/** Lets an editor change something, and answers what was done and what can be undone now. */
export async function commandAnswer(event: H3Event, work: (log: CommandLog, editor: string) => Promise<Done>): Promise<CommandAnswer> {
  const editor = editorOf(event)
  const { log } = await useShop()
  const { words, changes } = await work(log, editor)
  return { words, changes: namedChanges(changes), ...(await log.undoState(editor)) }
}
