import { commandAnswer } from '../running/commandAnswer'

export default api(event => commandAnswer(event, (log, editor) => log.undo(editor)))
