import { z } from 'zod'
import type { SuggestionsAnswer } from '../../core/workbench/workbench'
import { toProductRow } from '../../core/workbench/workbench'
import { CommandError } from '../../core/journal/commandError'
import { UnknownSubjectError } from '../../core/selection/shop'
import { reasonWords, suggesting } from '../../core/suggestions/suggest'
import { textIn } from '../../core/text/text'
import { runInSteps } from '../live/runInSteps'
import { useShop } from '../running/useShop'

const query = z.object({ sku: z.string(), kind: z.string(), limit: z.coerce.number().int().min(1).max(100).default(24) })

/** What could be linked to a product as a kind, and why. */
export default api('viewer', async (event): Promise<SuggestionsAnswer> => {
  const { sku, kind: key, limit } = queryOf(event, query)
  const { store, shop } = await useShop()
  const source = shop.catalogue.item(sku)?.product
  if (!source) throw new UnknownSubjectError({ kind: 'product', sku })
  const kind = shop.kinds.get(key)
  if (!kind || kind.retired) throw new CommandError('unknown-kind', `There is no link kind “${key}” in use.`, [key])

  const now = shop.now()
  const suggestionShop = {
    catalogue: shop.catalogue,
    postings: shop.finder.postings,
    lane: (source: string, kind: string) => shop.links.lane(source, kind),
    dismissed: (source: string, kind: string) => shop.dismissed.lane(source, kind),
    neighbours: (source: string) => shop.neighboursOf(source),
  }
  const { language } = shop.settings
  const categoryName = (key: string) => textIn(shop.catalogue.category(key)?.name ?? {}, language, language) || key
  const row = (product: typeof source) => toProductRow({ product, variant: null }, shop, now, source)
  const linksBack = await store.sourcesLinkingTo(source.sku, key)
  const suggestions = await runInSteps(suggesting(source, kind, suggestionShop, linksBack, now, limit), whileAsked(event))
  return {
    rows: suggestions.map(({ product, reasons }) => ({
      ...row(product),
      why: reasons.map(reason => reasonWords(reason, categoryName)),
    })),
    dismissed: shop.dismissed
      .lane(source.sku, key)
      .flatMap(({ target }) => shop.catalogue.product(target) ?? [])
      .map(row),
  }
})
