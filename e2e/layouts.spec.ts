import { readFile } from 'node:fs/promises'
import type { APIRequestContext, Page } from '@playwright/test'
import jsonld from 'jsonld'
import { hasNoViolations } from './axe'
import { cartOf } from './putIntoCart'
import { expect, test } from './test'

const widths = [
  { width: 1280, height: 800 },
  { width: 820, height: 1100 },
  { width: 390, height: 844 },
]
const editorOf = (page: Page) => page.getByRole('region', { name: 'Section', exact: true })

async function run(request: APIRequestContext, command: object): Promise<void> {
  expect((await request.post('/api/commands', { data: command })).ok(), JSON.stringify(command)).toBe(true)
}
/** Lays a section out anew and publishes it at once. */
async function lay(
  request: APIRequestContext,
  key: string,
  layout: string,
  look: object = {},
  zone = 'belowDetails',
  settings: object = {},
): Promise<void> {
  const { sections } = (await (await request.get('/api/drafts')).json()) as { sections: { key: string; draft: { display: object } }[] }
  const before = sections.find(each => each.key === key)!.draft.display
  await run(request, { type: 'changeSection', key, settings: { layout, display: { ...before, ...look }, ...settings }, seen: {} })
  await run(request, { type: 'placeBlock', block: key, plan: 'product-default', zone })
  await run(request, { type: 'publish', sections: [key], plans: ['product-default'] })
}
/** Looks at a page of the shop at three widths: nothing sticks out, and nobody is shut out. */
async function atEveryWidth(page: Page, path: string, look: (width: number) => Promise<void>): Promise<void> {
  for (const viewport of widths) {
    await page.setViewportSize(viewport)
    await page.goto(path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await look(viewport.width)
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth),
      `no sideways scrolling at ${viewport.width}`,
    ).toBeLessThanOrEqual(viewport.width)
    await hasNoViolations(page)
  }
}
const section = (page: Page, key: string) => page.locator(`[data-section="${key}"]`)

