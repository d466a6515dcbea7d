import type { CommandAnswer } from '../../core/workbench/workbench'
import { useHistory } from './history'
import { useMessages } from './messages'
import { useChangeEvents } from './useChangeEvents'

/**
 * Lets a workspace follow every change, made here or in another window, undone or done again.
 * @param changed takes anew what a change may have changed; null: it is not known what changed
 * @returns what to do after an undo or redo
 */
export function useFollowing(changed: (things: { of: string }[] | null) => Promise<void>): (done: CommandAnswer) => void {
  const history = useHistory()
  const messages = useMessages()
  useChangeEvents(change => {
    void changed(change && change.changes)
    void history.load()
  })
  return done => {
    messages.tell(done.words)
    void changed(done.changes)
  }
}
