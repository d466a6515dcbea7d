import { commandAnswerSchema } from '../../../core/workbench/workbench'
import type { Command } from '../../../core/records/registry'
import type { ChangeableSettings } from '../../../core/records/settings/settings'
import { callApi } from '../../data/callApi'
import { useHistory } from '../../data/history'
import { useMe } from '../../data/me'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'

/** Sets what holds for the shop as a whole, which only admins may. */
export function useSetting() {
  const me = useMe()
  const studio = useStudioShop()
  const history = useHistory()
  const messages = useMessages()
  /** Returns whether it was done; else it is said why not. */
  async function send(command: Command): Promise<boolean> {
    try {
      const { words } = await callApi(commandAnswerSchema, '/api/commands', { method: 'POST', body: command })
      await Promise.all([studio.refresh(), history.load()])
      history.tellDone(`${words}.`)
      return true
    } catch (error) {
      messages.refuse(error)
      return false
    }
  }
  const set = (settings: Partial<ChangeableSettings>) => send({ type: 'changeSettings', settings })
  return { send, set, may: computed(() => me.may('admin')) }
}
