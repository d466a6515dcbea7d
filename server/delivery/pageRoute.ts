import type { IncomingMessage } from 'node:http'
import { parse } from 'fast-querystring'
import type { PageQuery } from '../../core/delivery/contract/pages'
import { pageQuerySchema } from '../../core/delivery/contract/pages'
import { offersAnswer } from '../../core/delivery/offersAnswer'
import { pageAnswer } from '../../core/delivery/pageAnswer'
import { pageText } from '../../core/delivery/pageText'
import { jsonBytes } from '../../core/text/byteText'
import { PricesBeside } from '../../core/pricing/pricesBeside'
import { explainPage, resolvePage } from '../../core/selection/resolvePage'
import type { Page, PageKind } from '../../core/pageTypes/registry'
import { pageKinds, pageTypes } from '../../core/pageTypes/registry'
import type { Shopper } from '../../core/candidates/shopper'
import type { LiveShop } from '../live/liveShop'
import { useShop } from '../running/useShop'
import type { Shop } from '../../core/selection/shop'
import { UnknownSubjectError } from '../../core/selection/shop'
import { withOfferPlaced } from '../../core/selection/withOffer'
import { withPlan } from '../../core/selection/withPlan'
import { withSection } from '../../core/selection/withSection'
import { admitDraft } from '../admission/admitDraft'
import { isShownToAll } from './isShownToAll'
import { decoded, searchOf } from '../utils/request'
import { publicAnswer } from './publicAnswer'
import type { ShownShop } from './shownShop'
import { inShownShop, there } from './shownShop'

const kinds = (areNamed: boolean) => pageKinds.filter(kind => (pageTypes[kind].address.name !== null) === areNamed).join('|')
const address = new RegExp(`^/api/shop/v1/pages/(?:(${kinds(true)})/([^/?]+)|(${kinds(false)}))(?:\\?|$)`)

/** Whether somebody asks for the sections of a page. */
export const isPageRequest = ({ method, url }: IncomingMessage) => (method === 'GET' || method === 'HEAD') && address.test(url!)

/** Counted on, so that every view is mixed in another way; from a number that other runs of the server did not begin with. */
let views = Date.now()

/** Answers the sections of any kind of page. */
export const pageRoute = publicAnswer(async event => {
  const { page, query } = asked(event.node.req.url!)
  const { cart, parts, seen, visitor, at, lang, draft } = query
  await admitDraft(event, query)
  const { shop, store } = await useShop()
  if (!draft && 'sku' in page && !isShownToAll(page.sku, shop)) throw new UnknownSubjectError({ kind: 'product', sku: page.sku })
  const shopper: Shopper = {
    cart: cart.map(line => line.sku),
    chosenParts: parts,
    seen,
    visitor: visitor ?? '',
    view: String(views++),
    at: shop.momentAt(at),
  }
  const language = shop.languageFor(lang)
  return inShownShop(query, shop, store, shown => answerOf(shown, shop, page, shopper, query, language))
})

/** A shop with what is pretended of its pages for a look at them. @throws Problem when there is no such plan or section */
function pretended(shop: Shop, page: Page, { plan, foot, offer }: PageQuery): Shop {
  const [kind, section] = (foot?.split(':') ?? []) as [PageKind?, string?]
  const planned = plan === undefined ? shop : there(withPlan(shop, plan), 'unknown-plan', 'page plan', plan)
  const footed = section === undefined ? planned : there(withSection(planned, section, kind!), 'unknown-section', 'section', section)
  return offer === undefined ? footed : withOfferPlaced(footed, offer, page.kind)
}

/** The sections and offers of a page, as JSON where it can be put together of what is written already. */
function answerOf(shown: ShownShop, shop: LiveShop, page: Page, shopper: Shopper, query: PageQuery, language: string) {
  const { cart, explain } = query
  const resolving = pretended(shown, page, query)
  const resolved = explain ? explainPage(resolving, page, shopper) : resolvePage(resolving, page, shopper)
  const prices = new PricesBeside(cart, resolving, shopper.at)
  const offers = () =>
    offersAnswer(
      resolved.offers,
      shown.looks,
      { settings: shop.settings, language, at: shopper.at, items: shop.catalogue },
      prices,
      explain,
    )
  const isReduced = cart.length > 0 && resolved.sections.some(each => each.items.some(item => prices.of(item)))
  if (explain || isReduced) return { ...pageAnswer(page.kind, resolved, shown, shop.settings, language, prices), ...offers() }
  const text = pageText(page.kind, resolved, shown, shop.texts, language)
  return resolved.offers.some(list => !list.hidden) ? `${text.slice(0, -1)},"offers":${jsonBytes(offers().offers)}}` : text
}

function asked(url: string): { page: Page; query: PageQuery } {
  const [, named, name = '', plain] = address.exec(url)!
  const kind = (named ?? plain) as PageKind
  const query = querySchemas.get(kind)!.parse(parse(searchOf(url))) as PageQuery
  return { page: pageTypes[kind].pageOf(decoded(name), query), query }
}

/** Some kinds of page have parameters of their own. */
const querySchemas = new Map(
  pageKinds.map(kind => {
    const { query } = pageTypes[kind].address
    return [kind, query ? pageQuerySchema.extend(query.shape) : pageQuerySchema]
  }),
)
