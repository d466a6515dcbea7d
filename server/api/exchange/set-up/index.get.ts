import { z } from 'zod'
import { setUpParts, writeSetUp } from '../../../../core/exchange/setUp/setUp'
import { useShop } from '../../../running/useShop'
import { setUpContext } from '../../../exchange/setUpContext'

const query = z.object({
  /** Some of them, separated by commas; left out: all. */
  parts: z
    .string()
    .transform(value => value.split(','))
    .pipe(z.array(z.enum(setUpParts)))
    .default([...setUpParts]),
  /** 1: with the drafts. */
  draft: z.literal('1').optional(),
})

/** How the shop is set up, as one document. */
export default api({ role: 'viewer', scope: 'exchange:read' }, async event => {
  const { parts, draft } = queryOf(event, query)
  const { shop } = await useShop()
  setResponseHeaders(event, {
    'content-type': 'application/json; charset=utf-8',
    'content-disposition': 'attachment; filename="set-up.json"',
    'cache-control': 'no-store',
  })
  return `${JSON.stringify(writeSetUp(setUpContext(shop), parts, draft ? 'draft' : 'live'), null, 2)}\n`
})
