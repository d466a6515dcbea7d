import { sessionOf } from '../../../admission/signedIn'
import { themselves } from '../../../admission/themselves'

/** Signs one out everywhere else. */
export default api('viewer', async (event, asker) => {
  const { access, person } = await themselves(asker)
  return { ended: await access.endSessions(person.id, (await sessionOf(event)) ?? undefined) }
})
