import { z } from 'zod'
import { setUpSchema } from '../../../core/exchange/setUp/setUp'

/** The form of a set-up, as a JSON Schema (draft 2020-12). */
export default api({ role: 'viewer', scope: 'exchange:read' }, event => {
  setResponseHeader(event, 'content-type', 'application/schema+json')
  return { $id: '/api/exchange/set-up.schema.json', ...z.toJSONSchema(setUpSchema, { target: 'draft-2020-12', reused: 'ref' }) }
})
