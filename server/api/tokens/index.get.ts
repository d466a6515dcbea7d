import type { TokensAnswer } from '../../../core/access/people'
import { useShop } from '../../running/useShop'

export default api('admin', async (): Promise<TokensAnswer> => {
  const { access } = await useShop()
  return { tokens: access.tokens.all.map(({ hash: _, ...token }) => token) }
})
