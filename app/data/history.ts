import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { CommandAnswer } from '../../core/workbench/workbench'
import { commandAnswerSchema, undoStateSchema } from '../../core/workbench/workbench'
import type { Command } from '../../core/records/registry'
import { callApi } from './callApi'
import { useMessages } from './messages'
import { dataWords } from './words'

const say = dataWords.history

/** Sends commands, and knows what can be undone and redone. */
export const useHistory = defineStore('history', () => {
  const messages = useMessages()
  /** In words what undo and redo would do; null: nothing. */
  const undo = ref<string | null>(null)
  const redo = ref<string | null>(null)

  function take(answer: { undo: string | null; redo: string | null }): void {
    undo.value = answer.undo
    redo.value = answer.redo
  }

  /** How many edits are on their way, or wait for those before them. */
  const pending = ref(0)
  let last: Promise<unknown> = Promise.resolve()
  /** One edit after the other: quick ones arrive in their order. */
  function inTurn(path: string, body: object): Promise<CommandAnswer>
  /** @param isWanted asked when its turn has come; null is answered when it is not wanted any more */
  function inTurn(path: string, body: object, isWanted: () => boolean): Promise<CommandAnswer | null>
  function inTurn(path: string, body: object, isWanted = () => true): Promise<CommandAnswer | null> {
    pending.value++
    const turn = last
      .then(async () => {
        if (!isWanted()) return null
        const answer = await callApi(commandAnswerSchema, path, { method: 'POST', body })
        take(answer)
        return answer
      })
      .finally(() => pending.value--)
    last = turn.catch(() => undefined)
    return turn
  }

  /** @throws ApiProblem when the command was refused */
  const send = (command: Command) => inTurn('/api/commands', command)

  /** Undoes or redoes, or takes one entry of the history back. A second click on the last undo has nothing left to do, and says nothing. */
  async function step(to: 'undo' | 'redo' | { revert: number }): Promise<CommandAnswer | null> {
    try {
      if (typeof to !== 'string') return await inTurn('/api/history/revert', { entry: to.revert })
      const isQueued = pending.value > 0
      return await inTurn(`/api/${to}`, {}, () => !isQueued || (to === 'undo' ? undo : redo).value !== null)
    } catch (error) {
      messages.refuse(error)
      return null
    }
  }

  /**
   * Tells what was done, with a way back.
   * @param words a sentence
   */
  function tellDone(words: string, wayBack: () => void = () => void step('undo')): void {
    messages.tell(words, { words: say.undo, run: wayBack })
  }

  return {
    undo,
    redo,
    pending,
    send,
    step,
    tellDone,
    async load(): Promise<void> {
      take(await callApi(undoStateSchema, '/api/undo'))
    },
  }
})
