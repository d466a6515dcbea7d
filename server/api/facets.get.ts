import type { Facets } from '../../core/finding/facets'
import { facetsOf } from '../../core/finding/facets'
import { useShop } from '../engine/useShop'

/** Counted once for as long as nothing is written. */
let known: { writes: number, facets: Facets } | undefined

/** What products can be filtered by. */
export default api(async () => {
  const { shop, log } = await useShop()
  if (known?.writes !== log.writes) known = { writes: log.writes, facets: facetsOf(shop.finder.postings) }
  return known.facets
})
