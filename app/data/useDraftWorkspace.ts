import { useHistory } from './history'
import { useDrafts } from './drafts'
import { useStudioShop } from './studioShop'
import { useFollowing } from './useFollowing'

/** What the workspaces of sections and page plans have in common: they load the drafts, and follow every change. */
export function useDraftWorkspace() {
  const studio = useStudioShop()
  const history = useHistory()
  const store = useDrafts()

  /** Takes anew what a change, here or in another window, may have changed. */
  async function changed(things: { of: string }[] | null): Promise<void> {
    if (!things || things.some(each => ['kind', 'kindOrder', 'category', 'product', 'brandMark'].includes(each.of))) await studio.refresh()
    await store.load()
  }
  const stepped = useFollowing(changed)
  return {
    load: () => Promise.all([studio.load(), history.load(), store.load()]),
    ready: computed(() => studio.shop !== null && store.answer !== null),
    /** After an undo or redo. */
    stepped,
  }
}
