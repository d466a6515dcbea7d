import { afterEach, expect, it, vi } from 'vitest'
import { z } from 'zod'
import { ApiProblem, callApi } from './callApi'

const schema = z.object({ total: z.int() })
afterEach(() => vi.unstubAllGlobals())

const answering = (answer: () => unknown) => vi.stubGlobal('$fetch', async () => answer())
const failing = (error: object) =>
  answering(() => {
    throw error
  })
const problemOf = async (call: Promise<unknown>): Promise<ApiProblem> => {
  const problem = await call.then(
    () => null,
    error => error,
  )
  expect(problem).toBeInstanceOf(ApiProblem)
  return problem as ApiProblem
}

it('hands over an answer as its schema has it', async () => {
  answering(() => ({ total: 3, more: 'than was asked for' }))
  expect(await callApi(schema, '/api/products')).toEqual({ total: 3 })
})

it('says what the server said was wrong', async () => {
  failing({
    data: { type: 'urn:manada:problem:unknown-subject', title: 'Unknown', status: 404, detail: 'There is no product with this SKU.' },
  })
  const problem = await problemOf(callApi(schema, '/api/bench'))
  expect([problem.code, problem.message]).toEqual(['unknown-subject', 'There is no product with this SKU.'])
})

it.each([
  ['GET', 'Manada’s server does not answer. What was saved is safe.'],
  ['POST', 'Manada’s server does not answer. What was saved is safe; whether the last change was made shows as soon as it answers again.'],
] as const)('says of a %s that never arrived what is safe', async (method, words) => {
  failing(new TypeError('fetch failed'))
  const problem = await problemOf(callApi(schema, '/api/bench', { method }))
  expect([problem.code, problem.message]).toEqual(['unreachable', words])
})

it('takes something else than a problem for no answer', async () => {
  failing({ data: '<html>Bad gateway</html>' })
  expect((await problemOf(callApi(schema, '/api/bench'))).code).toBe('unreachable')
})

it('makes no problem of a question that was taken back', async () => {
  const asking = new AbortController()
  asking.abort()
  const aborted = new DOMException('aborted', 'AbortError')
  failing(aborted)
  await expect(callApi(schema, '/api/bench', { signal: asking.signal })).rejects.toBe(aborted)
})

it('does not take an answer that is not as agreed', async () => {
  answering(() => ({ total: 'three' }))
  await expect(callApi(schema, '/api/products')).rejects.toBeInstanceOf(z.ZodError)
})
