import { randomUUID } from 'node:crypto'
import { openApi } from './openApi'
import { expect, test } from './test'

const base = '/api/shop/v1'

test('every answer is as the document says', async ({ request }) => {
  const { check } = await openApi(request, `${base}/openapi.json`)
  const routes: [path: string, url: string, status: number][] = [
    [
      '/pages/product/{sku}',
      '/pages/product/EX-210?cart=STR-240:2,GONE&seen=UF-21&visitor=v&lang=de&at=2026-05-01T10:00:00Z&draft=1&explain=1',
      200,
    ],
    ['/pages/product/{sku}', '/pages/product/JKT-SAG-M', 200],
    ['/pages/cart', '/pages/cart?cart=EX-210,SMO-M:3', 200],
    ['/pages/cart', '/pages/cart?explain=1', 200],
    ['/pages/added/{sku}', '/pages/added/SMO-M?cart=SMO-M', 200],
    ['/pages/category/{key}', '/pages/category/tools?cart=EX-210&explain=1', 200],
    ['/pages/article/{key}', '/pages/article/taking-honey?explain=1', 200],
    ['/pages/home', '/pages/home?seen=SMO-M&explain=1', 200],
    ['/pages/search', '/pages/search?q=smoker&found=SMO-M,GONE&explain=1', 200],
    ['/pages/search', '/pages/search', 200],
    ['/pages/search', '/pages/search?found=a%20b%2Fc%3A', 400],
    ['/pages/ordered', '/pages/ordered?lines=SMO-M:2,EX-210&explain=1', 200],
    ['/pages/ordered', '/pages/ordered?lines=SMO-M:0', 400],
    ['/catalogue/search', '/catalogue/search?q=smok&limit=3', 200],
    ['/catalogue/search', '/catalogue/search', 400],
    ['/catalogue', '/catalogue?lang=de', 200],
    ['/catalogue/products/{sku}', '/catalogue/products/JKT', 200],
    ['/catalogue/categories/{key}', '/catalogue/categories/extraction?limit=5', 200],
    ['/catalogue/articles/{key}', '/catalogue/articles/which-jar', 200],
    ['/catalogue/brands/{name}', '/catalogue/brands/Larkmoor', 200],
    ['/catalogue/brands/{name}', '/catalogue/brands/Unheard', 404],
    ['/pages/category/{key}', '/pages/category/extractors?explain=1', 200],
    ['/catalogue/lines', '/catalogue/lines?skus=JKT-SAG-M,EX-210,GONE', 200],
    ['/pages/product/{sku}', '/pages/product/GONE', 404],
    ['/pages/product/{sku}', '/pages/product/a%2Fb%3F%23%20ü', 404],
    ['/pages/added/{sku}', '/pages/added/GONE', 404],
    ['/pages/category/{key}', '/pages/category/gone', 404],
    ['/pages/article/{key}', '/pages/article/gone', 404],
    ['/pages/product/{sku}', '/pages/product/%ff', 400],
    ['/pages/product/{sku}', '/pages/product/EX-210?at=yesterday', 400],
    ['/pages/cart', '/pages/cart?cart=EX-210:0', 400],
    ['/pages/cart', '/pages/cart?cart=EX-210:1:1', 400],
    ['/pages/cart', '/pages/cart?lang=klingonish_x', 400],
    ['/pages/cart', '/pages/cart?explain=yes', 400],
    ['/catalogue/categories/{key}', '/catalogue/categories/tools?limit=0', 400],
  ]
  for (const [path, url, status] of routes) {
    await test.step(url, async () => {
      const answer = await request.get(base + url)
      expect(answer.status()).toBe(status)
      await check(base + path, answer)
    })
  }
  const sent: [path: string, body: object, status: number][] = [
    [
      '/cart',
      {
        lines: [
          { sku: 'LOG-1', quantity: 2 },
          { sku: 'FUEL', quantity: 1 },
          { sku: 'EX-210', quantity: 9999 },
        ],
      },
      200,
    ],
    ['/cart', { lines: [{ sku: 'LOG-1' }] }, 400],
    ['/orders', { lines: [{ sku: 'LOG-1', quantity: 2 }], total: 1900 }, 201],
    ['/orders', { lines: [{ sku: 'LOG-1', quantity: 2 }], total: 5 }, 409],
    ['/orders', { lines: [] }, 400],
  ]
  for (const [path, data, status] of sent) {
    await test.step(`${path} ${JSON.stringify(data)}`, async () => {
      const answer = await request.post(base + path, { data, headers: { 'idempotency-key': randomUUID() } })
      expect(answer.status()).toBe(status)
      await check(base + path, answer, 'post')
    })
  }
})

