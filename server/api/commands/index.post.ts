import { commandSchema } from '../../../core/records/registry'
import { commandAnswer } from '../../running/commandAnswer'

export default api('editor', async (event, asker) => {
  const asked = await bodyOf(event, commandSchema)
  return commandAnswer(asker, (log, editor, role) => log.run(asked, editor, role))
})
