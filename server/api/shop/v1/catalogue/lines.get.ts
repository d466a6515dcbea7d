import { attributesOf, catalogueCard, firstSentence } from '../../../../../core/delivery/catalogueAnswer'
import type { LinesAnswer } from '../../../../../core/delivery/contract/catalogue'
import { linesQuerySchema } from '../../../../../core/delivery/contract/catalogue'
import { textIn } from '../../../../../core/text/text'
import { admitDraft } from '../../../../admission/admitDraft'
import { isShownToAll } from '../../../../delivery/isShownToAll'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { answerContextOf } from '../../../../delivery/answerContext'
import { useShop } from '../../../../running/useShop'

export default publicAnswer(async (event): Promise<LinesAnswer> => {
  const query = queryOf(event, linesQuerySchema)
  const { lang, skus, draft } = query
  await admitDraft(event, query)
  const { shop, store } = await useShop()
  const context = answerContextOf(shop, lang)
  const found = skus.flatMap(line => {
    const item = shop.catalogue.item(line)
    return item && (draft || isShownToAll(line, shop)) ? [{ line, item }] : []
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
