import { idOf } from '../../core/access/access'
import { useShop } from '../running/useShop'

/** What undo and redo would do for this editor. */
export default api('viewer', async (_, asker) => {
  const { log } = await useShop()
  return log.undoState(idOf(asker))
})
