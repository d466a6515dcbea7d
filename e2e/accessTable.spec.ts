import type { Role } from '../core/access/roles'
import { roles } from '../core/access/roles'
import type { Scope } from '../core/access/scopes'
import { scopes } from '../core/access/scopes'
import { asAdmin } from './demoServer'
import type { Route } from './everyRoute'
import { everyRoute } from './everyRoute'
import { inviteAs, password } from './signIn'
import { expect, test } from './test'

/** What each route takes, written down by hand: nothing, a role, or a role of a person or else a scope of a program. */
const table: Record<string, 'nothing' | Role | [Role, Scope]> = {
  'GET /api/[...]': 'nothing',
  'GET /api/account/sessions': 'viewer',
  'POST /api/account': 'viewer',
  'GET /api/account/passkeys': 'viewer',
  'POST /api/account/passkeys': 'viewer',
  'DELETE /api/account/passkeys/[id]': 'viewer',
  'POST /api/account/passkeys/options': 'viewer',
  'POST /api/account/passkeys/own': 'viewer',
  'POST /api/account/password': 'viewer',
  'POST /api/account/sessions/end': 'viewer',
  'GET /api/bench': 'viewer',
  'GET /api/bundles': 'viewer',
  'GET /api/bundles/[sku]': 'viewer',
  'GET /api/bundles/[sku]/orders': 'viewer',
  'GET /api/bundles/items': 'viewer',
  'GET /api/checks': 'viewer',
  'GET /api/checks/findings': 'viewer',
  'GET /api/checks/putAside': 'viewer',
  'POST /api/commands': 'editor',
  'POST /api/commands/reach': 'editor',
  'GET /api/drafts': 'viewer',
  'GET /api/events': 'viewer',
  'GET /api/exchange': 'viewer',
  'GET /api/exchange/export': ['viewer', 'exchange:read'],
  'POST /api/exchange/import': ['publisher', 'exchange:write'],
  'DELETE /api/exchange/jobs/[job]': ['publisher', 'exchange:write'],
  'GET /api/exchange/jobs/[job]': ['publisher', 'exchange:write'],
  'GET /api/exchange/set-up.schema.json': ['viewer', 'exchange:read'],
  'GET /api/exchange/set-up': ['viewer', 'exchange:read'],
  'POST /api/exchange/set-up': ['publisher', 'exchange:write'],
  'GET /api/facets': 'viewer',
  'GET /api/health/live': 'nothing',
  'GET /api/health/ready': 'nothing',
  'GET /api/history': 'viewer',
  'POST /api/history/revert': 'editor',
  'POST /api/join': 'nothing',
  'POST /api/join/invitation': 'nothing',
  'GET /api/kinds': 'viewer',
  'GET /api/me': 'nothing',
  'GET /api/metrics': ['admin', 'results:read'],
  'GET /api/openapi.json': 'nothing',
  'GET /api/offers/[key]/example': 'viewer',
  'GET /api/orders': 'viewer',
  'GET /api/orders/[number]': 'viewer',
  'GET /api/pageRows': 'viewer',
  'GET /api/people': 'admin',
  'DELETE /api/people/[id]': 'admin',
  'POST /api/people/[id]/role': 'admin',
  'DELETE /api/people/invitations/[id]': 'admin',
  'POST /api/people/invite': 'admin',
  'POST /api/pictures': 'editor',
  'GET /api/plans/counts': 'viewer',
  'GET /api/plans/for': 'viewer',
  'GET /api/plans/pages': 'viewer',
  'GET /api/plans/review': 'viewer',
  'GET /api/preview-token': 'viewer',
  'GET /api/products': 'viewer',
  'GET /api/products/named': 'viewer',
  'GET /api/products/variants': 'viewer',
  'POST /api/redo': 'editor',
  'GET /api/releases': 'viewer',
  'GET /api/releases/[number]': 'viewer',
  'POST /api/releases/effects': 'viewer',
  'POST /api/rules/count': 'viewer',
  'GET /api/sections/fill': 'viewer',
  'GET /api/sections/fillList': 'viewer',
  'GET /api/sections/try': 'viewer',
  'GET /api/shop': 'viewer',
  'POST /api/shop/v1/cart': 'nothing',
  'GET /api/shop/v1/catalogue': 'nothing',
  'GET /api/shop/v1/catalogue/articles/[key]': 'nothing',
  'GET /api/shop/v1/catalogue/brands/[name]': 'nothing',
  'GET /api/shop/v1/catalogue/categories/[key]': 'nothing',
  'GET /api/shop/v1/catalogue/lines': 'nothing',
  'GET /api/shop/v1/catalogue/products/[sku]': 'nothing',
  'GET /api/shop/v1/catalogue/search': 'nothing',
  'GET /api/shop/v1/openapi.json': 'nothing',
  'POST /api/shop/v1/orders': 'nothing',
  'GET /api/shop/v1/pages/added/[sku]': 'nothing',
  'GET /api/shop/v1/pages/article/[key]': 'nothing',
  'GET /api/shop/v1/pages/cart': 'nothing',
  'GET /api/shop/v1/pages/category/[key]': 'nothing',
  'GET /api/shop/v1/pages/home': 'nothing',
  'GET /api/shop/v1/pages/ordered': 'nothing',
  'GET /api/shop/v1/pages/product/[sku]': 'nothing',
  'GET /api/shop/v1/pages/search': 'nothing',
  'POST /api/sign-in': 'nothing',
  'POST /api/sign-in/passkey': 'nothing',
  'POST /api/sign-in/passkey/options': 'nothing',
  'GET /api/suggestions': 'viewer',
  'GET /api/tokens': 'admin',
  'POST /api/tokens': 'admin',
  'DELETE /api/tokens/[id]': 'admin',
  'GET /api/undo': 'viewer',
  'POST /api/undo': 'editor',
  'GET /pictures/[name]': 'nothing',
  'GET /pictures/composed': 'nothing',
  // Last: whoever asks is somebody else, or signed out.
  'POST /api/sign-in/demo': 'nothing',
  'POST /api/sign-out': 'nothing',
}
/** With a query, what is public becomes a question of who asks. */
const drafts: Record<string, [Role, Scope]> = Object.fromEntries(
  [
    'GET /api/shop/v1/pages/product/EX-210?draft=1',
    'GET /api/shop/v1/pages/product/EX-210?explain=1',
    'GET /api/shop/v1/pages/home?draft=1&explain=1',
    'GET /api/shop/v1/catalogue?draft=1',
    'GET /api/shop/v1/catalogue/lines?skus=EX-210&draft=1',
    'GET /api/shop/v1/catalogue/products/EX-210?draft=1',
    'POST /api/shop/v1/cart?draft=1',
  ].map(route => [route, ['viewer', 'draft:read']]),
)

