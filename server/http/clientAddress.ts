import type { IncomingMessage } from 'node:http'

/** How many proxies of the operator's own stand before the server, each adding whom it was asked by (MANADA_HOPS). */
const hops = Math.max(0, Math.min(10, Math.trunc(Number(process.env.MANADA_HOPS ?? 0)) || 0))

/**
 * The address that a request comes from. Of X-Forwarded-For only what the operator's own proxies have added is believed: what stands
 * before it is what anybody sent.
 */
export function clientAddress({ socket, headers }: Pick<IncomingMessage, 'socket' | 'headers'>, trusted = hops): string {
  const own = socket.remoteAddress ?? ''
  if (!trusted) return own
  const passed = [headers['x-forwarded-for'] ?? []]
    .flat()
    .join(',')
    .split(',')
    .map(each => each.trim())
  return passed.filter(Boolean).at(-trusted) ?? own
}
