import { readFile } from 'node:fs/promises'
import type { APIRequestContext, Page } from '@playwright/test'
import Papa from 'papaparse'
import { hasNoViolations } from './axe'
import { Studio } from './studio'
import { expect, test } from './test'

const importPane = (page: Page) => page.getByRole('region', { name: 'Import' })
const csvFile = (name: string, text: string | Buffer) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
const choose = (page: Page, name: string, text: string | Buffer) => page.getByLabel('File to import').setInputFiles(csvFile(name, text))
const exported = async (request: APIRequestContext, kind: string) => (await request.get(`/api/exchange/export?kind=${kind}`)).text()
const send = (request: APIRequestContext, query: string, data: string | Buffer, type = 'text/csv') =>
  request.post(`/api/exchange/import?${query}`, { data, headers: { 'content-type': type } })

test('a file of links is tried, imported and undone; nothing changes before that is wanted', async ({ page, request }) => {
  const studio = new Studio(page)
  const before = await exported(request, 'links')
  await page.goto('/exchange')
  await choose(page, 'spring.csv', 'source,kind,target,note\nSEED-BOR,accessory,BK-PLANT,\nSEED-BOR,accessory,BRU-1,for the gift table\n')
  const pane = importPane(page)
  await expect(pane).toContainText('Nothing is changed yet. This is what the file would do.')
  await expect(pane.getByRole('button', { name: '2 new' })).toHaveAttribute('aria-pressed', 'true')
  await expect(pane.getByRole('list', { name: 'Rows created' })).toContainText('BRU-1 as accessory of SEED-BOR')
  expect(await exported(request, 'links')).toBe(before)

  await pane.getByRole('button', { name: 'Import 2 rows' }).click()
  await expect(pane).toContainText('Imported links from spring.csv: 2 new.')
  expect(await exported(request, 'links')).toContain('for the gift table')
  await studio.open('SEED-BOR')
  expect(await studio.targets('Accessories')).toEqual(expect.arrayContaining(['BK-PLANT', 'BRU-1']))
  await page.keyboard.press('h')
  await expect(page.getByRole('region', { name: 'History' })).toContainText('Imported links from spring.csv: 2 new')
  await page.keyboard.press('Control+z')
  await expect(studio.message).toContainText('Undone: Imported links from spring.csv')
  expect(await exported(request, 'links')).toBe(before)
})

