import { request as httpRequest } from 'node:http'
import { asAdmin } from './demoServer'
import sqlite3 from 'sqlite3'
import { databaseFile } from '../server/store/sqlite/database'
import { expect, test } from './test'

interface Answer {
  status: number
  headers: Record<string, string | string[] | undefined>
  text: string
}

/** A request with any headers, also those that browsers don't let a page set. */
const ask = (url: string, method: string, headers: Record<string, string>, body = '') =>
  new Promise<Answer>((resolve, reject) => {
    const sent = httpRequest(url, { method, headers }, answer => {
      let text = ''
      answer.setEncoding('utf8').on('data', (piece: string) => (text += piece))
      answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, text }))
    })
    sent.on('error', reject)
    sent.end(body)
  })

const publicPage = '/api/shop/v1/pages/product/EX-210'

test('only names that the server is known by are answered, on every way in', async ({ baseURL }) => {
  for (const path of ['/products', '/shop', '/api/products', publicPage, '/_nuxt/none.js', '/pictures/ex-210.svg']) {
    const status = async (host: string) => (await ask(`${baseURL}${path}`, 'GET', { host })).status
    expect(await status('localhost:4310'), path).toBe((await ask(`${baseURL}${path}`, 'GET', {})).status)
    expect(await status('evil.example'), path).toBe(421)
    for (const host of ['a b', '[', 'user@localhost']) expect(await status(host), `${path} as ${host}`).toBe(400)
  }
})

test('pages of other servers can’t have anything written', async ({ baseURL }) => {
  const upsells = async () => {
    const { products } = (await (await fetch(`${baseURL}/api/bench?sku=HAT`, { headers: asAdmin })).json()) as {
      products: { lanes: Record<string, { target: string }[]> }[]
    }
    return products[0]!.lanes.upsell!.map(each => each.target)
  }
  const body = JSON.stringify({ type: 'link', kind: 'upsell', on: [{ source: 'HAT', seen: await upsells() }], targets: ['GAIT'] })
  const headers = { ...asAdmin, 'content-type': 'application/json', 'content-length': String(Buffer.byteLength(body)) }
  const origins: Record<string, string>[] = [
    { 'sec-fetch-site': 'cross-site' },
    { 'sec-fetch-site': 'same-site' },
    { origin: 'http://evil.example' },
    { origin: 'null' },
  ]
  for (const from of origins) {
    const answer = await ask(`${baseURL}/api/commands`, 'POST', { ...headers, ...from }, body)
    expect(answer.status).toBe(403)
    expect(JSON.parse(answer.text)).toMatchObject({ type: 'urn:manada:problem:foreign-origin' })
  }
  expect(await upsells()).not.toContain('GAIT')
  // The same from a program, which says nothing of where it is, is done.
  expect((await ask(`${baseURL}/api/commands`, 'POST', headers, body)).status).toBe(200)
  expect(await upsells()).toContain('GAIT')
})

test('every answer says what may be done with it', async ({ baseURL }) => {
  for (const path of [
    '/products',
    '/shop',
    '/shop/products/EX-210',
    '/nowhere',
    '/api/products',
    '/api/nowhere',
    publicPage,
    '/pictures/none.svg',
  ]) {
    const { headers } = await ask(`${baseURL}${path}`, 'GET', { accept: 'text/html,*/*' })
    expect(headers['x-content-type-options'], path).toBe('nosniff')
    expect(headers['x-powered-by'], path).toBeUndefined()
    if (path !== publicPage) expect(headers['referrer-policy'], path).toBe('same-origin')
    expect(headers['strict-transport-security'], 'not without TLS').toBeUndefined()
  }
})

test('pages run the application’s scripts and no others, and still work', async ({ page }) => {
  const violations: string[] = []
  page.on('console', message => message.text().includes('Content Security Policy') && violations.push(message.text()))
  for (const path of ['/products/EX-210', '/sections', '/shop', '/shop/products/EX-210', '/shop/cart', '/shop/products/NOT-THERE']) {
    const answer = (await page.goto(path))!
    const policy = answer.headers()['content-security-policy']!
    const nonce = /script-src 'self' 'nonce-([^']+)';/.exec(policy)![1]!
    expect(policy).toContain("frame-ancestors 'self'")
    const scripts = (await answer.text()).match(/<script\b[^>]*>/g)!
    for (const script of scripts) expect(script.includes(' src=') || script.includes(`nonce="${nonce}"`), script).toBe(true)
    await page.waitForLoadState('networkidle')
  }
  await page.goto('/shop/products/EX-210')
  const ran = await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'document.title = "taken over"'
    document.body.append(script)
    return document.title
  })
  expect(ran).not.toBe('taken over')
  expect(violations).toHaveLength(1)
})

