import type { CommandAnswer } from '../../core/bench/bench'
import { useHistory } from '../stores/history'
import { useMessages } from '../stores/messages'
import { useSectionDrafts } from '../stores/sectionDrafts'
import { useStudioShop } from '../stores/studioShop'

/** What the workspaces of sections and page plans have in common: they load the drafts, and follow every change. */
export function useDraftWorkspace() {
  const studio = useStudioShop()
  const history = useHistory()
  const messages = useMessages()
  const store = useSectionDrafts()

  /** Takes anew what a change, here or in another window, may have changed. */
  async function changed(things: { of: string }[] | null): Promise<void> {
    if (!things || things.some(each => ['kind', 'kindOrder', 'category', 'product', 'brandMark'].includes(each.of))) await studio.refresh()
    await store.load()
  }
  useChangeEvents((change) => {
    void changed(change && change.changes)
    void history.load()
  })
  return {
    load: () => Promise.all([studio.load(), history.load(), store.load()]),
    ready: computed(() => studio.shop !== null && store.answer !== null),
    /** After an undo or redo. */
    stepped(done: CommandAnswer): void {
      messages.tell(done.words)
      void changed(done.changes)
    },
  }
}
