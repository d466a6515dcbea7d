import { randomUUID } from 'node:crypto'
import { expect, test } from './test'
import { stockOf } from './stockOf'

test('nonsense about bundles is refused in words, and changes nothing', async ({ page }) => {
  const { request } = page
  const send = async (command: object) => {
    const answer = await request.post('/api/commands', { data: command })
    return [answer.status(), ((await answer.json()) as { detail?: string }).detail ?? '']
  }
  const fixed = (components: object[], price: object = { by: 'sum' }) => ({ type: 'fixed', components, price, marginFloor: null })
  const change = (bundle: object) => send({ type: 'changeBundle', sku: 'SET-02', settings: { bundle }, seen: {} })
  const before = await (await request.get('/api/bundles/SET-02')).text()
  expect(await change(fixed([{ key: 'a', sku: 'SET-02', quantity: 1 }]))).toEqual([422, 'A bundle can’t be a part of itself.'])
  expect(await change(fixed([{ key: 'a', sku: 'NOPE', quantity: 1 }]))).toEqual([404, 'The shop has no product with the SKU NOPE.'])
  for (const [quantity, words] of [
    [0, 'A quantity is at least 1.'],
    [-1, 'A quantity is at least 1.'],
    [1e9, 'A quantity is at most 999.'],
  ] as const) {
    expect(await change(fixed([{ key: 'a', sku: 'SMO-M', quantity }]))).toEqual([400, expect.stringContaining(words)])
  }
  expect(await change(fixed([], { by: 'percent', percent: 101 }))).toEqual([400, expect.stringContaining('A reduction is at most 100 %.')])
  expect(await send({ type: 'addBundle', sku: 'SMO-M', name: { en: 'X' }, bundle: fixed([]) })).toEqual([
    409,
    expect.stringContaining('SMO-M is the SKU of another product already.'),
  ])
  expect(await send({ type: 'changeBundle', sku: 'SET-02', settings: { status: 'active' }, seen: { status: 'retired' } })).toEqual([
    409,
    expect.stringContaining('changed in the meantime'),
  ])
  expect(await (await request.get('/api/bundles/SET-02')).text()).toBe(before)

  const cart = async (line: object) =>
    (
      (await (await request.post('/api/shop/v1/cart', { data: { lines: [{ quantity: 1, ...line }] } })).json()) as {
        warnings: { code: string; part: string | null }[]
      }
    ).warnings
  expect(await cart({ sku: 'SET-03', choices: [{ part: 'lab-250', sku: 'SMO-M' }] })).toMatchObject([
    { code: 'choiceNotSold', part: 'SMO-M' },
  ])
  expect(await cart({ sku: 'SET-03' })).toMatchObject([{ code: 'noChoice', part: 'lab-250' }])
  expect(await cart({ sku: 'SET-04', choices: [{ part: 'pick', sku: 'SEED-BOR-10', quantity: 7 }] })).toMatchObject([
    { code: 'wrongNumber' },
  ])
})

test('of two hundred shoppers at once who want bundles and their parts, nothing is sold twice and every total is right', async ({
  request,
}) => {
  const post = (path: string, lines: object[], total?: number) =>
    request.post(`/api/shop/v1/${path}`, {
      data: { lines, ...(total !== undefined && { total }) },
      headers: { 'idempotency-key': randomUUID() },
    })
  const wishes = [
    [{ sku: 'SET-03', quantity: 1, choices: [{ part: 'lab-250', sku: 'LAB-250-PLA' }] }],
    [{ sku: 'JAR-500-12', quantity: 2 }],
    [{ sku: 'SET-03', quantity: 2, choices: [{ part: 'lab-250', sku: 'LAB-250-MEA' }] }],
  ]
  const totals = await Promise.all(wishes.map(async lines => ((await (await post('cart', lines)).json()) as { total: number }).total))
  const watched = ['JAR-500-12', 'LAB-250-PLA', 'LAB-250-MEA']
  const before = await Promise.all(watched.map(sku => stockOf(request, sku)))
  const answers = await Promise.all(
    Array.from({ length: 200 }, async (_, i) => {
      const answer = await post('orders', wishes[i % 3]!, totals[i % 3])
      return answer.status() === 201
        ? ((await answer.json()) as {
            total: number
            lines: { sku: string; quantity: number; total: number; components: { sku: string; quantity: number; total: number }[] }[]
          })
        : answer.status()
    }),
  )
  const placed = answers.filter(each => typeof each === 'object')
  expect(new Set(answers.filter(each => typeof each === 'number'))).toEqual(new Set([409]))
  const sold = new Map<string, number>()
  for (const { total, lines } of placed) {
    expect(lines.reduce((sum, line) => sum + line.total, 0)).toBe(total)
    for (const line of lines) {
      if (line.components.length) expect(line.components.reduce((sum, each) => sum + each.total, 0)).toBe(line.total)
      for (const { sku, quantity } of line.components.length ? line.components : [line]) sold.set(sku, (sold.get(sku) ?? 0) + quantity)
    }
  }
  const after = await Promise.all(watched.map(sku => stockOf(request, sku)))
  for (const [i, sku] of watched.entries()) {
    expect(after[i]).toBe(before[i]! - (sold.get(sku) ?? 0))
    expect(after[i]).toBeGreaterThanOrEqual(0)
  }
  // Less is left than the smallest wish takes.
  expect(after[0]).toBeLessThan(2)
})
