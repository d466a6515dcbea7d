import { jobs } from '../../../exchange/jobs'

/** Stops an import: what it has written is in, and it says how much that is. */
export default api({ role: 'publisher', scope: 'exchange:write' }, event => {
  jobs.get(pathPart(event, 'job'))?.cancel.abort()
  setResponseStatus(event, 204)
  return null
})
