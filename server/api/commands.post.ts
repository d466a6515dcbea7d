import { commandSchema } from '../../core/records/registry'
import { commandAnswer } from '../running/commandAnswer'

export default api(async event => {
  const asked = await bodyOf(event, commandSchema)
  return commandAnswer(event, (log, editor) => log.run(asked, editor))
})
