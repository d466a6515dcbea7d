import { z } from 'zod'
import { useShop } from '../../running/useShop'

const body = z.strictObject({ key: z.string().max(100) })

/** What an invitation makes of whoever has its key. The key stands in no address, for addresses are written into logs. */
export default api('nothing', async event => {
  const { key } = await bodyOf(event, body)
  const { access } = await useShop()
  const found = access.invitationOf(key)
  if (!found) throw new Problem(404, 'no-invitation', 'Not found', 'This link holds no more. Ask an admin for another.')
  const { name, role, until } = found
  return { name, role, until }
})
