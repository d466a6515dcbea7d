import { z } from 'zod'
import { commandAnswer } from '../../running/commandAnswer'

const body = z.strictObject({ entry: z.int() })

/** Takes back one entry of the history. */
export default api(async event => {
  const { entry } = await bodyOf(event, body)
  return commandAnswer(event, (log, editor) => log.revert(entry, editor))
})