interface Asking {
  name: string
  headers: Record<string, string>
  role?: Role
  scope?: Scope
}

/** Asks with nothing in the body and names that nobody has, so that whoever is let in changes nothing. */
async function ask(url: string, { method, path }: Route, headers: Record<string, string>): Promise<Response> {
  const closing = new AbortController()
  const sends = method !== 'GET'
  const answer = await fetch(`${url}${path.replace(/\[[^\]]*\]/g, 'none')}`, {
    method,
    headers: { ...headers, ...(sends && { 'content-type': 'application/json' }) },
    body: sends ? '{}' : undefined,
    signal: closing.signal,
  })
  // The stream of changes has no end.
  if (path === '/api/events') closing.abort()
  else await answer.arrayBuffer()
  return answer
}

function expected(need: (typeof table)[string], { role, scope }: Asking): 'let in' | 401 | 403 {
  if (need === 'nothing') return 'let in'
  const [needed, named] = typeof need === 'string' ? [need] : need
  if (role) return roles.indexOf(role) >= roles.indexOf(needed) ? 'let in' : 403
  if (scope) return scope === named ? 'let in' : 403
  return 401
}

test('every route lets in whom it should, and nobody else', async ({ context, freshShop: { url } }) => {
  test.setTimeout(120_000)
  const routes = everyRoute().map(each => `${each.method} ${each.path}`)
  expect(Object.keys(table).toSorted(), 'the table has every route').toEqual(routes.toSorted())

  const post = async (path: string, body: object, headers = {}) =>
    fetch(`${url}${path}`, { method: 'POST', headers: { 'content-type': 'application/json', ...headers }, body: JSON.stringify(body) })
  const askers: Asking[] = [{ name: 'nobody', headers: {} }]
  for (const role of roles) {
    const key = await inviteAs(context, url, role)
    const joined = await post('/api/join', { key, name: role, email: `${role}@demo.example`, password })
    const [cookie] = joined.headers.getSetCookie()
    askers.push({ name: role, role, headers: { cookie: cookie!.split(';', 1)[0]! } })
  }
  for (const scope of scopes) {
    const { token } = (await (await post('/api/tokens', { name: scope, scopes: [scope], days: 30 }, asAdmin)).json()) as { token: string }
    askers.push({ name: scope, scope, headers: { authorization: `Bearer ${token}` } })
  }
  askers.push({ name: 'a made-up token', headers: { authorization: 'Bearer manada_made-up' } })
  askers.push({ name: 'a made-up session', headers: { cookie: 'manada-session=made-up' } })

  const wrong: string[] = []
  for (const [route, need] of [...Object.entries(drafts), ...Object.entries(table)])
    for (const asker of askers) {
      const [method, path] = route.split(' ') as [string, string]
      const { status, headers } = await ask(url, { method, path }, asker.headers)
      const isIn = status !== 401 && status !== 403
      const told = isIn ? 'let in' : status
      if (told !== expected(need, asker)) wrong.push(`${route} as ${asker.name}: ${status}`)
      if (status >= 500) wrong.push(`${route} as ${asker.name}: ${status}`)
      // What depends on who asks is kept by nobody on its way; a refusal says how to be let in.
      if (isIn && need !== 'nothing' && !/no-store/.test(headers.get('cache-control') ?? '')) wrong.push(`${route} may be kept`)
      if (status === 401 && headers.get('www-authenticate') !== 'Bearer') wrong.push(`${route} does not say how to be let in`)
    }
  expect(wrong).toEqual([])
})

