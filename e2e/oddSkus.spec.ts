import { Studio } from './studio'
import { expect, test } from './test'

/** All that a SKU may have in it, and an address may not. */
const skus = ['A B', 'A/B', 'A?B', 'A#B', 'A%B', 'A%2FB', 'A&B=C', 'A+B', 'A;B', "A'B", 'A"B', 'A\\B', 'Ä🐝', '.A.', 'a<b>']

test('products with any SKU are imported, delivered, shown in the shop and linked in the studio', async ({ page, baseURL }) => {
  test.setTimeout(180_000)
  const cell = (text: string) => `"${text.replaceAll('"', '""')}"`
  const csv = ['sku,name,price,stock', ...skus.map((sku, i) => `${cell(sku)},Odd product ${i},12.50,5`)].join('\n')
  const imported = await page.request.post('/api/exchange/import?kind=products', { data: csv, headers: { 'content-type': 'text/csv' } })
  expect(await imported.json()).toMatchObject({ created: skus.length, rejected: 0 })

  const json = async (path: string) => {
    const answer = await page.request.get(`${baseURL}${path}`)
    expect(answer.status(), path).toBe(200)
    return (await answer.json()) as Record<string, unknown>
  }
  for (const [i, sku] of skus.entries()) {
    const encoded = encodeURIComponent(sku)
    const other = skus[(i + 1) % skus.length]!
    const linked = await page.request.post('/api/commands', {
      data: { type: 'link', kind: 'related', on: [{ source: sku, seen: [] }], targets: [other] },
    })
    expect(linked.status()).toBe(200)
    for (const kind of ['product', 'added']) {
      const { page: about, sections } = await json(`/api/shop/v1/pages/${kind}/${encoded}?cart=HAT&seen=${encoded}`)
      expect(about).toEqual({ kind, subjects: [sku] })
      if (kind === 'product') expect(JSON.stringify(sections)).toContain(JSON.stringify(other))
    }
    const { subjects } = (await json(`/api/shop/v1/pages/cart?cart=${encoded}:2,HAT`)).page as { subjects: string[] }
    expect(subjects).toEqual([sku, 'HAT'])
    const product = await json(`/api/shop/v1/catalogue/products/${encoded}`)
    expect(product).toMatchObject({ sku, name: `Odd product ${i}` })
    await json(`/api/bench?sku=${encoded}`)
    // The address that shops are given leads to the product's page.
    await page.goto(String(product.url))
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Odd product ${i}`)
  }

  const studio = new Studio(page)
  for (const sku of ['A/B', 'A%2FB', 'A#B', 'A\\B']) {
    await page.goto(`/products/${encodeURIComponent(sku)}`)
    await studio.expectTargets('Related', [skus[(skus.indexOf(sku) + 1) % skus.length]!])
  }
})
