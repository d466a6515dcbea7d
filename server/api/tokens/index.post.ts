import { newTokenSchema } from '../../../core/access/people'
import { useShop } from '../../running/useShop'

/** Makes a token for a program. It is told this once. */
export default api('admin', async event => {
  const { name, scopes, days } = await bodyOf(event, newTokenSchema)
  const { access } = await useShop()
  return { token: await access.tokens.make(name, scopes, days) }
})
