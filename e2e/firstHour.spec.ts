import { mkdir, rm } from 'node:fs/promises'
import type { Locator, Page } from '@playwright/test'
import { hasNoViolations } from './axe'
import { inviteAs, password } from './signIn'
import { publishRoom } from './studio'
import { expect, test } from './test'

test.use({ role: null, timezoneId: 'Europe/Lisbon' })

/** Twelve rows as a shop's program might have exported them: semicolons, what a variant is said on its own row too, stock left empty. */
const products = [
  'sku;name;brand;category;price;stock;variantOf;options;warehouse',
  'PAN-20;Pan, 20 cm;Ironworks;Kitchen > Pans;24,00;5;;;A1',
  'PAN-24;Pan, 24 cm;Ironworks;Kitchen > Pans;29,00;;;;A1',
  'PAN-28;Pan, 28 cm;Ironworks;Kitchen > Pans;36,00;4;;;A2',
  'PAN-DEEP;Deep pan;Ironworks;Kitchen > Pans;44,00;;;;A2',
  'WOK-30;Wok;Claybourne;Kitchen > Pans;39,00;7;;;A3',
  'LID-24;Lid, 24 cm;Ironworks;Kitchen > Lids;12,00;9;;;B1',
  'LID-28;Lid, 28 cm;Ironworks;Kitchen > Lids;14,00;;;;B1',
  'SPOON;Wooden spoon;Claybourne;Kitchen > Tools;4,50;;;;C1',
  'TURNER;Pan turner;Claybourne;Kitchen > Tools;6,90;20;;;C1',
  'APRON;Apron;Claybourne;Kitchen > Linen;19,00;;;;D1',
  'APRON-S;Apron;Claybourne;Kitchen > Linen;;3;APRON;size=S;D1',
  'APRON-L;Apron, large;Claybourne;Kitchen > Linen;21,00;;APRON;size=L;D1',
].join('\r\n')

/** Counts what is clicked. */
class Clicks {
  count = 0

  async on(what: Locator): Promise<void> {
    this.count++
    await what.click()
  }
}

test('a newcomer comes from a file of twelve rows to published pages with full sections in fifteen clicks', async ({
  page,
  context,
  freshShop,
}) => {
  test.setTimeout(120_000)
  await freshShop.stop()
  await rm(freshShop.folder, { recursive: true })
  await mkdir(freshShop.folder)
  await freshShop.start('hidden', { MANADA_DEMO: '' })
  await page.goto(`/join#${await inviteAs(context, freshShop.url, 'admin')}`)
  await page.getByLabel('Your name, as others see it').fill('Ada')
  await page.getByLabel('E-mail').fill('ada@shop.example')
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Go in' }).click()

  // The first screen is about a file.
  const clicks = new Clicks()
  await expect(page.getByRole('heading', { level: 1, name: 'Begin with your products' })).toBeVisible()
  await expect(page).toHaveURL(/\/start$/)
  await expect(page.getByText('npm run demo')).toHaveCount(0)
  await hasNoViolations(page)
  const [sample] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'sample-products.csv' }).click()])
  expect(sample.suggestedFilename()).toBe('sample-products.csv')

  const chooser = page.waitForEvent('filechooser')
  await clicks.on(page.getByRole('button', { name: 'Choose a file' }))
  await (await chooser).setFiles({ name: 'kitchen.csv', mimeType: 'text/csv', buffer: Buffer.from(`\uFEFF${products}`) })
  const report = page.getByRole('region', { name: 'Import', exact: true })
  await expect(report.getByRole('button', { name: '12 new' })).toBeVisible()
  await expect(report).toContainText('Passed over: the column warehouse')
  await report.getByRole('button', { name: '1 to know' }).click()
  await expect(report.getByRole('listitem').filter({ hasText: 'A variant has no name of its own' })).toContainText('13')
  await clicks.on(report.getByRole('button', { name: 'Import 12 rows' }))
  await expect(report).toContainText('Imported products from kitchen.csv: 12 new.')

  // Then what is missing.
  await expect(page.getByRole('heading', { level: 1, name: 'Your products are in' })).toBeVisible()
  const about = page.getByRole('region', { name: 'About your shop' })
  await expect(about.getByLabel('Currency of the shop')).toBeDisabled()
  await about.getByLabel('Name of the shop').fill('Kitchen Corner')
  await about.getByLabel('Name of the shop').press('Enter')
  await clicks.on(about.getByRole('button', { name: 'Take that of this computer: Europe/Lisbon' }))
  await expect(about.getByLabel('The shop’s time zone')).toHaveValue('Europe/Lisbon')
  const address = about.getByLabel('Address of products, with {sku}')
  await address.fill('https://corner.example/pans')
  await address.press('Enter')
  await expect(about.getByRole('alert')).toContainText('with {sku} in it')
  await address.fill('https://corner.example/pans/{sku}')
  await address.press('Enter')
  await expect(about).toContainText('https://corner.example/pans/HT-10')

  // And a page.
  await clicks.on(page.getByRole('button', { name: 'Look at your first page' }))
  const shop = page.frameLocator('iframe')
  await expect(shop.getByRole('heading', { level: 1 })).toHaveText('Apron')
  await clicks.on(page.getByRole('region', { name: 'Products', exact: true }).getByText('Pan, 24 cm'))
  await expect(shop.getByRole('heading', { level: 1 })).toHaveText('Pan, 24 cm')
  const shown = (heading: string) => shop.getByRole('region', { name: heading }).getByRole('listitem')
  await expect(shown('Also worth a look')).toHaveCount(4)
  await expect(shown('Worth the step up')).toHaveCount(2)

  // One's own words, published.
  await clicks.on(page.getByRole('navigation', { name: 'Workspaces' }).getByRole('link', { name: 'Sections' }))
  await clicks.on(sectionNamed(page, 'Also worth a look'))
  const heading = page.getByRole('region', { name: 'Section', exact: true }).getByLabel('Heading', { exact: true })
  await heading.fill('From the same shelf')
  await heading.press('Enter')
  await expect(page.getByText('On 10 product pages nothing was picked by hand: all of it is found by rules.')).toBeVisible()
  await clicks.on(page.getByRole('button', { name: 'Publish', exact: true }))
  await clicks.on(publishRoom(page).getByRole('button', { name: 'Publish 1' }))
  await expect(page.locator('.message-bar')).toContainText('Published')
  expect(clicks.count).toBeLessThanOrEqual(15)

  const answer = await fetch(`${freshShop.url}/api/shop/v1/pages/product/PAN-24`)
  const { sections } = (await answer.json()) as { sections: { heading: string; items: { sku: string; url: string }[] }[] }
  expect(sections.map(({ heading, items }) => [heading, items.length])).toEqual([
    ['Worth the step up', 2],
    ['From the same shelf', 4],
  ])
  expect(sections[1]!.items[0]!.url).toMatch(/^https:\/\/corner\.example\/pans\//)
  const { name, currency } = (await (await fetch(`${freshShop.url}/api/shop/v1/catalogue`)).json()) as { name: string; currency: string }
  expect([name, currency]).toEqual(['Kitchen Corner', 'EUR'])
  // Nobody else's words stand in this shop.
  await page.goto('/shop')
  await expect(page.locator('body')).not.toContainText(/hive|bee|apiary|honey/i)
  // What was not tracked is there, and stays so when it is bought.
  const { inStock } = (await (await fetch(`${freshShop.url}/api/shop/v1/catalogue/products/SPOON`)).json()) as { inStock: boolean }
  expect(inStock).toBe(true)
})

