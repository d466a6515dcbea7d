import fc from 'fast-check'
import type { z } from 'zod'
import { commandSchema } from '../core/records/registry'
import { asAdmin } from './demoServer'
import type { Route } from './everyRoute'
import { everyRoute } from './everyRoute'

export interface HostileRequest {
  method: string
  path: string
  headers: Record<string, string>
  body: string | undefined
}

/** What a shop has, so that requests come further than the first check. */
const known = [
  'EX-210',
  'HAT',
  'GLO-M',
  'SMO-M',
  'upsell',
  'related',
  'accessory',
  'product',
  'cart',
  'product-default',
  'hives',
  'en',
  '1',
  '0',
]
/** What has been trouble to somebody. */
const trouble = [
  '',
  ' ',
  '%',
  '\0',
  '__proto__',
  'constructor',
  '../../../etc/passwd',
  "' OR 1=1 --",
  '"* NEAR(a b)',
  '<script>alert(1)</script>',
  'javascript:alert(1)',
  '\uD800',
  '\u202E🐝',
  'NaN',
  '-1',
  '1e308',
  '9007199254740993',
  '2026-02-30',
  'x'.repeat(3000),
  ','.repeat(500),
  'a:'.repeat(300),
  '<!---->'.repeat(40),
]
const text = fc.oneof({ weight: 3, arbitrary: fc.constantFrom(...known) }, fc.constantFrom(...trouble), fc.string({ unit: 'binary' }))
const nested = (depth: number): unknown => (depth ? { all: [nested(depth - 1)] } : {})
const value = fc.oneof(
  text,
  fc.constantFrom<unknown>(null, true, 0, -1, 0.5, 1e308, 2 ** 53, [], {}, nested(300), Array(2000).fill('HAT')),
  fc.array(text, { maxLength: 5 }),
  fc.jsonValue({ maxDepth: 3 }),
)

type CommandSchema = z.ZodObject | { options: CommandSchema[] }
const single = (schema: CommandSchema): z.ZodObject[] => ('options' in schema ? schema.options.flatMap(single) : [schema])
const commands = single(commandSchema as unknown as CommandSchema)
/** Commands that are right in their type, and in some of what they say. */
const command = fc.constantFrom(...commands).chain(({ shape }) => {
  const { type, ...rest } = shape as Record<string, z.ZodLiteral>
  const links = fc.record({ source: text, seen: fc.array(text, { maxLength: 3 }) })
  const fields = Object.keys(rest).map(name => [name, name === 'on' ? fc.array(links, { maxLength: 3 }) : value] as const)
  return fc.record({ type: fc.constant(type!.value), ...Object.fromEntries(fields) }, { noNullPrototype: true })
})
const line = fc.record({ sku: text, quantity: fc.oneof(fc.integer({ min: -1, max: 20_000 }), value) }, { noNullPrototype: true })
const order = fc.record(
  { lines: fc.oneof(fc.array(line, { maxLength: 5 }), value), total: fc.oneof(fc.nat(), value) },
  { noNullPrototype: true },
)
const table = fc
  .tuple(
    fc.constantFrom('source,kind,target', 'sku,name,price,stock', 'sku', text),
    fc.array(fc.array(text, { maxLength: 5 }), { maxLength: 6 }),
  )
  .map(([head, rows]) => [head, ...rows.map(row => row.join())].join('\n'))

const queries = [
  ...['q', 'sku', 'kind', 'source', 'page', 'section', 'check', 'offset', 'limit', 'sort', 'brand', 'category', 'lang', 'cart', 'seen'],
  ...['at', 'draft', 'explain', 'visitor', 'found', 'lines', 'dry', 'keep', 'key', 'plan', 'before', 'of', 'links', 'stock', 'price'],
]
const query = fc.array(fc.tuple(fc.constantFrom(...queries), text), { maxLength: 4 })

/** An address with every name in it replaced, well encoded or not. */
function addressOf({ path }: Route, parts: string[], pairs: [string, string][], isEncoded: boolean): string {
  const encode = (each: string) => (isEncoded ? encodeURIComponent(Buffer.from(each).toString()) : each.replace(/[^\x21-\x7e]|[?#/]/g, '%'))
  const filled = path.replace(/\[[^\]]*\]/g, () => encode(parts.pop() ?? 'x'))
  return pairs.length ? `${filled}?${pairs.map(([name, each]) => `${name}=${encode(each)}`).join('&')}` : filled
}

/** What the studio's and the shop's own pages are found at; they are rendered from the same data. */
const pages: Route[] = [
  '/shop',
  '/shop/products/[sku]',
  '/shop/categories/[key]',
  '/shop/search',
  '/shop/cart',
  '/products/[sku]',
  '/[any]',
].map(path => ({ method: 'GET', path }))

/** Any request at all to any route there is, most of them nearly right. The server's own stream of changes never ends, and is left out. */
export const anyRequest: fc.Arbitrary<HostileRequest> = fc
  .constantFrom(...everyRoute().filter(each => each.path !== '/api/events'), ...pages)
  .chain(route =>
    fc
      .tuple(
        fc.oneof({ weight: 9, arbitrary: fc.constant(route.method) }, fc.constantFrom('GET', 'POST', 'PUT', 'DELETE', 'OPTIONS', 'HEAD')),
        fc.array(text, { minLength: 2, maxLength: 2 }),
        query,
        fc.boolean(),
        fc.oneof(command, order, value).map(each => JSON.stringify(each)),
        table,
        fc.constantFrom('application/json', 'text/csv', 'text/plain', 'application/x-www-form-urlencoded', ''),
        // Whoever may do everything comes further than whoever may do nothing.
        fc.oneof({ weight: 4, arbitrary: fc.constant(true) }, fc.constant(false)),
      )
      .map(([method, parts, pairs, isEncoded, json, csv, type, isAdmin]) => {
        const isFile = route.path.includes('import')
        const body = isFile ? csv : json
        const headers = { ...(isAdmin && asAdmin), 'content-type': type || (isFile ? 'text/csv' : 'application/json') }
        const sends = method !== 'GET' && method !== 'HEAD'
        return { method, path: addressOf(route, parts, pairs, isEncoded), headers, body: sends ? body : undefined }
      }),
  )
