import { attributesOf, catalogueCard, firstSentence } from '../../../../../core/delivery/catalogueAnswer'
import type { LinesAnswer } from '../../../../../core/delivery/contract/catalogue'
import { linesQuerySchema } from '../../../../../core/delivery/contract/catalogue'
import { textIn } from '../../../../../core/text/text'
import { admitDraft } from '../../../../admission/admitDraft'
import { isShownToAll } from '../../../../delivery/isShownToAll'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { answerContextOf } from '../../../../delivery/answerContext'
import { inShownShop } from '../../../../delivery/shownShop'
import { useShop } from '../../../../running/useShop'

export default publicAnswer(async (event): Promise<LinesAnswer> => {
  const query = queryOf(event, linesQuerySchema)
  const { skus, draft } = query
  await admitDraft(event, query)
  const { shop, store } = await useShop()
  const context = answerContextOf(shop, query)
  const known = skus.filter(line => draft || isShownToAll(line, shop))
  const descriptions = await store.descriptions(known.flatMap(line => shop.catalogue.item(line)?.product.sku ?? []))
  return inShownShop(query, shop, store, ({ catalogue }) => ({
    lines: known.flatMap(line => {
      const item = catalogue.item(line)
      if (!item) return []
      return {
        ...catalogueCard(item, context),
        line,
        options: item.variant?.options ?? {},
        attributes: attributesOf(item.product),
        text: firstSentence(textIn(descriptions.get(item.product.sku) ?? {}, context.language, context.settings.language)),
      }
    }),
  }))
})
