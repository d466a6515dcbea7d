import { isProductCheck } from '../../../core/checks/check'
import type { FindingsAnswer } from '../../../core/studio/checkAnswers'
import { findingsQuerySchema } from '../../../core/studio/checkAnswers'
import { useCounting } from '../../counting/useCounting'
import { useShop } from '../../running/useShop'
import { toFindingRow } from '../../checks/toFindingRow'
import { queryOf } from '../../utils/request'

/** Some of what a check found. */
export default api('viewer', async (event): Promise<FindingsAnswer> => {
  const { check, offset, limit } = queryOf(event, findingsQuerySchema)
  const { shop } = await useShop()
  const counting = await useCounting()
  if (isProductCheck(check)) {
    const found = await counting.findings(check, offset, limit)
    // Asked for after them: while they were looked for, more may have been found.
    const { counts } = await counting.checks()
    return { total: counts?.[check] ?? 0, rows: found.map(each => toFindingRow(each, shop)) }
  }
  const { onSections } = await counting.checks()
  const found = onSections
    .filter(each => each.check === check && shop.putAside.reason(each) === null)
    .sort((a, b) => b.part / b.whole - a.part / a.whole)
  return { total: found.length, rows: found.slice(offset, offset + limit).map(each => toFindingRow(each, shop, each)) }
})
