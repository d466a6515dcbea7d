import { ask } from '../ask'
import { kinds } from '../largeShop'
import type { Part } from '../part'
import { ms, row } from '../part'
import { longestStall, measureAfterSale, sell } from '../stalls'
import { percentile } from '../statistics'

/** What merchandisers look for: words alone, filters alone, and both, in every order of the list. */
const words = ['', 'smoker', 'blu jar', 'P0012', 'fold', 'brand 7', 'tag12', 's', 'heated ext', 'queen', 'wooden tank 9']
const filters = [
  '',
  'category=c3',
  'brand=Brand 7&brand=Brand 8',
  'tag=tag12',
  'attribute=size=heavy&attribute=fits=jar',
  'status=active&stock=in',
  'priceFrom=10000&priceTo=20000',
  'links=upsell:1',
  'links=accessory:3&category=c3',
  'links=problem',
  'source=P000001&unlinked=1&stock=in',
]
const orders = ['match', 'name', 'cheapest', 'newest', 'best-selling', 'fewest-links']

/** Milliseconds for every combination, at the server's door: median and 95th percentile, and the slowest. */
async function measureSearch(server: string) {
  const queries = words.flatMap(q =>
    filters.flatMap(filter =>
      orders.map(sort => `${server}/api/products?${encodeURI(filter)}&q=${encodeURIComponent(q)}&sort=${sort}&limit=100`),
    ),
  )
  // The first of each order sorts the catalogue once.
  for (const query of queries.slice(0, orders.length)) await (await ask(query)).text()
  const times: { query: string; took: number }[] = []
  for (const query of queries) {
    const start = performance.now()
    const answer = await ask(query)
    await answer.text()
    if (!answer.ok) throw new Error(`${query} answers ${answer.status}`)
    times.push({ query, took: performance.now() - start })
  }
  const took = times.map(each => each.took)
  return { median: percentile(took, 50), p95: percentile(took, 95), slowest: times.reduce((a, b) => (a.took > b.took ? a : b)) }
}

/** Milliseconds that suggestions for a product take at the server's door: median and 95th percentile. */
async function measureSuggestions(server: string, skus: readonly string[]) {
  const times: number[] = []
  for (const sku of skus.slice(0, 50)) {
    for (const kind of kinds) {
      const start = performance.now()
      await (await ask(`${server}/api/suggestions?sku=${sku}&kind=${kind}`)).text()
      times.push(performance.now() - start)
    }
  }
  return { median: percentile(times, 50), p95: percentile(times, 95) }
}

/** What merchandisers wait for while they look for products; also right after a sale, when some of it is worked out anew. */
export const search: Part = {
  name: 'search',
  async measure({ server, skus }) {
    const { address } = await server()
    const found = await measureSearch(address)
    const saleStall = await longestStall(address, () => sell(address))
    const { facets, problems } = await measureAfterSale(address)
    const suggestions = await measureSuggestions(address, skus)
    return [
      row('search and filter, median', ms(found.median)),
      row('search and filter, p95', ms(found.p95), '≤ 50 ms'),
      row('search and filter, slowest', `${ms(found.slowest.took)} (${found.slowest.query.split('?')[1]})`),
      row('suggestions for a product and kind, median', ms(suggestions.median)),
      row('suggestions for a product and kind, p95', ms(suggestions.p95), '≤ 200 ms'),
      row('facets, the first time after a sale', ms(facets), '≤ 50 ms'),
      row('products with problem links, the first time after a sale', ms(problems), '≤ 50 ms'),
      row('longest stall of the event loop during a sale', ms(saleStall), '≤ 50 ms'),
    ]
  },
}
