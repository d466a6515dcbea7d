import { commandAnswer } from '../running/commandAnswer'

export default api('editor', (_, asker) => commandAnswer(asker, (log, editor, role) => log.undo(editor, role)))
