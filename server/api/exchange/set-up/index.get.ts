import { setUpQuerySchema } from '../../../../core/exchange/requests/fileRequests'
import { writeSetUp } from '../../../../core/exchange/setUp/setUp'
import { useShop } from '../../../running/useShop'
import { setUpContext } from '../../../exchange/setUpContext'

/** How the shop is set up, as one document. */
export default api({ role: 'viewer', scope: 'exchange:read' }, async event => {
  const { parts, draft } = queryOf(event, setUpQuerySchema)
  const { shop } = await useShop()
  setResponseHeaders(event, {
    'content-type': 'application/json; charset=utf-8',
    'content-disposition': 'attachment; filename="set-up.json"',
    'cache-control': 'no-store',
  })
  return `${JSON.stringify(writeSetUp(setUpContext(shop), parts, draft ? 'draft' : 'live'), null, 2)}\n`
})
