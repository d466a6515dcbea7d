import type { CommandAnswer } from '../../core/bench/bench'
import { commandAnswer, undoState } from '../../core/bench/bench'
import type { Command } from '../../core/commands/command'
import { callApi } from '../utils/callApi'
import { useMessages } from './messages'

/** Sends commands, and knows what can be undone and redone. */
export const useHistory = defineStore('history', () => {
  const messages = useMessages()
  /** In words what undo and redo would do; null: nothing. */
  const undo = ref<string | null>(null)
  const redo = ref<string | null>(null)

  function take(answer: { undo: string | null, redo: string | null }): void {
    undo.value = answer.undo
    redo.value = answer.redo
  }

  /** @throws ApiProblem when the command was refused */
  async function send(command: Command): Promise<CommandAnswer> {
    const answer = await callApi(commandAnswer, '/api/commands', { method: 'POST', body: command })
    take(answer)
    return answer
  }

  /** Undoes or redoes, or takes one entry of the history back. */
  async function step(to: 'undo' | 'redo' | { revert: number }): Promise<CommandAnswer | null> {
    try {
      const answer = typeof to === 'string'
        ? await callApi(commandAnswer, `/api/${to}`, { method: 'POST', body: {} })
        : await callApi(commandAnswer, '/api/history/revert', { method: 'POST', body: { entry: to.revert } })
      take(answer)
      return answer
    } catch (error) {
      messages.refuse(error)
      return null
    }
  }

  return {
    undo, redo, send, step,
    async load(): Promise<void> {
      take(await callApi(undoState, '/api/undo'))
    },
  }
})
