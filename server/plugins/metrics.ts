import { randomUUID } from 'node:crypto'
import { IncomingMessage } from 'node:http'
import type { H3Event } from 'h3'
import { log } from '../log'
import { countRequest } from '../metrics/metrics'

/** Requests that took longer are told of, in milliseconds. */
const long = 2000
/** It is open as long as a studio is. */
const stream = '/api/events'
const areAllTold = process.env.MANADA_LOG_REQUESTS === '1'

/**
 * Counts every request that has come in, when it is answered, and tells of it in a line of the log at most: of all where that is wanted,
 * else of those that failed or took long. What was asked for is told by its route alone: addresses have carts in them, and words that open
 * drafts.
 */
export default defineNitroPlugin(({ hooks }) => {
  hooks.hook('request', event => {
    const { req, res } = event.node
    if (!(req instanceof IncomingMessage)) return
    const begun = performance.now()
    const id = idOf(event)
    setResponseHeader(event, 'x-request-id', id)
    res.once('finish', () => {
      const [took, route] = [performance.now() - begun, event.context.matchedRoute?.path ?? 'none']
      const { statusCode: status } = res
      countRequest(event.method, route, status, took / 1000)
      const told = { id, method: event.method, route, status, ms: Math.round(took) }
      if (status >= 500 && status !== 503) log.error(told, 'A request failed.')
      else if (took > long && route !== stream) log.warn(told, 'A request took long.')
      else if (areAllTold) log.info(told, 'A request.')
    })
  })
})

/** A request's own, by which a proxy of the operator's has it in its log too; or one that is made here. */
function idOf(event: H3Event): string {
  const given = getHeader(event, 'x-request-id') ?? ''
  return /^[\w.-]{8,64}$/.test(given) ? given : randomUUID()
}
