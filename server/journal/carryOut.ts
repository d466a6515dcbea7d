import type { Change } from '../../core/records/registry'
import { areForShoppers, liveAfter } from '../../core/records/releases/liveAfter'
import type { LiveShop } from '../live/liveShop'
import type { JournalEntry } from '../store/journal'
import type { StoreWriter } from '../store/port'
import type { Done } from './writeQueue'

/** Now, in ISO 8601. */
export const now = () => new Date().toISOString()

/** Writes changes and their journal entry. */
export async function carryOut(
  shop: LiveShop,
  what: Pick<JournalEntry, 'type' | 'command' | 'words'>,
  changes: Change[],
  editor: string,
  writer: StoreWriter,
): Promise<Done> {
  await writeChanges(shop, what, changes, editor, writer)
  const entry = await writer.addEntry({ at: now(), editor, state: 'done', ...what }, changes)
  return { entry, type: what.type, words: what.words, changes, editor }
}

/** Writes changes, and the release that they make. */
export async function writeChanges(
  shop: LiveShop,
  { command, words }: Pick<JournalEntry, 'command' | 'words'>,
  changes: readonly Change[],
  editor: string,
  writer: StoreWriter,
): Promise<void> {
  await writer.writeChanges(changes, shop.settings.language)
  if (!areForShoppers(changes)) return
  const head = { at: now(), note: noteOf(shop, command), words, editor }
  await writer.addRelease(head, liveAfter(changes, shop.versions), liveAfter([], shop.versions))
}

function noteOf(shop: LiveShop, command: JournalEntry['command']): string {
  if ('type' in command && command.type === 'publish') return command.note ?? ''
  return 'type' in command && command.type === 'runSchedule' ? (shop.schedules.get(command.key)?.note ?? '') : ''
}