const sectionNamed = (page: Page, name: string) => page.getByRole('region', { name: 'Sections' }).getByText(name, { exact: true })

test('links come in with places that leave gaps and with retired targets, and all that is wrong with a row is said', async ({
  page,
  context,
  freshShop,
}) => {
  await page.goto(`/join#${await inviteAs(context, freshShop.url, 'admin')}`)
  await page.getByLabel('Your name, as others see it').fill('Ada')
  await page.getByLabel('E-mail').fill('ada@shop.example')
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Go in' }).click()
  await expect(page).toHaveURL(/\/products/)
  await page.goto('/exchange')
  const rows = [
    'source,kind,target,place',
    'LOUPE-1,related,HT-P,20',
    'LOUPE-1,related,HT-S,10',
    'LOUPE-1,related,SET-05,30',
    'NOPE,cousin,GONE,4',
  ]
  const chooser = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose a file' }).click()
  await (await chooser).setFiles({ name: 'links.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) })
  const report = page.getByRole('region', { name: 'Import', exact: true })
  const rejected = report.getByRole('list', { name: 'Rows rejected' }).getByRole('listitem')
  await expect(rejected).toHaveCount(1)
  await expect(rejected).toContainText('source, kind, target')
  await expect(rejected).toContainText('There is no product with the SKU NOPE.')
  await expect(rejected).toContainText('There is no link kind “cousin”.')
  await report.getByRole('button', { name: '1 to know' }).click()
  await expect(report).toContainText('SET-05 is retired: the link is kept, and shoppers don’t see it.')
  await report.getByRole('button', { name: 'Take the 3 rows that can be taken' }).click()
  await expect(report).toContainText('Imported links from links.csv')
  await page.goto('/products/LOUPE-1')
  const lane = page.getByRole('region', { name: 'Bench' }).getByRole('region', { name: 'Related' })
  await expect
    .poll(() => lane.locator('[data-target]').evaluateAll(cards => cards.map(card => card.getAttribute('data-target'))))
    .toEqual(expect.arrayContaining(['HT-S', 'HT-P', 'SET-05']))
  await expect(lane.locator('[data-target="SET-05"]')).toContainText(/retired/i)
})