test('every route that programs may use is in an OpenAPI document', async ({ request }) => {
  const paths = ['/api/openapi.json', '/api/shop/v1/openapi.json']
  const documents = (await Promise.all(paths.map(async path => (await request.get(path)).json()))) as { paths: Record<string, object> }[]
  const named = new Set(
    documents.flatMap(each =>
      Object.entries(each.paths).flatMap(([path, operations]) =>
        Object.keys(operations).map(method => `${method.toUpperCase()} ${path.replaceAll('{', '[').replaceAll('}', ']')}`),
      ),
    ),
  )
  const forPrograms = Object.entries(table).filter(([route, need]) => typeof need !== 'string' || route.includes('/api/shop/v1/'))
  expect(forPrograms.map(([route]) => route).filter(route => !named.has(route) && !route.endsWith('/openapi.json'))).toEqual([])
})

test('whoever was given a preview token sees drafts, and nothing else', async ({ request, freshShop: { url } }) => {
  const { token } = (await (await request.get('/api/preview-token')).json()) as { token: string }
  const status = async (path: string) => (await fetch(`${url}${path}`)).status
  const pages = '/api/shop/v1/pages/product/EX-210'
  expect(await status(`${pages}?draft=1&preview=${token}`)).toBe(200)
  expect(await status(`${pages}?draft=1&preview=${token}x`)).toBe(401)
  expect(await status(`${pages}?explain=1&preview=${token}`)).toBe(401)
  expect(await status(`/api/bench?sku=EX-210&preview=${token}`)).toBe(401)
  // The shop's own page, as the server renders it.
  expect(await status(`/shop/products/EX-210?draft=1&preview=${token}`)).toBe(200)
  expect(await status('/shop/products/EX-210?draft=1&preview=1')).not.toBe(200)
  const { headers } = await fetch(`${url}/shop/products/EX-210?draft=1&preview=${token}`)
  expect([headers.get('cache-control'), headers.get('x-robots-tag')]).toEqual(['private, no-store', 'noindex'])
})

