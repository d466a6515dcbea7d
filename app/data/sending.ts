import type { Command } from '../../core/records/registry'
import { useHistory } from './history'
import { useMessages } from './messages'

/**
 * Sends the edits of a store, which shows them at once, and takes what is stored anew when all of them have arrived.
 * @param reload takes what is stored anew
 */
export function useSending(reload: () => Promise<void>) {
  const history = useHistory()
  const messages = useMessages()
  let waiting = 0
  /** Edits begun so far. */
  let edits = 0

  /** What was fetched; null when that is not the newest: it was asked for before an edit, or comes while one is on its way. */
  async function newest<T>(fetch: () => Promise<T>): Promise<T | null> {
    const before = edits
    const fetched = await fetch()
    return waiting || before !== edits ? null : fetched
  }

  /** Sends a command. Returns what was done in words; null when it was refused, which is then told. */
  async function send(command: Command): Promise<string | null> {
    waiting++
    edits++
    try {
      return (await history.send(command)).words
    } catch (error) {
      messages.refuse(error)
      return null
    } finally {
      waiting--
      if (!waiting) await reload().catch(error => messages.refuse(error))
    }
  }

  /** The same, and tells what was done, with a way back. */
  async function sendAndTell(command: Command): Promise<boolean> {
    const words = await send(command)
    if (words !== null) messages.tell(`${words}.`, { words: 'Undo', run: () => void history.step('undo') })
    return words !== null
  }
  return { newest, send, sendAndTell }
}