test('an answer says what is shown, in the language asked for, and why the rest is not', async ({ request }) => {
  const answer = await (await request.get(`${base}/pages/product/EX-410?cart=STR-280&lang=de-AT&explain=1`)).json()
  expect(answer.page).toEqual({ kind: 'product', subjects: ['EX-410'] })
  expect(answer.plan).toEqual({ key: 'product-default', name: 'Product page' })
  expect(answer.sections[0]).toMatchObject({
    key: 'upsells',
    heading: 'Eine Stufe besser',
    zone: 'besideDetails',
    layout: 'list',
    display: { places: 2 },
    items: [
      {
        sku: 'EX-410M',
        variant: null,
        name: 'Vier-Waben-Schleuder mit Motor',
        url: '/shop/products/EX-410M',
        price: 51500,
        currency: 'EUR',
        inStock: true,
        step: 0,
        reason: 'linked',
      },
      { sku: 'EX-900' },
    ],
  })
  const accessories = answer.sections.find((each: { key: string }) => each.key === 'accessories')
  expect(accessories.items.map((item: { sku: string }) => item.sku)).toEqual(['GATE-40', 'EX-MOT', 'EX-BSK'])
  expect(accessories.steps[0].heldBack).toEqual([
    { sku: 'STR-280', variant: null, name: 'Doppelsieb, 280 mm', source: 'EX-410', place: 1, strength: null, reason: 'inCart' },
  ])

  const ruled = ['upsells', 'related', 'more-from-the-same-workshop']
  for (const section of ruled)
    await request.post('/api/commands', { data: { type: 'switchSection', source: 'EX-LEG', section, off: true } })
  const plain = await (await request.get(`${base}/pages/product/EX-LEG`)).json()
  expect(plain).toEqual({
    page: { kind: 'product', subjects: ['EX-LEG'] },
    plan: expect.anything(),
    style: expect.objectContaining({ '--section-accent': '#46603a' }),
    sections: [],
  })
  const explained = await (await request.get(`${base}/pages/product/EX-LEG?explain=1`)).json()
  expect(explained.hidden.map((each: { key: string; reason: string }) => [each.key, each.reason])).toEqual([
    ['bundles-with-it', 'nothingFound'],
    ['upsells', 'switchedOffHere'],
    ['accessories', 'nothingFound'],
    ['related', 'switchedOffHere'],
    ['more-from-the-same-workshop', 'switchedOffHere'],
  ])
  for (const _ of ruled) await request.post('/api/undo', { data: {} })
})

test('an answer that still holds is not sent again', async ({ request }) => {
  const url = `${base}/pages/product/EX-210`
  const first = await request.get(url)
  const { etag } = first.headers()
  expect(etag).toMatch(/^"[\w-]+"$/)
  expect(first.headers()['cache-control']).toContain('must-revalidate')
  for (const header of [etag!, `W/${etag}`, `"other", ${etag}`, '*']) {
    const again = await request.get(url, { headers: { 'if-none-match': header } })
    expect(again.status()).toBe(304)
    expect(await again.text()).toBe('')
    expect(again.headers().etag).toBe(etag)
  }
  expect((await request.get(url, { headers: { 'if-none-match': '"other"' } })).status()).toBe(200)
  expect((await request.get(`${url}?cart=EX-410`)).headers().etag).not.toBe(etag)
  const head = await request.head(url)
  expect([head.status(), head.headers().etag, await head.text()]).toEqual([200, etag, ''])
  expect((await request.post(url)).status()).toBe(404)
})

test('a language is looked up among those that the shop has, in whatever case it is asked for', async ({ request }) => {
  const told = async (lang: string) => (await request.get(`${base}/pages/product/EX-210?lang=${lang}`)).text()
  const [english, german] = [await told('en'), await told('de')]
  expect(english).not.toBe(german)
  expect([await told('en-us'), await told('DE-at'), await told('fr'), await told('de-Latn-DE-1996')]).toEqual([
    english,
    german,
    english,
    german,
  ])
  const refused = await request.get(`${base}/pages/product/EX-210?lang=not_a_language`)
  expect([refused.status(), ((await refused.json()) as { detail: string }).detail]).toEqual([
    400,
    expect.stringContaining('This is not a BCP 47 language tag'),
  ])
})
