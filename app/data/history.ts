import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { CommandAnswer } from '../../core/workbench/workbench'
import { commandAnswerSchema, undoStateSchema } from '../../core/workbench/workbench'
import { fewLanes } from '../../core/records/lanes/wideEdits'
import type { Command } from '../../core/records/registry'
import type { WideEdit } from '../../core/studio/wideEdit'
import { keepingCeilings, lanesAtMost, wideEditSchema } from '../../core/studio/wideEdit'
import { callApi } from './callApi'
import { DeclinedError } from './declinedError'
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
  /**
   * One edit after the other: quick ones arrive in their order.
   * @param bodyOf what is sent, asked when its turn has come; null: it is not wanted any more, and null is answered
   */
  function inTurn(path: string, bodyOf: () => Promise<object> | object): Promise<CommandAnswer>
  function inTurn(path: string, bodyOf: () => Promise<object> | object | null): Promise<CommandAnswer | null>
  function inTurn(path: string, bodyOf: () => Promise<object> | object | null): Promise<CommandAnswer | null> {
    pending.value++
    const turn = last
      .then(async () => {
        const body = await bodyOf()
        if (!body) return null
        const answer = await callApi(commandAnswerSchema, path, { method: 'POST', body })
        take(answer)
        return answer
      })
      .finally(() => pending.value--)
    last = turn.catch(() => undefined)
    return turn
  }

  /** What somebody is asked, because many lanes would be written; null: nobody is asked now. */
  const asked = shallowRef<{ wide: WideEdit; answer: (how: 'all' | 'kept' | null) => void } | null>(null)
  /** The command as somebody lets it be sent, who has seen how far it reaches. @throws DeclinedError when they don't */
  async function allowed(command: Command): Promise<Command> {
    if (lanesAtMost(command) <= fewLanes) return command
    const wide = await callApi(wideEditSchema, '/api/commands/reach', { method: 'POST', body: command })
    if (wide.all.lanes <= fewLanes) return command
    const how = await new Promise<'all' | 'kept' | null>(answer => (asked.value = { wide, answer }))
    asked.value = null
    if (how === null) throw new DeclinedError()
    return how === 'all' ? command : keepingCeilings(command)
  }

  /** @throws ApiProblem when the command was refused; DeclinedError when somebody was asked, and left it */
  const send = (command: Command) => inTurn('/api/commands', () => allowed(command))

  /** Undoes or redoes, or takes one entry of the history back. A second click on the last undo has nothing left to do, and says nothing. */
  async function step(to: 'undo' | 'redo' | { revert: number }): Promise<CommandAnswer | null> {
    try {
      if (typeof to !== 'string') return await inTurn('/api/history/revert', () => ({ entry: to.revert }))
      const isQueued = pending.value > 0
      return await inTurn(`/api/${to}`, () => (!isQueued || (to === 'undo' ? undo : redo).value !== null ? {} : null))
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
    asked,
    /** @param how with ceilings kept, past them too, or not at all */
    answerAsked: (how: 'all' | 'kept' | null) => asked.value?.answer(how),
    send,
    step,
    tellDone,
    async load(): Promise<void> {
      take(await callApi(undoStateSchema, '/api/undo'))
    },
  }
})
