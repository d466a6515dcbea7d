import { useShop } from '../running/useShop'

/** What products can be filtered by. */
export default api(async () => (await useShop()).shop.finder.facets)
