import { imageOf } from '../../core/catalogue/product'
import type { LanePage } from '../../core/links/pageLanes'
import { sourceOfPage } from '../../core/links/pageLanes'
import type { PageKind } from '../../core/pageTypes/registry'
import { pageTypes } from '../../core/pageTypes/registry'
import type { PageList } from '../../core/studio/sectionAnswers'
import { textIn } from '../../core/text/text'
import type { LiveShop } from '../live/liveShop'

/** A page in a list of pages. @param subject SKU or key of what it is about */
export function toPageRow(kind: PageKind, subject: string, shop: LiveShop): PageList['pages'][number] {
  const {
    asksFor,
    counted: [one],
  } = pageTypes[kind]
  switch (asksFor) {
    case 'product': {
      const product = shop.catalogue.product(subject)
      return { name: nameOf(product?.name, subject, shop), sku: subject, image: product ? imageOf(product, null) : null, source: subject }
    }
    case 'category':
      return pageOf(asksFor, subject, shop.catalogue.category(subject)?.name, shop)
    case 'article':
      return pageOf(asksFor, subject, shop.catalogue.article(subject)?.title, shop)
    case null:
      return { name: one, sku: null, image: null, source: null }
  }
}

const pageOf = (page: LanePage, key: string, name: Record<string, string> | undefined, shop: LiveShop) => ({
  name: nameOf(name, key, shop),
  sku: null,
  image: null,
  source: sourceOfPage(page, key),
})

function nameOf(name: Record<string, string> | undefined, key: string, { settings: { language } }: LiveShop): string {
  return textIn(name ?? {}, language, language) || key
}
