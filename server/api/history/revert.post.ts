import { z } from 'zod'
import { commandAnswer } from '../../running/commandAnswer'

const body = z.strictObject({ entry: z.int() })

/** Takes back one entry of the history. */
export default api('editor', async (event, asker) => {
  const { entry } = await bodyOf(event, body)
  return commandAnswer(asker, (log, editor, role) => log.revert(entry, editor, role))
})
