import { validate } from '@readme/openapi-parser'
import { openApi } from './openApi'
import { expect, test } from './test'

const programs = '/api/openapi.json'

for (const path of [programs, '/api/shop/v1/openapi.json'])
  test(`the OpenAPI document at ${path} is valid`, async ({ request }) => {
    const { document } = await openApi(request, path)
    expect(document.openapi).toMatch(/^3\.1\./)
    expect(await validate(structuredClone(document) as never)).toMatchObject({ valid: true })
  })

test('programs are answered as the document says', async ({ request, playwright, baseURL }) => {
  const { check } = await openApi(request, programs)
  const csv = { 'content-type': 'text/csv' }
  const job = crypto.randomUUID()
  const nobody = await playwright.request.newContext({ baseURL })
  const setUp = await request.get('/api/exchange/set-up')
  const made = await request.post('/api/tokens', { data: { name: 'shop', scopes: ['orders:write'], days: 30 } })
  const asked: [path: string, method: 'get' | 'post', status: number, answer: ReturnType<typeof request.get>][] = [
    ['/api/exchange/set-up', 'get', 200, Promise.resolve(setUp)],
    ['/api/exchange/set-up', 'post', 200, request.post('/api/exchange/set-up?dry=1', { data: await setUp.json() })],
    ['/api/exchange/set-up', 'post', 400, request.post('/api/exchange/set-up', { data: { version: 'none' } })],
    ['/api/exchange/export', 'get', 400, request.get('/api/exchange/export?kind=nothing')],
    ['/api/exchange/export', 'get', 401, nobody.get('/api/exchange/export?kind=links')],
    [
      '/api/exchange/import',
      'post',
      200,
      request.post('/api/exchange/import?kind=products&dry=1', { data: 'sku,stock\nHAT,7\nGONE,x\n', headers: csv }),
    ],
    ['/api/exchange/import', 'post', 422, request.post('/api/exchange/import?kind=products', { data: 'nothing\n1\n', headers: csv })],
    [
      '/api/exchange/import',
      'post',
      415,
      request.post('/api/exchange/import?kind=products', { data: 'x', headers: { 'content-type': 'text/x' } }),
    ],
    ['/api/exchange/jobs/{job}', 'get', 404, request.get(`/api/exchange/jobs/${job}`)],
    ['/api/tokens', 'get', 200, request.get('/api/tokens')],
    ['/api/tokens', 'post', 200, Promise.resolve(made)],
    ['/api/tokens', 'post', 400, request.post('/api/tokens', { data: { name: 'shop', scopes: [], days: 30 } })],
    ['/api/people/invite', 'post', 200, request.post('/api/people/invite', { data: { name: 'Wilma', role: 'editor' } })],
    ['/api/people/invite', 'post', 401, nobody.post('/api/people/invite', { data: { name: 'Wilma', role: 'editor' } })],
    ['/api/health/live', 'get', 200, nobody.get('/api/health/live')],
    ['/api/health/ready', 'get', 200, nobody.get('/api/health/ready')],
  ]
  for (const [path, method, status, coming] of asked)
    await test.step(`${method} ${path} ${status}`, async () => {
      const answer = await coming
      expect(answer.status(), await answer.text()).toBe(status)
      await check(path, answer, method)
    })

  // A token may do what its scopes say, and is told no more than that.
  const { token } = (await made.json()) as { token: string }
  const refused = await nobody.get('/api/exchange/export?kind=links', { headers: { authorization: `Bearer ${token}` } })
  expect(refused.status()).toBe(403)
  await check('/api/exchange/export', refused)
  const { tokens } = (await (await request.get('/api/tokens')).json()) as { tokens: { id: string }[] }
  expect((await request.delete(`/api/tokens/${tokens[0]!.id}`)).status()).toBe(204)
  const gone = await request.delete(`/api/tokens/${tokens[0]!.id}`)
  expect(gone.status()).toBe(404)
  await check('/api/tokens/{id}', gone, 'delete')
})
