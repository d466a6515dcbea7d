import { importQuerySchema } from '../../../core/exchange/requests/fileRequests'
import type { ImportReport } from '../../../core/exchange/importReport'
import { fileFormatKeys, fileFormatOf, formatOfType } from '../../../core/exchange/formats/registry'
import { idOf } from '../../../core/access/access'
import { stopping } from '../../running/stopping'
import { useShop } from '../../running/useShop'
import { amongFew } from '../../exchange/atOnce'
import { importFile } from '../../exchange/importFile'
import type { Job } from '../../exchange/jobs'
import { jobs } from '../../exchange/jobs'
import { withReceivedFile } from '../../exchange/receiveFile'

/** Imports a file, as one entry of the history; stopped on its way, it says how far it came. */
export default api({ role: 'publisher', scope: 'exchange:write' }, async (event, asker): Promise<ImportReport> => {
  const { kind, dry, keep, file, job: name } = queryOf(event, importQuerySchema)
  const format = formatOfType(getHeader(event, 'content-type') ?? '')
  if (!format)
    throw new Problem(
      415,
      'unknown-format',
      'This format is not read',
      `Send the file as ${fileFormatKeys.map(key => fileFormatOf(key).mediaType).join(' or ')}.`,
    )
  const editor = idOf(asker)
  const running = await useShop()
  const cancel = new AbortController()
  const job: Job = { stage: 'receiving', rows: 0, of: 0, bytes: 0, size: 0, cancel }
  if (name) jobs.set(name, job)
  // Whoever goes away does not want it any more.
  event.node.res.once('close', () => event.node.res.writableFinished || cancel.abort())
  try {
    return await amongFew('import', () =>
      withReceivedFile(event.node.req, cancel.signal, (path, size) =>
        importFile(running, {
          kind,
          format,
          path,
          name: file,
          dry: dry !== undefined,
          keepValid: keep !== undefined,
          editor,
          signal: AbortSignal.any([cancel.signal, stopping]),
          progress: now => Object.assign(job, now, { size }),
        }),
      ),
    )
  } finally {
    if (name) jobs.delete(name)
  }
})
