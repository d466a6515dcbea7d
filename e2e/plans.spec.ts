import type { APIRequestContext } from '@playwright/test'
import { expect, test } from './test'

const plain = { products: [], tags: [], brands: [], categories: [], price: null }
interface Row {
  about: string
  name: string
  plans: { plan: string; reason: { by: string } }[]
}

async function run(request: APIRequestContext, command: object): Promise<{ status: number; detail?: string }> {
  const answer = await request.post('/api/commands', { data: command })
  return { status: answer.status(), ...(answer.ok() ? {} : { detail: ((await answer.json()) as { detail: string }).detail }) }
}
async function pages(
  request: APIRequestContext,
  query: Record<string, string | number>,
): Promise<{ gets: number; shared: number; rows: Row[] }> {
  return (await request.get('/api/plans/pages', { params: query })).json() as Promise<{ gets: number; shared: number; rows: Row[] }>
}
const planOf = async (request: APIRequestContext, path: string) =>
  ((await (await request.get(`/api/shop/v1/pages${path}`)).json()) as { plan: { key: string } }).plan.key

test('every kind of page gets its plan by assignment, as a draft first and after publishing for shoppers', async ({ request }) => {
  for (const [page, name, scope] of [
    ['cart', 'Harvest carts', { ...plain, categories: ['extraction'] }],
    ['added', 'Harvest added', { ...plain, brands: ['Corrie & Daughter'] }],
    ['category', 'Harvest shelves', { ...plain, categories: ['extraction'] }],
    ['article', 'Cheap articles', { ...plain, price: { from: 0, to: 100_000 } }],
  ] as const)
    expect((await run(request, { type: 'addPlan', page, name: { en: name }, scope })).status).toBe(200)
  const paths = {
    'harvest-carts': '/cart?cart=JAR-500,EX-210',
    'harvest-added': '/added/EX-210',
    'harvest-shelves': '/category/extractors',
    'cheap-articles': '/article/taking-honey',
  }
  for (const [key, path] of Object.entries(paths)) {
    expect(await planOf(request, `${path}${path.includes('?') ? '&' : '?'}draft=1`)).toBe(key)
    expect(await planOf(request, path)).toMatch(/-default$/)
  }
  expect((await run(request, { type: 'publish', sections: [], plans: Object.keys(paths) })).status).toBe(200)
  for (const [key, path] of Object.entries(paths)) expect(await planOf(request, path)).toBe(key)
  expect(await planOf(request, '/cart?cart=JKT-SAG-M')).toBe('cart-default')
  expect(await planOf(request, '/category/hives-and-frames')).toBe('category-default')
})

test('the pages of a plan are listed part by part, and the counts of all plans are all pages', async ({ request }) => {
  await run(request, {
    type: 'addPlan',
    page: 'product',
    name: { en: 'Harvest' },
    scope: { ...plain, categories: ['extraction'], tags: ['beginner'] },
  })
  const { gets, rows } = await pages(request, { plan: 'harvest', which: 'gets', limit: 5 })
  expect(rows).toHaveLength(5)
  const skus: string[] = []
  for (let offset = 0; offset < gets; offset += 5)
    skus.push(...(await pages(request, { plan: 'harvest', which: 'gets', limit: 5, offset })).rows.map(row => row.about))
  expect(new Set(skus).size).toBe(gets)
  const { counts } = (await (await request.get('/api/plans/counts')).json()) as { counts: Record<string, number> }
  expect(counts.harvest).toBe(gets)
  const ofProducts = ['harvest', 'product-default', 'seed-and-plants', 'hives', 'making-room']
  expect(ofProducts.reduce((sum, plan) => sum + counts[plan]!, 0)).toBe(counts['added-default'])
  const {
    pages: all,
    sampled,
    blank,
  } = (await (await request.get('/api/plans/review', { params: { plan: 'harvest' } })).json()) as {
    pages: number
    sampled: number
    blank: number
  }
  expect([all, sampled, blank]).toEqual([gets, gets, 0])
})

test('what is not there, or not possible, is refused in words', async ({ request }) => {
  for (const path of [
    '/api/plans/pages?plan=gone&which=gets',
    '/api/plans/review?plan=gone',
    '/api/plans/for?page=product&about=GONE',
    '/api/releases/999',
    '/api/releases/one',
  ]) {
    expect((await request.get(path)).status(), path).toBe(404)
  }
  for (const path of ['/api/plans/pages?plan=product-default', '/api/plans/for?page=garden&about=A'])
    expect((await request.get(path)).status(), path).toBe(400)
  expect(await run(request, { type: 'removePlan', key: 'product-default' })).toEqual({
    status: 409,
    detail: expect.stringContaining('The default plan stays') as unknown,
  })
  expect(await run(request, { type: 'goBack', release: 9999 })).toEqual({
    status: 404,
    detail: expect.stringContaining('There is no release 9999.') as unknown,
  })
  expect(await run(request, { type: 'cancelSchedule', key: '77' })).toEqual({
    status: 404,
    detail: expect.stringContaining('carried out or cancelled already') as unknown,
  })
  expect((await run(request, { type: 'addPlan', page: 'product', name: { en: 'Odd' }, scope: { ...plain, price: {} } })).status).toBe(400)
  expect((await run(request, { type: 'schedulePublish', at: 'tomorrow', sections: [], plans: [] })).status).toBe(400)
})
