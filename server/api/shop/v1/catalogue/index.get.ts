import { firstSentence, namedKey } from '../../../../../core/delivery/catalogueAnswer'
import type { ShopAnswer } from '../../../../../core/delivery/contract'
import { overviewQuerySchema } from '../../../../../core/delivery/contract'
import { textIn } from '../../../../../core/text/text'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { tellingOf } from '../../../../delivery/telling'
import { useShop } from '../../../../engine/useShop'

export default publicAnswer(async (event): Promise<ShopAnswer> => {
  const { lang, draft } = queryOf(event, overviewQuerySchema)
  const { shop } = await useShop()
  const telling = tellingOf(shop, lang)
  const { name, currency, language, languages } = shop.settings
  return {
    name, currency, language, languages, style: (draft ? shop.drafted : shop).looks.houseStyle,
    categories: shop.categories.map(each => ({ ...namedKey(each, telling), parent: each.parent })),
    articles: shop.articles.map(({ key, title, body, image }) => ({
      ...namedKey({ key, name: title }, telling), image, intro: firstSentence(textIn(body, telling.language, language)),
    })),
  }
})
