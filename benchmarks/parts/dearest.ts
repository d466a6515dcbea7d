import type { Part } from '../part'
import { ms, row } from '../part'
import { percentile } from '../statistics'

/** What anybody may ask, each as dear as it can be made, by how it is told of. */
function candidates(skus: readonly string[]): Record<string, { path: string; body?: object }> {
  const shop = '/api/shop/v1'
  const many = skus.slice(0, 200)
  const list = many.join()
  const cart = { lines: many.map(sku => ({ sku, quantity: 2 })) }
  return {
    'sections of a product page, with a cart and a past of 200 each': {
      path: `${shop}/pages/product/${skus[0]}?cart=${list}&seen=${list}`,
    },
    'sections of a cart page of 200 products': { path: `${shop}/pages/cart?cart=${list}` },
    'sections of a search page of 200 products': { path: `${shop}/pages/search?q=a&found=${list}` },
    'sections of a category page': { path: `${shop}/pages/category/c1` },
    'a search for a letter': { path: `${shop}/catalogue/search?q=s&limit=200` },
    'a search for words': { path: `${shop}/catalogue/search?q=heated%20ext&limit=200` },
    'a category of 200 products': { path: `${shop}/catalogue/categories/c1?limit=200` },
    '200 lines of a cart': { path: `${shop}/catalogue/lines?skus=${list}` },
    'the price of a cart of 200 lines': { path: `${shop}/cart`, body: cart },
    'a product page of the stand-in shop': { path: `/shop/products/${skus[0]}` },
    'a category page of the stand-in shop': { path: '/shop/categories/c1' },
    'a search page of the stand-in shop': { path: '/shop/search?q=s' },
  }
}

/** Of all that anybody may ask what takes the server longest: what it is, and milliseconds, median. */
async function measureDearest(server: string, skus: readonly string[]): Promise<{ what: string; median: number }> {
  const measured: { what: string; median: number }[] = []
  for (const [what, { path, body }] of Object.entries(candidates(skus))) {
    const times: number[] = []
    for (let i = 0; i < 20; i++) {
      const begun = performance.now()
      const post = { method: 'POST', body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }
      const answer = await fetch(server + path, body && post)
      await answer.arrayBuffer()
      if (answer.status !== 200) throw new Error(`${what}: ${path.slice(0, 80)} answers ${answer.status}`)
      times.push(performance.now() - begun)
    }
    measured.push({ what, median: percentile(times, 50) })
  }
  return measured.reduce((a, b) => (a.median > b.median ? a : b))
}

export const dearest: Part = {
  name: 'dearest',
  async measure({ server, skus }) {
    const { what, median } = await measureDearest((await server()).address, skus)
    return [row(`the dearest that anybody may ask, median: ${what}`, ms(median))]
  },
}
