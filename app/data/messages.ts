import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { ApiProblem } from './callApi'
import { DeclinedError } from './declinedError'
import { dataWords } from './words'

const say = dataWords.messages

export interface Message {
  words: string
  /** refused: something could not be done. */
  tone: 'done' | 'refused'
  action?: { words: string; run: () => void }
}

/** What the studio tells at the foot of the window: one thing at a time. */
export const useMessages = defineStore('messages', () => {
  const current = shallowRef<Message | null>(null)

  function tell(words: string, action?: Message['action']): void {
    current.value = { words, tone: 'done', action }
  }

  function refuse(error: unknown, action?: Message['action']): void {
    if (error instanceof DeclinedError) return tell(say.nothingWasChanged)
    if (!(error instanceof ApiProblem)) console.error(error)
    const words = error instanceof ApiProblem ? error.message : say.somethingWentWrongInThe
    current.value = { words, tone: 'refused', action }
  }

  return { current, tell, refuse, clear: () => (current.value = null) }
})
