import { setUpImportQuerySchema } from '../../../../core/exchange/requests/fileRequests'
import type { SetUpReport } from '../../../../core/exchange/setUp/setUp'
import { planSetUp } from '../../../../core/exchange/setUp/setUp'
import { SetUpError } from '../../../../core/exchange/setUp/setUpChecks'
import { setUpFileSchema } from '../../../../core/exchange/setUp/upgradeSetUp'
import { idOf } from '../../../../core/access/access'
import { useShop } from '../../../running/useShop'
import { setUpContext } from '../../../exchange/setUpContext'
import { knownThings } from '../../../sections/knownThings'

/** Reads a set-up, as one entry of the history. */
export default api({ role: 'publisher', scope: 'exchange:write' }, async (event, asker): Promise<SetUpReport> => {
  const { dry, publish, file } = queryOf(event, setUpImportQuerySchema)
  const given = await bodyOf(event, setUpFileSchema)
  const editor = idOf(asker)
  const { shop, log } = await useShop()
  const plan = () => planSetUp(given, setUpContext(shop), knownThings(shop), shop.settings.language, publish !== undefined)
  try {
    if (dry) return { ...plan().report, entry: null }
    let planned = plan()
    const done = await log.runImport(
      { type: 'import', kind: 'set-up', file },
      () => {
        planned = plan()
        return Promise.resolve(planned.changes)
      },
      () => `Imported the set-up of ${file}`,
      editor,
    )
    return { ...planned.report, entry: done.entry }
  } catch (error) {
    if (error instanceof SetUpError) throw new Problem(422, 'set-up', 'This set-up can’t be taken', `${error.message} Nothing was changed.`)
    throw error
  }
})
