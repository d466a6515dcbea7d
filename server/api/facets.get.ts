import type { Facets } from '../../core/finding/facets'
import { facetsOf } from '../../core/finding/facets'
import { useShop } from '../engine/useShop'

/** Counted once: products only change with a new start. */
let facets: Facets | undefined

/** What products can be filtered by. */
export default api(async () => facets ??= facetsOf((await useShop()).shop.finder.postings))
