import { checkSchema, isProductCheck, wholeCheck } from '../../../core/checks/check'
import type { ChecksAnswer } from '../../../core/studio/checkAnswers'
import { useCounting } from '../../counting/useCounting'
import { useShop } from '../../running/useShop'

/** What the checks found; they run beside the server's other work, so ask again until it is settled. */
export default api('viewer', async (): Promise<ChecksAnswer> => {
  const { shop } = await useShop()
  const { counts, onSections, done, total, settled } = await (await useCounting()).checks()
  const open = onSections.filter(each => shop.putAside.reason(each) === null)
  return {
    checks: checkSchema.options.map(each => {
      const onSection = open.filter(found => found.check === each).length
      return {
        check: each,
        // That a section has nothing is known only when all were looked at.
        count: isProductCheck(each) ? counts && counts[each] : onSection || (done === total ? 0 : null),
        aside: shop.putAside.reason(wholeCheck(each)),
      }
    }),
    putAside: [...shop.putAside.bySource].reduce((sum, [source, findings]) => (source ? sum + findings.size : sum), 0),
    done,
    total,
    settled,
  }
})
