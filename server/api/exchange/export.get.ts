import { z } from 'zod'
import { fileKind } from '../../../core/exchange/importReport'
import { useShop } from '../../engine/useShop'
import { exportFile } from '../../exchange/exportFile'

const query = z.object({
  kind: fileKind,
  /** 1: with a byte order mark, for spreadsheets. */
  mark: z.literal('1').optional(),
})

/** All links or products as a file that import takes back. */
export default api(async (event) => {
  const { kind, mark } = queryOf(event, query)
  const file = await exportFile(await useShop(), kind, mark !== undefined)
  setResponseHeaders(event, { 'content-type': 'text/csv; charset=utf-8; header=present', 'content-disposition': `attachment; filename="${kind}.csv"`, 'cache-control': 'no-store' })
  return sendStream(event, file)
})
