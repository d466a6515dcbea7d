import { IncomingMessage } from 'node:http'
import type { H3Event } from 'h3'
import { isPageRequest, pageRoute } from '../delivery/pageRoute'
import { isOpen } from '../running/useShop'
import { commonHeaders, publicAddress, refusalOf, shopOrigin } from '../http/door'
import { shopOriginHeaders } from '../http/shopOrigins'
import { countPage } from '../metrics/metrics'
import { limitCostly } from '../admission/limits'
import type { Problem } from '../utils/problem'
import { toProblem } from '../utils/problem'

/**
 * Everything that comes in passes here first. Pages of the delivery contract are answered before the server looks for hooks, files, rules
 * and routes: they are most of what it is asked for, and that would cost more than the answer.
 */
export default defineNitroPlugin(({ h3App }) => {
  const others = h3App.handler
  const address = publicAddress()
  h3App.handler = defineEventHandler(event => {
    const { req } = event.node
    // What the server asks of itself, while it renders a page, is in already.
    const refusal = req instanceof IncomingMessage ? refusalOf(req, isOpen()) : null
    if (refusal) return refuse(event, refusal)
    if (isPageRequest(req)) {
      countPage()
      return pageRoute(event)
    }
    setResponseHeaders(event, commonHeaders)
    // A look at what is drafted is for whoever has its address, and kept nowhere on its way.
    if (/[?&]preview=/.test(req.url ?? '')) setResponseHeaders(event, { 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex' })
    const from = shopOrigin(req.url, req.headers)
    if (from) setResponseHeaders(event, shopOriginHeaders(from))
    // A browser asks first whether it may send an order from there.
    if (from && req.method === 'OPTIONS') return void event.node.res.writeHead(204).end()
    event.context.address = address
    // Routes are looked for in a decoded address, where an encoded question mark would end the path.
    const { url = '/' } = req
    if (encodedQuestionMark.test(url)) Object.assign(req, { originalUrl: url, url: withoutQuestionMark(url) })
    // A page of the stand-in shop takes the server as long as a hundred answers to a shop of one's own.
    if (!isShopPage(url)) return others(event)
    return limitCostly(event).then(
      () => others(event) as unknown,
      (error: unknown) => refuse(event, toProblem(error, 'GET')),
    )
  })
})

const isShopPage = (url: string) => /^\/shop(?:[/?]|$)/.test(url)

const encodedQuestionMark = /^[^?]*%3f/i
/** Whatever asks for a part of the path takes it from the address as it was sent. */
const withoutQuestionMark = (url: string) => {
  const [path, ...search] = url.split('?')
  return [path!.replace(/%3f/gi, '_'), ...search].join('?')
}

/** Nothing behind the door is there yet that would send what is returned. */
function refuse({ node: { res } }: H3Event, { details, retryAfter }: Problem): void {
  const headers = {
    ...commonHeaders,
    'content-type': 'application/problem+json',
    'cache-control': 'no-store',
    'connection': 'close',
    ...(retryAfter !== null && { 'retry-after': String(retryAfter) }),
  }
  res.writeHead(details.status, headers).end(JSON.stringify(details))
}
