import { useShop } from '../running/useShop'

/** What undo and redo would do for this editor. */
export default api(async event => {
  const editor = editorOf(event)
  const { log } = await useShop()
  return log.undoState(editor)
})
