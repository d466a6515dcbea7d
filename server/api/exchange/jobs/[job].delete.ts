import { jobs } from '../../../exchange/jobs'

/** Cancels an import, as long as it has not begun to write. */
export default api({ role: 'publisher', scope: 'exchange:write' }, event => {
  jobs.get(pathPart(event, 'job'))?.cancel.abort()
  setResponseStatus(event, 204)
  return null
})
