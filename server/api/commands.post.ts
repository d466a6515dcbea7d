import { command } from '../../core/commands/command'
import { commandAnswer } from '../journal/commandAnswer'

export default api(async (event) => {
  const asked = await bodyOf(event, command)
  return commandAnswer(event, (log, editor) => log.run(asked, editor))
})
