import type { EventHandler, H3Event } from 'h3'
import type { Asker, Need } from '../../core/access/access'
import { admit } from './admit'
import { answerProblem, toProblem } from '../utils/problem'

/**
 * A handler for those who are let do what it does, whose errors are answered as problem details.
 * @param need what that takes
 * @param handler is told who asks; of what takes nothing, nobody looks
 */
export function api<T>(need: Need, handler: (event: H3Event, asker: Asker) => T | Promise<T>): EventHandler {
  return defineEventHandler(async event => {
    try {
      const asker = await admit(event, need)
      // What depends on who asks is kept nowhere on its way.
      if (need !== 'nothing') setResponseHeader(event, 'cache-control', 'private, no-store')
      return await handler(event, asker)
    } catch (error) {
      return answerProblem(event, toProblem(error, event.method))
    }
  })
}
