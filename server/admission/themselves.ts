import type { Asker } from '../../core/access/access'
import { useShop } from '../running/useShop'
import { Problem } from '../utils/problem'
import type { AccessBook, Person } from '../access/accessBook'

/**
 * The person who asks, of what only people have.
 * @throws Problem when it is the operator's token
 */
export async function themselves(asker: Asker): Promise<{ access: AccessBook; person: Person }> {
  const { access } = await useShop()
  const person = asker.kind === 'person' ? access.person(asker.id) : null
  if (!person) throw new Problem(404, 'no-person', 'Not found', 'A token has no account.')
  return { access, person }
}
