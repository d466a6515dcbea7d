import { pipeline } from 'node:stream/promises'
import { exportQuerySchema } from '../../../core/exchange/requests/fileRequests'
import { fileFormatOf } from '../../../core/exchange/formats/registry'
import { useShop } from '../../running/useShop'
import { amongFew } from '../../exchange/atOnce'
import { exportFile } from '../../exchange/exportFile'

/** All there is of a kind as a file that import takes back. */
export default api({ role: 'viewer', scope: 'exchange:read' }, async event => {
  const { kind, format, mark } = queryOf(event, exportQuerySchema)
  const { contentType, extension } = fileFormatOf(format)
  const { res } = event.node
  await amongFew('export', async () => {
    const file = await exportFile(await useShop(), kind, format, mark !== undefined)
    setResponseHeaders(event, { 'content-type': contentType, 'content-disposition': `attachment; filename="${kind}.${extension}"` })
    // Whoever goes away does not want the rest.
    await pipeline(file, res).catch((error: unknown) => {
      if (!res.destroyed) throw error
    })
  })
})
