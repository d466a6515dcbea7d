import { commandAnswerSchema } from '../../../core/workbench/workbench'
import { callApi } from '../../data/callApi'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'

/** Sets what holds for the shop as a whole. Returns whether it was set; else it is said why not. */
export function useSetting(): (command: { type: string; [setting: string]: unknown }) => Promise<boolean> {
  const studio = useStudioShop()
  const history = useHistory()
  const messages = useMessages()
  return async body => {
    try {
      const { words } = await callApi(commandAnswerSchema, '/api/commands', { method: 'POST', body })
      await Promise.all([studio.refresh(), history.load()])
      history.tellDone(`${words}.`)
      return true
    } catch (error) {
      messages.refuse(error)
      return false
    }
  }
}