test('shoppers are told nothing of what is drafted, nor how many there are of anything', async ({ request, freshShop: { url } }) => {
  const csv = 'sku,name,price,stock,status,category\nNEW-HIVE,Not yet a hive,99.00,777,draft,Hives\n'
  const sent = await request.post('/api/exchange/import?kind=products', { data: csv, headers: { 'content-type': 'text/csv' } })
  expect(await sent.json()).toMatchObject({ created: 1 })
  const base = `${url}/api/shop/v1`
  for (const path of ['/catalogue/products/NEW-HIVE', '/pages/product/NEW-HIVE', '/pages/added/NEW-HIVE']) {
    expect((await fetch(base + path)).status, path).toBe(404)
    expect((await request.get(`${base}${path}?draft=1`)).status(), path).toBe(200)
  }
  expect((await fetch(`${url}/shop/products/NEW-HIVE`)).status).toBe(404)
  for (const path of ['/catalogue/lines?skus=NEW-HIVE,HAT', '/catalogue/search?q=hive', '/catalogue/categories/hives?limit=200'])
    expect(await (await fetch(base + path)).text(), path).not.toContain('NEW-HIVE')
  // A section without any guard shows none either.
  const link = { type: 'link', kind: 'related', on: [{ source: 'HAT' }], targets: ['NEW-HIVE'], place: 1 }
  expect((await request.post('/api/commands', { data: link })).status()).toBe(200)
  const open = { type: 'changeSection', key: 'related', settings: { guards: [] }, seen: {} }
  expect((await request.post('/api/commands', { data: open })).status()).toBe(200)
  expect((await request.post('/api/commands', { data: { type: 'publish', sections: ['related'], plans: [] } })).status()).toBe(200)
  expect(await (await fetch(`${base}/pages/product/HAT`)).text()).not.toContain('NEW-HIVE')

  // Numbers that only a stock has: none of them stands in what shoppers get.
  const counted = 'sku,stock\nEX-210,73951\nHAT,73951\nSMO-M,73951\n'
  await request.post('/api/exchange/import?kind=products', { data: counted, headers: { 'content-type': 'text/csv' } })
  for (const path of ['/pages/product/EX-210', '/catalogue/products/EX-210', '/catalogue/lines?skus=HAT', '/catalogue/search?q=smoker'])
    expect(await (await fetch(base + path)).text(), path).not.toContain('73951')
  const cart = await fetch(`${base}/cart`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ lines: Array.from({ length: 9 }, () => ({ sku: 'HAT', quantity: 9999 })) }),
  })
  expect(await cart.text()).not.toMatch(/"available"|3960|73951/)
})

test('the server tells how it does: requests by route, pages, memory, the loop, writes that wait, studios', async ({
  request,
  freshShop: { url },
}) => {
  for (let i = 0; i < 3; i++) await fetch(`${url}/api/shop/v1/pages/product/EX-210`)
  await fetch(`${url}/api/products`)
  const text = await (await request.get('/api/metrics')).text()
  const value = (name: string) => Number(new RegExp(`^${name.replace(/[{}]/g, '\\$&')} (\\S+)$`, 'm').exec(text)?.[1])
  expect(value('manada_pages_total')).toBeGreaterThanOrEqual(3)
  expect(value('manada_products')).toBeGreaterThan(150)
  expect(value('manada_request_seconds_count{method="GET",route="/api/products",status="4xx"}')).toBeGreaterThanOrEqual(1)
  for (const name of [
    'manada_process_resident_memory_bytes',
    'manada_nodejs_eventloop_lag_p99_seconds',
    'manada_writes_waiting',
    'manada_studios',
  ])
    expect(value(name), name).toBeGreaterThanOrEqual(0)
  // Nothing of what shoppers asked for.
  expect(text).not.toContain('EX-210')
})
