import type { PeopleAnswer } from '../../../core/access/people'
import { useShop } from '../../running/useShop'

export default api('admin', async (): Promise<PeopleAnswer> => {
  const { access } = await useShop()
  return {
    people: access.people.map(({ id, name, colour, role, email, since }) => ({
      id,
      name,
      colour,
      role,
      email,
      since,
      seen:
        access
          .sessionsOf(id)
          .map(each => each.seen)
          .sort()
          .at(-1) ?? null,
    })),
    invitations: access.invitations.map(({ id, name, role, until }) => ({ id, name, role, until })),
  }
})
