import { useShop } from '../running/useShop'

/** What products can be filtered by. */
export default api('viewer', async () => (await useShop()).shop.finder.facets)
