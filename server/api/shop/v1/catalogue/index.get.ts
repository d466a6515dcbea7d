import { firstSentence, namedKey } from '../../../../../core/delivery/catalogueAnswer'
import type { ShopAnswer } from '../../../../../core/delivery/contract/catalogue'
import { draftableQuerySchema } from '../../../../../core/delivery/contract/catalogue'
import { textIn } from '../../../../../core/text/text'
import { admitDraft } from '../../../../admission/admitDraft'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { inShownShop } from '../../../../delivery/shownShop'
import { answerContextOf } from '../../../../delivery/answerContext'
import { isCheckoutOn } from '../../../../orders/checkout'
import { useShop } from '../../../../running/useShop'

export default publicAnswer(async (event): Promise<ShopAnswer> => {
  const query = queryOf(event, draftableQuerySchema)
  await admitDraft(event, query)
  const { shop, store } = await useShop()
  const context = answerContextOf(shop, query)
  const style = await inShownShop(query, shop, store, ({ looks }) => looks.houseStyle)
  const { name, currency, language, languages, welcome } = shop.settings
  return {
    name,
    currency,
    language,
    languages,
    welcome: textIn(welcome, context.language, language),
    checkout: isCheckoutOn(),
    style,
    categories: shop.categories.map(each => ({ ...namedKey(each, context), parent: each.parent })),
    articles: shop.articles.map(({ key, title, body, image }) => ({
      ...namedKey({ key, name: title }, context),
      image,
      intro: firstSentence(textIn(body, context.language, language)),
    })),
  }
})
