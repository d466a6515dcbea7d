import { commandAnswer } from '../journal/commandAnswer'

export default api(event => commandAnswer(event, (log, editor) => log.redo(editor)))
