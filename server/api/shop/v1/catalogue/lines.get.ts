import { catalogueCard } from '../../../../../core/delivery/catalogueAnswer'
import type { LinesAnswer } from '../../../../../core/delivery/contract'
import { linesQuery } from '../../../../../core/delivery/contract'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { tellingOf } from '../../../../delivery/telling'
import { useShop } from '../../../../engine/useShop'

export default publicAnswer(async (event): Promise<LinesAnswer> => {
  const { lang, skus } = queryOf(event, linesQuery)
  const { shop } = await useShop()
  const telling = tellingOf(shop, lang)
  return {
    lines: skus.flatMap((line) => {
      const item = shop.catalogue.item(line)
      return item ? [{ ...catalogueCard(item, telling), line, options: item.variant?.options ?? {} }] : []
    }),
  }
})