test('a section is given a layout and a look in the studio, and the shop shows it', async ({ page, request }) => {
  await page.goto('/sections/related')
  await editorOf(page).getByRole('button', { name: 'Comparison table' }).click()
  await editorOf(page).getByRole('button', { name: 'Shelf' }).click()
  await editorOf(page).getByRole('group', { name: 'On a phone' }).getByRole('button', { name: 'Fewer on a phone' }).click()
  // A word that can be another opens the others, by keyboard too.
  await editorOf(page).getByRole('button', { name: 'What turns it: arrows' }).press('Enter')
  await expect(page.getByRole('list', { name: 'What turns it' }).or(page.getByRole('listbox', { name: 'What turns it' }))).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(editorOf(page).getByRole('button', { name: 'What turns it: arrows' })).toBeFocused()
  await editorOf(page).getByRole('button', { name: 'What turns it: arrows' }).click()
  await page.locator('.v-list-item').filter({ hasText: 'dots' }).click()
  await editorOf(page).getByRole('button', { name: 'no link to all' }).click()
  await page.locator('.v-list-item').filter({ hasText: 'of the brand' }).click()
  await editorOf(page).getByRole('group', { name: 'Each product shows' }).getByRole('button', { name: 'brand' }).click()
  await editorOf(page).getByRole('button', { name: 'For a single product, and on buttons' }).click()
  await editorOf(page).getByLabel('the button that adds, en').fill('Take it')
  await editorOf(page).getByLabel('the button that adds, en').press('Enter')
  await editorOf(page).getByLabel('the button that adds, en').blur()
  await expect
    .poll(async () => {
      const { sections } = await (await request.get('/api/shop/v1/pages/product/EX-210?draft=1')).json()
      const { layout, display, buttons, seeAll } = sections.find((each: { key: string }) => each.key === 'related')
      return {
        layout,
        phone: display.devices.phone.columns,
        turn: display.turn,
        brand: display.card.includes('brand'),
        add: buttons.add,
        seeAll: seeAll?.of,
      }
    })
    .toEqual({ layout: 'shelf', phone: 1, turn: 'dots', brand: true, add: 'Take it', seeAll: 'brand' })

  await page.goto('/shop/products/EX-210?preview=1&draft=1')
  await expect(
    section(page, 'related')
      .getByRole('button', { name: /^Take it: / })
      .first(),
  ).toBeVisible()
  await section(page, 'related').getByRole('link', { name: 'See all of Corrie & Daughter' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Corrie & Daughter')
  await expect(page.locator('.products [data-sku]').first()).toBeVisible()
})

test('a grid has the columns and rows of each device', async ({ page, request }) => {
  await lay(request, 'related', 'grid', {
    devices: { desktop: { columns: 2, rows: null }, tablet: { columns: 2, rows: 1 }, phone: { columns: 1, rows: 3 } },
  })
  await atEveryWidth(page, '/shop/products/EX-210', async width => {
    const cards = section(page, 'related').locator('[data-sku]')
    await expect(cards.filter({ visible: true })).toHaveCount({ 1280: 4, 820: 2, 390: 3 }[width]!)
    const [first, second] = [await cards.nth(0).boundingBox(), await cards.nth(1).boundingBox()]
    expect(first!.y === second!.y, `side by side at ${width}`).toBe(width > 390)
  })
})

test('a shelf is turned by dots and with the keyboard', async ({ page, request }) => {
  await lay(request, 'related', 'shelf', {
    turn: 'dots',
    devices: { desktop: { columns: 2, rows: null }, tablet: { columns: 2, rows: null }, phone: { columns: 1, rows: null } },
  })
  await atEveryWidth(page, '/shop/products/EX-210', async () => {
    const shelf = section(page, 'related').locator('.items')
    const dots = section(page, 'related').getByRole('button', { name: /part \d of/ })
    await dots.last().click()
    await expect.poll(() => shelf.evaluate(element => element.scrollLeft)).toBeGreaterThan(0)
    await expect(dots.last()).toHaveAttribute('aria-current')
    await dots.first().click()
    await expect.poll(() => shelf.evaluate(element => element.scrollLeft)).toBe(0)
    await shelf.focus()
    await page.keyboard.press('ArrowRight')
    await expect.poll(() => shelf.evaluate(element => element.scrollLeft)).toBeGreaterThan(0)
  })
})

test('a comparison sets the attributes side by side with the product of the page', async ({ page, request }) => {
  await lay(request, 'upsells', 'comparison', { card: ['price', 'button'] })
  await atEveryWidth(page, '/shop/products/EX-210', async () => {
    const table = section(page, 'upsells').getByRole('table')
    await expect(table.getByRole('columnheader')).toContainText([
      'Two-frame extractor',
      'Four-frame extractor',
      'Four-frame extractor, motor drive',
    ])
    await expect(table.getByRole('row', { name: /^frames/i }).getByRole('cell')).toHaveText(['2', '4', '4'])
    await expect(table.getByRole('row', { name: /^price/i }).getByRole('cell')).toHaveText(['€189.00', '€329.00', '€515.00'])
  })
  await section(page, 'upsells').getByRole('button', { name: 'Add Four-frame extractor to the cart' }).click()
  expect((await cartOf(page)).map(each => each.sku)).toEqual(['EX-410'])
})

test('a checklist above the buy button puts everything into the cart in one go', async ({ page, request }) => {
  await lay(request, 'accessories', 'checklist', { card: ['price', 'text'] }, 'aboveBuy')
  await atEveryWidth(page, '/shop/products/EX-210', async () => {
    await section(page, 'accessories')
      .getByRole('checkbox', { name: /Double strainer/ })
      .check()
    await section(page, 'accessories')
      .getByRole('checkbox', { name: /Honey gate/ })
      .check()
    await expect(section(page, 'accessories')).toContainText('2 ticked, €37.40')
    await expect(page.getByRole('button', { name: 'Add 3 to the cart · €226.40' })).toBeVisible()
    await section(page, 'accessories')
      .getByRole('checkbox', { name: /Honey gate/ })
      .uncheck()
    await expect(page.getByRole('button', { name: 'Add 2 to the cart · €213.50' })).toBeVisible()
  })
  await page.getByRole('button', { name: /^Add 2 to the cart/ }).click()
  await expect(page.getByRole('dialog', { name: 'In your cart' })).toContainText('Two-frame extractor')
  expect((await cartOf(page)).map(each => each.sku)).toEqual(['EX-210', 'STR-240'])
})

test('a checklist elsewhere has a button of its own', async ({ page, request }) => {
  await lay(request, 'accessories', 'checklist', {}, 'belowDetails')
  await page.goto('/shop/products/EX-210')
  const list = section(page, 'accessories')
  await expect(list.getByRole('button', { name: 'Tick what you want to take along' })).toBeDisabled()
  await list.getByRole('checkbox', { name: /Double strainer/ }).check()
  await list.getByRole('button', { name: 'Add 1 · €24.50' }).click()
  expect((await cartOf(page)).map(each => each.sku)).toEqual(['STR-240'])
})

test('a single product stands in the spotlight, with its options', async ({ page, request }) => {
  await lay(request, 'related', 'grid', { card: ['brand', 'price', 'button'] }, 'belowDetails', {
    places: 1,
    guards: [],
    steps: [{ from: 'chosen', targets: ['JKT'], order: 'hand', subjects: 'page', cap: null, off: false }],
  })
  await atEveryWidth(page, '/shop/products/EX-210', async () => {
    const spot = section(page, 'related')
    await expect(spot).toHaveClass(/spotlight/)
    await expect(spot.getByRole('button', { name: 'sage', exact: true })).toBeVisible()
  })
  await section(page, 'related').getByRole('button', { name: 'sage', exact: true }).click()
  await section(page, 'related').getByRole('button', { name: 'Add', exact: true }).click()
  expect((await cartOf(page))[0]!.sku).toMatch(/^JKT-SAG-/)
})

test('a card lets the shopper choose the options right there', async ({ page, request }) => {
  await lay(request, 'related', 'list', {}, 'belowDetails', {
    guards: [],
    steps: [{ from: 'chosen', targets: ['JKT', 'EX-310'], order: 'hand', subjects: 'page', cap: null, off: false }],
  })
  await page.goto('/shop/products/EX-210')
  await section(page, 'related')
    .getByRole('button', { name: /^Choose the options of/ })
    .click()
  const options = section(page, 'related').getByRole('combobox')
  await expect(options).toBeFocused()
  const sku = await options.inputValue()
  await section(page, 'related').locator('.pick').getByRole('button').click()
  expect((await cartOf(page)).map(each => each.sku)).toEqual([sku])
})

test('a section can be folded, and the page does not shift while sections load', async ({ page, request }) => {
  await lay(request, 'related', 'grid', { fold: 'closed' })
  await page.addInitScript(() => {
    const shifts: number[] = ((window as never as { shifts: number[] }).shifts = [])
    new PerformanceObserver(list => shifts.push(...list.getEntries().map(each => (each as never as { value: number }).value))).observe({
      type: 'layout-shift',
      buffered: true,
    })
  })
  for (const viewport of widths) {
    await page.setViewportSize(viewport)
    await page.goto('/shop/products/EX-210', { waitUntil: 'networkidle' })
    expect(
      await page.evaluate(() => (window as never as { shifts: number[] }).shifts.reduce((a, b) => a + b, 0)),
      `layout shift at ${viewport.width}`,
    ).toBe(0)
    // Declared twice, fonts that come late would take their place after all: four families, in two files each.
    expect(await page.evaluate(() => document.fonts.size)).toBe(8)
  }
  await expect(section(page, 'related').locator('[data-sku]').first()).toBeHidden()
  await section(page, 'related').locator('summary').click()
  await expect(section(page, 'related').locator('[data-sku]').first()).toBeVisible()
})

/*
 * The JSON-LD is expanded by a general library (W3C Recommendation JSON-LD 1.1) with schema.org's vocabulary as its
 * context, and its terms are looked up in the types of the vocabulary as the package schema-dts publishes them.
 */
test('structured data of a product says in schema.org’s words what its links say', async ({ request }) => {
  const html = await (await request.get('/shop/products/EX-210')).text()
  const text = /<script[^>]*application\/ld\+json[^>]*>(.*?)<\/script>/s.exec(html)![1]!
  const document = JSON.parse(text) as jsonld.JsonLdDocument
  const documentLoader = (url: string) =>
    Promise.resolve({ documentUrl: url, document: { '@context': { '@vocab': 'https://schema.org/' } } })
  const [product] = (await jsonld.expand(document, { documentLoader })) as unknown as [
    Record<string, { '@value'?: string }[]> & { '@reverse': Record<string, unknown[]> },
  ]
  const schema = (term: string) => `https://schema.org/${term}`
  expect(product['@type']).toEqual([schema('Product')])
  expect(product[schema('sku')]![0]!['@value']).toBe('EX-210')
  const skusOf = (things: unknown) => (things as Record<string, { '@value': string }[]>[]).map(each => each[schema('sku')]![0]!['@value'])
  expect(skusOf(product[schema('isSimilarTo')])).toEqual(['EX-410', 'EX-410M'])
  expect(skusOf(product[schema('isRelatedTo')])).toEqual(['EX-310', 'MELT-1', 'UT-1', 'REF-1'])
  expect(skusOf(product['@reverse'][schema('isAccessoryOrSparePartFor')])).toEqual(['STR-240', 'GATE-40', 'UF-21'])

  const types = await readFile('node_modules/schema-dts/dist/schema.d.ts', 'utf8')
  const membersOf = (name: string): string[] => {
    const [, parents, body] = new RegExp(`^interface ${name} extends ([^{]+) \\{(.*?)\\n\\}`, 'ms').exec(types)!
    const own = Array.from(body!.matchAll(/^ {4}"(\w+)"\?/gm), ([, member]) => member!)
    return [
      ...own,
      ...parents!
        .split(', ')
        .filter(parent => /^[A-Z]\w*Base$/.test(parent))
        .flatMap(membersOf),
    ]
  }
  const terms = { Product: membersOf('ProductBase'), Offer: membersOf('OfferBase'), Brand: membersOf('BrandBase') }
  const check = (thing: unknown): void => {
    if (Array.isArray(thing)) return thing.forEach(check)
    if (typeof thing !== 'object' || thing === null) return
    const { '@type': type, '@context': _, '@reverse': reverse, ...members } = thing as Record<string, unknown>
    const known = terms[type as keyof typeof terms]
    for (const [name, value] of [...Object.entries(members), ...Object.entries(reverse ?? {})]) {
      expect(known, `${type as string}.${name}`).toContain(name)
      check(value)
    }
  }
  check(document)
})
