import { pageAnswer } from '../../../core/delivery/pageAnswer'
import { offersAnswer } from '../../../core/delivery/offersAnswer'
import { PricesBeside } from '../../../core/pricing/pricesBeside'
import { tryQuerySchema } from '../../../core/studio/sectionAnswers'
import { explainPage } from '../../../core/selection/resolvePage'
import { pageTypes } from '../../../core/pageTypes/registry'
import type { PageAnswer } from '../../../core/delivery/contract/pages'
import type { ShownShop } from '../../delivery/shownShop'
import { useShop } from '../../running/useShop'
import { queryOf } from '../../utils/request'
import { withSection } from '../../../core/selection/withSection'

/** A page as it would be with a section's draft, with all reasons; the section stands at its foot when the page's plan doesn't have it. */
export default api('viewer', async event => {
  const { section, page: kind, subject, live, cart, parts, seen, visitor, at } = queryOf(event, tryQuerySchema)
  const { shop } = await useShop()
  const { settings } = shop
  const shopper = {
    cart: cart.map(line => line.sku),
    chosenParts: parts,
    seen,
    visitor: visitor ?? '',
    view: String(Date.now()),
    at: shop.momentAt(at),
  }
  function answer(shown: ShownShop): PageAnswer {
    const tried = withSection(shown, section, kind)
    if (!tried)
      throw new Problem(
        404,
        'unknown-section',
        'Not found',
        live ? 'This section is not live yet.' : `There is no section with the key ${section}.`,
        [section],
      )
    const prices = new PricesBeside(cart, tried, shopper.at)
    const page = explainPage(tried, pageTypes[kind].pageAbout(subject), shopper)
    return {
      ...pageAnswer(kind, page, shown, settings, settings.language, prices),
      ...offersAnswer(
        page.offers,
        shown.looks,
        { settings, language: settings.language, at: shopper.at, items: shown.catalogue },
        prices,
        true,
      ),
    }
  }
  return live ? answer(shop) : shop.asDrafted(answer)
})
