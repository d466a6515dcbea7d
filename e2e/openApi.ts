import type { APIRequestContext, APIResponse } from '@playwright/test'
import { Ajv2020 } from 'ajv/dist/2020.js'
import { expect } from './test'

type Method = 'get' | 'post' | 'delete'
type Operation = Partial<Record<Method, { responses: Record<string, { content?: Record<string, { schema: object }> }> }>>
interface Document {
  openapi: string
  paths: Record<string, Operation>
  components: object
}

/**
 * A published document, and a check of any answer against what it says about its route and status.
 * @param path where it is
 */
export async function openApi(request: APIRequestContext, path: string) {
  const document = (await (await request.get(path)).json()) as Document
  const ajv = new Ajv2020({ strict: false, validateFormats: false })
  ajv.addSchema(document, 'contract')
  return {
    document,
    async check(path: string, answer: APIResponse, method: Method = 'get'): Promise<void> {
      const kind = answer.ok() ? 'application/json' : 'application/problem+json'
      expect(answer.headers()['content-type']).toContain(kind)
      const pointer = ['paths', path, method, 'responses', String(answer.status()), 'content', kind, 'schema'].map(each =>
        each.replaceAll('~', '~0').replaceAll('/', '~1'),
      )
      const fits = ajv.compile({ $ref: `contract#/${pointer.map(encodeURIComponent).join('/')}` })
      expect(fits(await answer.json()), JSON.stringify(fits.errors)).toBe(true)
    },
  }
}
