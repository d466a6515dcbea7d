import type { SessionShown } from '../../../../core/access/people'
import { sessionOf } from '../../../admission/signedIn'
import { themselves } from '../../../admission/themselves'

/** Where one is signed in. */
export default api('viewer', async (event, asker): Promise<{ sessions: SessionShown[] }> => {
  const { access, person } = await themselves(asker)
  const own = await sessionOf(event)
  return { sessions: access.sessionsOf(person.id).map(({ person: _, ...each }) => ({ ...each, isThis: each.id === own })) }
})
