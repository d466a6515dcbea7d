import type { H3Event } from 'h3'
import type { z } from 'zod'
import type { PageQuery } from '../../core/delivery/contract/pages'
import { pageQuerySchema } from '../../core/delivery/contract/pages'
import { offersAnswer } from '../../core/delivery/offersAnswer'
import { pageAnswer, pageText } from '../../core/delivery/pageAnswer'
import type { OfferList } from '../../core/offers/offerLists'
import { offerLists } from '../../core/offers/offerLists'
import { explainPage, resolvePage } from '../../core/selection/resolvePage'
import type { Page, PageKind } from '../../core/pageTypes/registry'
import { pageKinds, pageTypes } from '../../core/pageTypes/registry'
import type { Shopper } from '../../core/candidates/shopper'
import type { LiveShop } from '../live/liveShop'
import { useShop } from '../running/useShop'
import { decoded, queryOf } from '../utils/request'
import { publicAnswer } from './publicAnswer'

const kinds = (areNamed: boolean) => pageKinds.filter(kind => (pageTypes[kind].address.name !== null) === areNamed).join('|')
const address = new RegExp(`^/api/shop/v1/pages/(?:(${kinds(true)})/([^/?]+)|(${kinds(false)}))(?:\\?|$)`)

/** Whether a path and query is that of a page's sections. */
export const isPageAddress = (path: string) => address.test(path)

/** Counted on, so that every view is mixed in another way; from a number that other runs of the server did not begin with. */
let views = Date.now()

/** Answers the sections of any kind of page. */
export const pageRoute = publicAnswer(async event => {
  const {
    page,
    query: { cart, seen, visitor, at, lang, draft, explain },
  } = asked(event)
  const { shop } = await useShop()
  const shopper: Shopper = {
    cart: cart.map(line => line.sku),
    seen,
    visitor: visitor ?? '',
    view: String(views++),
    at: shop.momentAt(at),
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
  return offerLists(
    subjects.map(sku => shop.catalogue.product(sku)!),
    cart,
    shop,
    at,
  )
}

/**
 * Queries repeat (most shoppers' carts are empty), and checking one takes longer than filling a section.
 * Those with parameters of their own hardly do, searches above all: they are kept apart, so that they push out no others.
 */
const parsedQueries = new Map<string, PageQuery>()
const parsedOwnQueries = new Map<string, PageQuery>()
const maxParsed = 2000

function asked(event: H3Event): { page: Page; query: PageQuery } {
  const [, named, name = '', plain] = address.exec(event.path)!
  const kind = (named ?? plain) as PageKind
  const {
    address: { query: own },
    pageOf,
  } = pageTypes[kind]
  const query = parsedQuery(event, own && { kind, query: own })
  return { page: pageOf(decoded(name), query), query }
}

/** @param own parameters that only this kind of page has */
function parsedQuery(event: H3Event, own: { kind: PageKind; query: z.ZodObject } | undefined): PageQuery {
  const parsed = own ? parsedOwnQueries : parsedQueries
  const start = event.path.indexOf('?')
  const search = `${own?.kind ?? ''}${start < 0 ? '' : event.path.slice(start)}`
  let query = parsed.get(search)
  if (!query) {
    query = queryOf(event, own ? pageQuerySchema.extend(own.query.shape) : pageQuerySchema) as PageQuery
    if (parsed.size >= maxParsed) parsed.clear()
    parsed.set(search, query)
  }
  return query
}