test('an uploaded picture that is opened on its own is in a sandbox', async ({ page, baseURL }) => {
  const svg =
    '<svg xmlns="http://www.w3.org/2000/svg"><script>document.title = "taken over"</script>' +
    '<foreignObject><form xmlns="http://www.w3.org/1999/xhtml" action="/shop"><input/></form></foreignObject></svg>'
  const sent = await page.request.post('/api/pictures', { data: Buffer.from(svg), headers: { 'content-type': 'image/svg+xml' } })
  const { image } = (await sent.json()) as { image: string }
  const { headers } = await ask(`${baseURL}${image}`, 'GET', {})
  expect(headers['content-security-policy']).toMatch(/default-src 'none';.* form-action 'none'; sandbox$/)
  await page.goto(image)
  expect(await page.title()).not.toBe('taken over')
})

test('what no text can have in it is refused where it comes in', async ({ baseURL }) => {
  for (const path of [
    '/api/products?q=a%00b',
    '/api/shop/v1/catalogue/search?q=a%00b',
    `${publicPage}?visitor=%00`,
    '/api/bundles/%00/orders',
    '/api/shop/v1/pages/product/%00',
    '/pictures/%00',
    '/pictures/%',
    '/pictures/%E0%A4%A',
  ])
    expect((await fetch(`${baseURL}${path}`, { headers: asAdmin })).status, path).toBe(400)
  const deep = { when: { all: [] }, pick: { any: Array.from({ length: 8000 }, () => ({ newer: true })) } }
  const counted = await fetch(`${baseURL}/api/rules/count`, {
    method: 'POST',
    headers: { ...asAdmin, 'content-type': 'application/json' },
    body: JSON.stringify({ rule: deep, source: 'EX-210' }),
  })
  expect(counted.status).toBe(400)
  expect(await counted.text()).toContain('A rule has at most 100 conditions altogether.')
})

test('a server says that it lives before it is ready, and has nobody wait for that', async ({ freshShop, baseURL }) => {
  await freshShop.stop()
  const seen = { live: new Set<number>(), ready: new Set<number>(), page: new Set<number>() }
  const starting = freshShop.start()
  const ask = async (path: string, statuses: Set<number>) => {
    const answer = await fetch(`${baseURL}${path}`).catch(() => null)
    if (answer) statuses.add(answer.status)
    if (answer?.status === 503) expect(answer.headers.get('retry-after')).toBe('2')
    return answer?.status === 200
  }
  await expect
    .poll(
      async () => {
        await ask('/api/health/live', seen.live)
        await ask(publicPage, seen.page)
        return ask('/api/health/ready', seen.ready)
      },
      { intervals: [1] },
    )
    .toBe(true)
  await starting
  expect([...seen.live]).toEqual([200])
  expect([...seen.ready]).toEqual([503, 200])
  expect([...seen.page].filter(status => status !== 503 && status !== 200)).toEqual([])
})

test('pages of the stand-in shop, which cost the most, are made for an address as often as can be borne', async ({ freshShop }) => {
  await freshShop.stop()
  await freshShop.start('hidden', { MANADA_COSTLY_A_SECOND: '3' })
  const ask = async (path: string) => {
    const answer = await fetch(`${freshShop.url}${path}`)
    await answer.arrayBuffer()
    return answer.status === 429 ? `429, again after ${answer.headers.get('retry-after')} s` : answer.status
  }
  const pages = await Promise.all(Array.from({ length: 12 }, () => ask('/shop')))
  expect(pages.filter(each => each === '429, again after 1 s').length).toBeGreaterThan(0)
  expect(pages.filter(each => each === 200).length).toBeGreaterThanOrEqual(3)
  // Whoever fetches sections for a shop of their own is not kept waiting.
  expect(await Promise.all(Array.from({ length: 20 }, () => ask('/api/shop/v1/pages/product/EX-210')))).toEqual(Array(20).fill(200))
})

test('a second server on the same data folder says who has it, and stops', async ({ freshShop }) => {
  const { code, words } = await freshShop.startAnother()
  expect(code).toBe(1)
  expect(words).toMatch(/is open already: process \d+ on .* has it\. Stop that one first/)
})

test('damage that a quick look at the start does not find is told to whoever watches, and to whoever works', async ({
  page,
  freshShop,
}) => {
  await freshShop.stop()
  const database = new sqlite3.Database(databaseFile(freshShop.folder))
  await new Promise<void>((done, failed) =>
    // While the index is hidden it does not follow a change.
    database.exec(
      `PRAGMA writable_schema = ON;
       CREATE TABLE hidden AS SELECT * FROM sqlite_master WHERE name = 'variants_of_product';
       DELETE FROM sqlite_master WHERE name = 'variants_of_product';
       PRAGMA writable_schema = RESET;
       UPDATE variants SET position = position + 100 WHERE rowid = (SELECT min(rowid) FROM variants);
       PRAGMA writable_schema = ON;
       INSERT INTO sqlite_master SELECT * FROM hidden;
       PRAGMA writable_schema = RESET;
       DROP TABLE hidden`,
      error => (error ? failed(error) : done()),
    ),
  )
  await new Promise(done => database.close(done))
  await freshShop.start('hidden')
  const ready = () => fetch(`${freshShop.url}/api/health/ready`).then(answer => answer.json())
  await expect.poll(ready).toEqual({ ready: true, troubles: ['damaged'] })
  await page.goto('/products')
  await expect(page.locator('.trouble')).toContainText('The shop’s file is damaged. Shoppers are answered as before')
})
