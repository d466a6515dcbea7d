import { metrics } from '../metrics/metrics'

/** What the server tells of itself, for whoever watches it. */
export default api({ role: 'admin', scope: 'results:read' }, async event => {
  setResponseHeader(event, 'content-type', metrics.contentType)
  return metrics.metrics()
})
