import { jobs } from '../../../exchange/jobs'

/** How far an import is. */
export default api({ role: 'publisher', scope: 'exchange:write' }, event => {
  const job = jobs.get(pathPart(event, 'job'))
  if (!job) throw new Problem(404, 'no-such-job', 'Not found', 'This import has ended, or it was never begun.')
  const { stage, rows, of, bytes, size } = job
  return { stage, rows, of, bytes, size }
})
