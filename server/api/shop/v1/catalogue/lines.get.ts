import { attributesOf, catalogueCard, firstSentence } from '../../../../../core/delivery/catalogueAnswer'
import type { LinesAnswer } from '../../../../../core/delivery/contract/catalogue'
import { linesQuerySchema } from '../../../../../core/delivery/contract/catalogue'
import { textIn } from '../../../../../core/text/text'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { answerContextOf } from '../../../../delivery/answerContext'
import { useShop } from '../../../../running/useShop'

export default publicAnswer(async (event): Promise<LinesAnswer> => {
  const { lang, skus } = queryOf(event, linesQuerySchema)
  const { shop, store } = await useShop()
  const context = answerContextOf(shop, lang)
  const found = skus.flatMap(line => {
    const item = shop.catalogue.item(line)
    return item ? [{ line, item }] : []
  })
  const descriptions = await store.descriptions(found.map(({ item }) => item.product.sku))
  return {
    lines: found.map(({ line, item }) => ({
      ...catalogueCard(item, context),
      line,
      options: item.variant?.options ?? {},
      attributes: attributesOf(item.product),
      text: firstSentence(textIn(descriptions.get(item.product.sku) ?? {}, context.language, context.settings.language)),
    })),
  }
})
