import { jobs } from '../../../exchange/jobs'

/** Cancels an import, as long as it has not begun to write. */
export default api(event => {
  jobs.get(pathPart(event, 'job'))?.cancel.abort()
  setResponseStatus(event, 204)
  return null
})
