import { everyRoute } from './everyRoute'
import { asAdmin } from './demoServer'
import { expect, test } from './test'

const pages = ['/', '/products', '/sections', '/people', '/sign-in', '/shop', '/shop/products/EX-210', '/nowhere', '/licences.txt']
/** Of every answer. */
const always: Record<string, RegExp> = {
  'x-content-type-options': /^nosniff$/,
  'referrer-policy': /^same-origin$/,
  'permissions-policy': /camera=\(\).*geolocation=\(\).*microphone=\(\)/,
  'x-frame-options': /^SAMEORIGIN$/,
}
const never = ['x-powered-by', 'server', 'access-control-allow-origin', 'access-control-allow-credentials']
/** What the stand-in shop’s own scripts keep in the browser. */
const ofShop = /^shop-(cart|cart-2|cart-3|seen|language)=/

/**
 * What is wrong with the headers and cookies of an answer.
 * @param tls whether people reach the server by TLS
 */
function faultsOf(path: string, { headers }: Response, tls: boolean): string[] {
  const faults: string[] = []
  // Pages of the delivery contract are data that other programs ask for.
  const isDelivered = path.startsWith('/api/shop/v1/pages/')
  const isForAnyPage = path.startsWith('/api/shop/v1/')
  for (const [name, expected] of Object.entries(always))
    if (!expected.test(headers.get(name) ?? '') && (!isDelivered || name === 'x-content-type-options'))
      faults.push(`${name} is ${headers.get(name)}`)
  for (const name of never) if (headers.has(name) && !(isForAnyPage && name === 'access-control-allow-origin')) faults.push(`has ${name}`)
  if (headers.has('strict-transport-security') !== (tls && !isDelivered)) faults.push('strict-transport-security')
  if (headers.get('content-type')?.startsWith('text/html')) {
    const policy = headers.get('content-security-policy') ?? ''
    const scripts = (/script-src ([^;]*)/.exec(policy) ?? /default-src ([^;]*)/.exec(policy))?.[1] ?? 'unsafe'
    if (/unsafe|\*|https?:/.test(scripts)) faults.push(`scripts from ${scripts}`)
    for (const part of [/frame-ancestors 'self'/, /object-src 'none'/, /base-uri '(none|self)'/])
      if (!part.test(policy)) faults.push(`no ${part}`)
  }
  for (const cookie of headers.getSetCookie()) {
    if (!/; HttpOnly/i.test(cookie) && !ofShop.test(cookie)) faults.push(`a script may read ${cookie}`)
    if (!/; SameSite=(Lax|Strict)/i.test(cookie)) faults.push(`other pages may send ${cookie}`)
    if (/; Secure/i.test(cookie) !== tls) faults.push(`Secure of ${cookie}`)
    if (/; Domain=/i.test(cookie)) faults.push(`other hosts are sent ${cookie}`)
  }
  return faults
}

for (const [reached, address] of [
  ['without TLS', ''],
  ['behind TLS', 'https://studio.example'],
])
  test(`no answer of any route has a header or a cookie that it should not have, or lacks one, ${reached}`, async ({ freshShop }) => {
    if (address) {
      await freshShop.stop()
      await freshShop.start('hidden', { MANADA_ADDRESS: address })
    }
    const routes = everyRoute().filter(each => each.path !== '/api/events')
    const asked = [
      ...pages.map(path => ({ method: 'GET', path })),
      ...routes.map(each => ({ ...each, path: each.path.replace(/\[[^\]]*\]/g, 'none') })),
    ]
    let cookies = 0
    const faults: string[] = []
    for (const { method, path } of asked)
      for (const headers of [{}, asAdmin]) {
        const sends = method !== 'GET'
        const answer = await fetch(freshShop.url + path, {
          method,
          redirect: 'manual',
          headers: { accept: 'text/html,*/*', ...headers, ...(sends && { 'content-type': 'application/json' }) },
          body: sends ? '{}' : undefined,
        })
        await answer.arrayBuffer()
        cookies += answer.headers.getSetCookie().length
        faults.push(...faultsOf(path, answer, address !== '').map(each => `${method} ${path} ${answer.status}: ${each}`))
      }
    expect(faults).toEqual([])
    expect(cookies).toBeGreaterThan(0)
  })
