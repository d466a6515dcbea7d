import { toProductRow } from '../../../core/workbench/workbench'
import type { RuleAnswer } from '../../../core/studio/sectionAnswers'
import { ruleQuestionSchema } from '../../../core/studio/sectionAnswers'
import { UnknownSubjectError } from '../../../core/selection/shop'
import { useCounting } from '../../counting/useCounting'
import { useShop } from '../../running/useShop'
import { askedSignal, bodyOf } from '../../utils/request'

/** How many matches are shown as samples. */
const most = 12

/** Milliseconds of work after which counting is given up. */
const longest = 5000

/** How many products a rule and each of its conditions hold for, and the first that it picks for a product. */
export default api('viewer', async (event): Promise<RuleAnswer> => {
  const { rule, source } = await bodyOf(event, ruleQuestionSchema)
  const { shop } = await useShop()
  const item = shop.catalogue.item(source)
  if (!item) throw new UnknownSubjectError({ kind: 'product', sku: source })
  const thread = await useCounting()
  const counted = await thread.countRule({ rule, source: item.product.sku, most, longest }, askedSignal(event))
  if (typeof counted === 'string') throw problems[counted]
  const at = shop.now()
  const matches = counted.matches.flatMap(sku => shop.catalogue.product(sku) ?? [])
  return { ...counted, matches: matches.map(product => toProductRow({ product, variant: null }, shop, at, item.product)) }
})

const problems = {
  'too long': new Problem(
    422,
    'too-long-to-count',
    'Not counted',
    `Counting this rule was given up after ${longest / 1000} seconds of work: it asks too much of too many products.`,
  ),
  'stopped': new Problem(503, 'not-counted', 'Not counted', 'The count was broken off. Ask again in a moment.', [], 1),
}
