import { z } from 'zod'
import { makePreviewToken } from '../access/previewToken'
import { useShop } from '../running/useShop'

const query = z.object({
  /** For how long: an hour for the studio's own frames, days for who is asked for a look. */
  hours: z.coerce
    .number()
    .int()
    .min(1)
    .max(14 * 24)
    .default(1),
})

/** A word that opens drafts for a while to whoever is given it. */
export default api('viewer', async event => {
  const { hours } = queryOf(event, query)
  const { access } = await useShop()
  const until = Date.now() + hours * 3_600_000
  return { token: makePreviewToken(access.secret, until), until: new Date(until).toISOString() }
})
