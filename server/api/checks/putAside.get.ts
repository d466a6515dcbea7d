import { findingOf } from '../../../core/checks/check'
import type { FindingsAnswer } from '../../../core/studio/checkAnswers'
import { putAsideQuerySchema } from '../../../core/studio/checkAnswers'
import { toFindingRow } from '../../checks/toFindingRow'
import { useShop } from '../../running/useShop'
import { queryOf } from '../../utils/request'

/** Findings that were put aside one by one, with the reasons. */
export default api('viewer', async (event): Promise<FindingsAnswer> => {
  const { offset, limit } = queryOf(event, putAsideQuerySchema)
  const { shop } = await useShop()
  const all = [...shop.putAside.bySource].flatMap(([source, findings]) =>
    source ? Array.from(findings.keys(), key => findingOf(source, key)) : [],
  )
  return { total: all.length, rows: all.slice(offset, offset + limit).map(finding => toFindingRow(finding, shop)) }
})
