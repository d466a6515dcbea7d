import { toProductRow } from '../../../core/workbench/workbench'
import type { RuleAnswer } from '../../../core/studio/sectionAnswers'
import { ruleQuestionSchema } from '../../../core/studio/sectionAnswers'
import { UnknownSubjectError } from '../../../core/selection/shop'
import { countRule } from '../../../core/selection/countRule'
import { runInSteps } from '../../live/runInSteps'
import { useShop } from '../../running/useShop'
import { bodyOf, whileAsked } from '../../utils/request'

/** How many matches are shown as samples. */
const maxMatches = 12

/** How many products a rule and each of its conditions hold for, and the first that it picks for a product. */
export default api('viewer', async (event): Promise<RuleAnswer> => {
  const { rule, source } = await bodyOf(event, ruleQuestionSchema)
  const { shop } = await useShop()
  const item = shop.catalogue.item(source)
  if (!item) throw new UnknownSubjectError({ kind: 'product', sku: source })
  const at = shop.now()
  const { counts, applies, matches } = await runInSteps(countRule(rule, item.product.sku, shop, at, maxMatches), whileAsked(event))
  return { counts, applies, matches: matches.map(product => toProductRow({ product, variant: null }, shop, at, item.product)) }
})