test('a large file is stopped on its way: it is said how far it came, and undo takes that back', async ({ page, request }) => {
  const rows = Array.from({ length: 20_000 }, (_, i) => `NEW-${i},Unheard of,5,active`)
  const found = async () => ((await (await request.get('/api/products?q=unheard')).json()) as { total: number }).total
  await page.goto('/exchange')
  await choose(page, 'many.csv', `sku,name,price,status\n${rows.join('\n')}\n`)
  await page.getByRole('button', { name: 'Import 20,000 rows' }).click()
  // Before the first rows are in, stopping is cancelling.
  await expect(page.getByText(/[1-9][\d,]* of 20,000 rows are written/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Stop here' }).click()
  const told = page.getByText(/The import was stopped: [\d,]+ of 20,000 rows are in\./).first()
  await expect(told).toBeVisible()
  const [, written] = /stopped: ([\d,]+) of/.exec((await told.textContent())!)!
  expect((await found()).toLocaleString('en')).toBe(written)
  await page.keyboard.press('Control+z')
  await expect.poll(found).toBe(0)
})

test('a file that is chosen before the kinds of files have come is looked at when they have', async ({ page }) => {
  await page.route('**/api/exchange', async route => {
    await new Promise(resolve => setTimeout(resolve, 1500))
    await route.continue()
  })
  await page.goto('/exchange')
  await choose(page, 'early.csv', 'source,kind,target\nUR-1,related,BRU-1\n')
  await expect(importPane(page)).toContainText('early.csv')
  await expect(importPane(page).getByRole('button', { name: 'Links', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await expect(importPane(page)).toContainText('1 row')
})

test('rejected rows say why; they are downloaded, and the good ones taken alone', async ({ page }) => {
  await page.goto('/exchange')
  const pane = importPane(page)
  await choose(
    page,
    'mixed.csv',
    'source;kind;target;place;colour\nUR-1;related;BRU-1;1;red\nUR-1;related;NO-SUCH;;\nUR-1;related;BK-WAX;1;\nUR-1;related;UR-1;;\n',
  )
  await expect(pane).toContainText('3 rows can’t be taken. Mend the file and choose it again, or take only the 1 row that can.')
  await expect(pane).toContainText('Passed over: the column colour')
  const rows = pane.getByRole('list', { name: 'Rows rejected' }).getByRole('listitem')
  await expect(rows).toContainText([
    /3\s*target\s*There is no product or variant with the SKU NO-SUCH/,
    /4\s*place\s*Line 2 has place 1 of this lane already/,
    /5\s*target\s*A product can’t be linked to itself/,
  ])
  await hasNoViolations(page)

  const [download] = await Promise.all([page.waitForEvent('download'), pane.getByRole('button', { name: 'Rejected rows' }).click()])
  expect(download.suggestedFilename()).toBe('mixed-rejected.csv')
  const { data } = Papa.parse<Record<string, string>>(await readFile(await download.path(), 'utf8'), { header: true, skipEmptyLines: true })
  expect(data.map(row => [row.target, row['rejected column']])).toEqual([
    ['NO-SUCH', 'target'],
    ['BK-WAX', 'place'],
    ['UR-1', 'target'],
  ])

  await pane.getByRole('button', { name: 'Take the 1 row that can be taken' }).click()
  await expect(pane).toContainText('Imported links from mixed.csv: 1 new.')
  await pane.getByRole('button', { name: 'Undo' }).click()
  await expect(pane).toContainText('Undone. Everything is as it was.')
})

test('with the keyboard alone: choose, look, back out', async ({ page }) => {
  const choosing = page.waitForEvent('filechooser')
  await page.goto('/exchange')
  await expect(importPane(page)).toContainText('Bring in a file')
  await page.keyboard.press('o')
  const chooser = await choosing
  await chooser.setFiles(csvFile('keys.csv', 'sku,brand\nUR-1,Another\n'))
  await expect(importPane(page)).toContainText('keys.csv')
  await expect(importPane(page).getByRole('button', { name: 'Products' })).toHaveAttribute('aria-pressed', 'true')
  await expect(importPane(page).getByRole('list', { name: 'Rows updated' })).toContainText('UR-1: brand')
  await importPane(page).getByRole('button', { name: 'Back out' }).focus()
  await page.keyboard.press('Enter')
  await expect(importPane(page).getByRole('button', { name: 'Choose a file' })).toBeFocused()
})

test('a file is dropped; one that is no CSV says so', async ({ page }) => {
  await page.goto('/exchange')
  await expect(importPane(page)).toContainText('Bring in a file')
  const drop = async (name: string, text: string) => {
    const dataTransfer = await page.evaluateHandle(
      ([name, text]) => {
        const data = new DataTransfer()
        data.items.add(new File([text!], name!))
        return data
      },
      [name, text],
    )
    await importPane(page).dispatchEvent('drop', { dataTransfer })
  }
  await drop('dropped.csv', 'source,kind,target\nUR-1,related,BRU-1\n')
  await expect(importPane(page).getByRole('button', { name: 'Import 1 row' })).toBeVisible()
  await drop('picture.png', '\u0089PNG\0\0')
  await expect(importPane(page).getByRole('alert')).toContainText('Line 1 has a null character: this is not a text file.')
})

test('products come in and are found, shown and linked at once', async ({ page, request }) => {
  const studio = new Studio(page)
  await page.goto('/exchange')
  await choose(
    page,
    'new.csv',
    'sku,name,category,price,stock,variantOf,options\nSPOON,Honey spoon,Kitchen > Spoons,3.50,,,\nSPOON-O,,,,4,SPOON,wood=oak\n',
  )
  await importPane(page).getByRole('button', { name: 'Import 2 rows' }).click()
  await expect(importPane(page)).toContainText('Imported products from new.csv: 2 new.')
  await page.getByRole('link', { name: 'Products', exact: true }).click()
  await studio.list.getByRole('searchbox', { name: 'Find products' }).fill('honey spoon')
  await studio.list.locator('[data-sku="SPOON"]').click()
  await expect(studio.bench.getByRole('heading', { level: 1 })).toHaveText('Honey spoon')
  await expect(studio.bench).toContainText('€3.50')
  expect((await request.get('/api/shop/v1/pages/product/SPOON')).status()).toBe(200)
  await page.keyboard.press('Control+z')
  await expect(studio.message).toContainText('Undone: Imported products from new.csv')
  await expect(studio.list).toContainText('No product has all of this')
  expect((await request.get('/api/shop/v1/pages/product/SPOON')).status()).toBe(404)
})

test('a price that a file changes is in the list, on the bench and in the shop at once, and undone as fast', async ({ page, request }) => {
  const studio = new Studio(page)
  const upsells = async () => {
    const answer = (await (await request.get('/api/shop/v1/pages/product/EX-210')).json()) as {
      sections: { key: string; items: { sku: string; price: number }[] }[]
    }
    return answer.sections.find(each => each.key === 'upsells')?.items.map(({ sku, price }) => [sku, price]) ?? []
  }
  const before = await upsells()
  expect(before[0]).toEqual(['EX-410', 32900])
  await studio.open('EX-210')
  await expect(studio.card('Upsells', 'EX-410')).toContainText('€329.00')

  const report = await (await send(request, 'kind=products', 'sku,price\nEX-410,301.50\n')).json()
  expect(report).toMatchObject({ updated: 1, rejected: 0 })
  expect((await upsells())[0]).toEqual(['EX-410', 30150])
  await expect(studio.card('Upsells', 'EX-410')).toContainText('€301.50')
  await page.goto('/products?q=frame+extractor&sort=cheapest')
  await expect(studio.list.locator('[data-sku="EX-410"]')).toBeVisible()
  expect(
    ((await (await request.get('/api/products?priceFrom=30100&priceTo=30200')).json()) as { rows: { sku: string }[] }).rows.map(
      row => row.sku,
    ),
  ).toEqual(['EX-410'])

  await request.post('/api/undo', { data: {} })
  expect(await upsells()).toEqual(before)
})

test('exporting and importing again changes nothing; what is exported starts no formula', async ({ request }) => {
  for (const kind of ['links', 'products']) {
    const text = await exported(request, kind)
    const report = await (await send(request, `kind=${kind}`, text)).json()
    expect(report).toMatchObject({ created: 0, updated: 0, rejected: 0, done: null, ignoredColumns: [] })
    expect(report.unchanged).toBe(report.rows)
    expect(
      Papa.parse<string[]>(text)
        .data.flat()
        .filter(cell => /^[=+@\t]|^-(?!\d)/.test(cell)),
    ).toEqual([])
  }
})

test('hostile files get a clear answer and change nothing', async ({ page, request }) => {
  const before = [await exported(request, 'links'), await exported(request, 'products')]
  const problem = async (query: string, data: string | Buffer, type?: string) => {
    const answer = await send(request, query, data, type)
    const { type: code, detail } = await answer.json()
    return [answer.status(), code.split(':').at(-1), detail]
  }
  expect(await problem('kind=links', Buffer.from('source,kind,target\nUR-1,related,B\xFCrste\n', 'latin1'))).toEqual([
    422,
    'not-utf-8',
    expect.stringContaining('line 2'),
  ])
  expect(await problem('kind=links', Buffer.from('source,kind', 'utf16le'))).toEqual([422, expect.any(String), expect.any(String)])
  expect(await problem('kind=links', 'source,target\nUR-1,BRU-1\n')).toEqual([422, 'missing-columns', expect.stringContaining('“kind”')])
  expect(await problem('kind=links', 'source,kind,target\nUR-1,related,"BRU-1\n')).toEqual([
    422,
    'unclosed-quote',
    expect.stringContaining('line 2'),
  ])
  expect(await problem('kind=links', '')).toEqual([422, 'empty-file', 'The file is empty.'])
  expect(await problem('kind=links', '{}', 'application/json')).toEqual([415, 'unknown-format', expect.any(String)])
  expect(await problem('kind=recipes', 'a\n')).toEqual([400, 'malformed', expect.any(String)])
  expect([await exported(request, 'links'), await exported(request, 'products')]).toEqual(before)

  await page.goto('/exchange')
  await choose(page, 'broken.csv', 'source,kind,target\nUR-1,related,"BRU-1\n')
  await expect(importPane(page).getByRole('alert')).toContainText('In the row that begins in line 2 a quote is opened and never closed.')
})

test('the set-up is taken out, changed, looked at and taken in; undo takes it back', async ({ page, request }) => {
  const document = (await (await request.get('/api/exchange/set-up')).json()) as { sections: { key: string; places: number }[] }
  const changed = { ...document, sections: document.sections.map(each => (each.key === 'related' ? { ...each, places: 2 } : each)) }
  await page.goto('/exchange')
  const part = page.getByRole('article', { name: 'Set-up' })
  const choose = (name: string, text: string) =>
    part.getByLabel('Set-up file').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })

  await choose('notes.json', 'no JSON')
  await expect(part.getByRole('alert')).toHaveText('notes.json is not JSON. Choose a set-up that Manada wrote.')
  await choose('other.json', '{"format":"something else"}')
  await expect(part.getByRole('alert')).toContainText('format')

  await choose('set-up.json', JSON.stringify(changed))
  await expect(part.getByRole('status')).toContainText('Also worth a look Changes the places')
  await part.getByLabel('Show sections, offers, plans and looks to shoppers at once').check()
  await part.getByRole('button', { name: 'Take it' }).click()
  await expect(page.locator('.message-bar')).toContainText('Imported the set-up of set-up.json')
  const places = async () =>
    (
      (await (await request.get('/api/shop/v1/pages/product/EX-210')).json()) as {
        sections: { key: string; display: { places: number } }[]
      }
    ).sections.find(each => each.key === 'related')!.display.places
  expect(await places()).toBe(2)
  await page.keyboard.press('Control+z')
  await expect.poll(places).toBe(4)
})

test('a set-up that contradicts itself is refused in words', async ({ request }) => {
  const answer = await request.post('/api/exchange/set-up', {
    data: {
      format: 'manada-set-up',
      version: 1,
      plans: [
        {
          key: 'product-default',
          name: {},
          page: 'product',
          scope: null,
          rank: 0,
          repeats: false,
          off: [],
          zones: [{ key: 'foot', blocks: ['no-such'] }],
        },
      ],
    },
  })
  expect([answer.status(), (await answer.json()).detail]).toEqual([
    422,
    'The plan “product-default” has the section “no-such”, which is neither in the file nor in the shop. Nothing was changed.',
  ])
  const schema = await (await request.get('/api/exchange/set-up.schema.json')).json()
  expect(schema.$schema).toBe('https://json-schema.org/draft/2020-12/schema')
})
