import { IncomingMessage } from 'node:http'
import type { H3Event } from 'h3'
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { clientAddress } from '../http/clientAddress'
import { Problem } from '../utils/problem'

/** A whole number of the environment, or what it is without. */
const setting = (name: string, without: number) => Math.max(1, Math.trunc(Number(process.env[name])) || without)

const orders = new RateLimiterMemory({ points: setting('MANADA_ORDERS_A_MINUTE', 20), duration: 60 })
const costly = new RateLimiterMemory({ points: setting('MANADA_COSTLY_A_SECOND', 40), duration: 1 })

/**
 * Counts an order of an address, or of a visitor.
 * @throws Problem with 429, and when to come again
 */
export const limitOrders = (whose: string) =>
  count(orders, whose, 'There were too many orders from here in this minute. Nothing was ordered.')

/**
 * Counts a public request that costs more than a look at what is ready, such as a search.
 * @throws Problem with 429, and when to come again
 */
export async function limitCostly(event: H3Event): Promise<void> {
  // What the server asks of itself, while it renders a page, is nobody's.
  if (event.node.req instanceof IncomingMessage)
    await count(costly, clientAddress(event.node.req), 'There were too many requests from here in this second.')
}

async function count(limiter: RateLimiterMemory, whose: string, words: string): Promise<void> {
  await limiter.consume(whose).catch((refused: unknown) => {
    if (!(refused instanceof RateLimiterRes)) throw refused
    throw new Problem(429, 'too-many', 'Too many requests', words, [], Math.ceil(refused.msBeforeNext / 1000))
  })
}
