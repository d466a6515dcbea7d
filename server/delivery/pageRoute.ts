import type { H3Event } from 'h3'
import type { PageQuery } from '../../core/delivery/contract'
import { pageQuery } from '../../core/delivery/contract'
import { offersAnswer } from '../../core/delivery/offersAnswer'
import { pageAnswer, pageText } from '../../core/delivery/pageAnswer'
import type { OfferList } from '../../core/offers/offerLists'
import { offerLists } from '../../core/offers/offerLists'
import { explainPage, resolvePage } from '../../core/selection/resolvePage'
import type { Page } from '../../core/selection/shop'
import type { Shopper } from '../../core/candidates/shopper'
import type { LiveShop } from '../engine/liveShop'
import { useShop } from '../engine/useShop'
import { decoded, queryOf } from '../utils/request'
import { publicAnswer } from './publicAnswer'

const address = /^\/api\/shop\/v1\/pages\/(?:(product|added|category|article)\/([^/?]+)|cart)(?:\?|$)/

/** Whether a path and query is that of a page's sections. */
export const isPageAddress = (path: string) => address.test(path)

/** Counted on, so that every view is mixed in another way; from a number that other runs of the server did not begin with. */
let views = Date.now()

/** Answers the sections of any kind of page. */
export const pageRoute = publicAnswer(async (event) => {
  const page = pageOf(event)
  const { cart, seen, visitor, at, lang, draft, explain } = parsedQuery(event)
  const { shop } = await useShop()
  const shopper: Shopper = {
    cart: cart.map(line => line.sku), seen, visitor: visitor ?? '', view: String(views++), at: shop.momentAt(at),
  }
  const shown = draft ? shop.drafted : shop
  const language = shop.languageFor(lang)
  const resolved = explain ? explainPage(shown, page, shopper) : resolvePage(shown, page, shopper)
  const lists = offersOf(page, resolved.subjects, shop, shopper)
  const offers = () => offersAnswer(lists, { settings: shop.settings, language, at: shopper.at, items: shop.catalogue }, explain)
  if (explain) return { ...pageAnswer(page.kind, resolved, shown, shop.settings, language), ...offers() }
  const text = pageText(page.kind, resolved, shown, shop.texts, language)
  return lists.some(list => !list.hidden) ? `${text.slice(0, -1)},"offers":${JSON.stringify(offers().offers)}}` : text
})

function offersOf({ kind }: Page, subjects: readonly string[], shop: LiveShop, { cart, at }: Shopper): OfferList[] {
  if (!shop.offers.length || (kind !== 'product' && kind !== 'cart')) return []
  return offerLists(subjects.map(sku => shop.catalogue.product(sku)!), cart, shop, at)
}

/** Queries repeat (most shoppers' carts are empty), and checking one takes longer than filling a section. */
const parsed = new Map<string, PageQuery>()
const mostParsed = 2000

function parsedQuery(event: H3Event): PageQuery {
  const start = event.path.indexOf('?')
  const search = start < 0 ? '' : event.path.slice(start)
  let query = parsed.get(search)
  if (!query) {
    query = queryOf(event, pageQuery)
    if (parsed.size >= mostParsed) parsed.clear()
    parsed.set(search, query)
  }
  return query
}

function pageOf(event: H3Event): Page {
  const [, kind, name = ''] = address.exec(event.path)!
  const subject = decoded(name)
  switch (kind) {
    case 'product': case 'added': return { kind, sku: subject }
    case 'category': case 'article': return { kind, key: subject }
    default: return { kind: 'cart' }
  }
}
