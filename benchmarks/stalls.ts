import { randomUUID } from 'node:crypto'
import { ask } from './ask'

/** The longest stall of the server's event loop while something goes on, in milliseconds. */
export async function longestStall(server: string, work: () => Promise<unknown>): Promise<number> {
  const stall = async () => ((await (await ask(`${server}/stalls`)).json()) as { longest: number }).longest
  await stall()
  await work()
  return stall()
}

const json = { 'content-type': 'application/json' }

async function post(url: string, body: object, key = ''): Promise<Record<string, unknown>> {
  const answer = await ask(url, { method: 'POST', headers: { ...json, 'idempotency-key': key }, body: JSON.stringify(body) })
  if (!answer.ok) throw new Error(`${url} answers ${answer.status}: ${(await answer.text()).slice(0, 300)}`)
  return (await answer.json()) as Record<string, unknown>
}

/** Changes a section and makes the change live. */
export async function publish(server: string, places: number): Promise<void> {
  await post(`${server}/api/commands`, { type: 'changeSection', key: 'related', settings: { places }, seen: {} })
  await post(`${server}/api/commands`, { type: 'publish', sections: ['related'], plans: [], looks: [] })
}

/** Sells one of the first product that is there. */
export async function sell(server: string): Promise<void> {
  const { rows } = (await (await ask(`${server}/api/products?stock=in&status=active&limit=20`)).json()) as {
    rows: { sku: string; variants: number }[]
  }
  const lines = [{ sku: rows.find(each => !each.variants)!.sku, quantity: 1 }]
  const { total } = await post(`${server}/api/shop/v1/cart`, { lines })
  await post(`${server}/api/shop/v1/orders`, { lines, total }, randomUUID())
}

/** Milliseconds that the first answers after a sale take: what products can be filtered by, and which of them have links with a problem. */
export async function measureAfterSale(server: string): Promise<{ facets: number; problems: number }> {
  const took = async (path: string) => {
    await sell(server)
    const start = performance.now()
    await (await ask(`${server}${path}`)).text()
    return performance.now() - start
  }
  return { facets: await took('/api/facets'), problems: await took('/api/products?links=problem') }
}
