import type { H3Event } from 'h3'
import type { Asker } from '../../core/access/access'
import { useShop } from '../running/useShop'
import { adminToken, adminTokenId, isSame } from '../access/adminToken'
import { sessionOf } from './signedIn'

const nobody: Asker = { kind: 'nobody' }

/** Who asks: a program by its token, or a person by the session of the browser. */
export async function askerOf(event: H3Event): Promise<Asker> {
  const known = event.context.asker as Asker | undefined
  return known ?? (event.context.asker = await findAsker(event))
}

async function findAsker(event: H3Event): Promise<Asker> {
  const { access } = await useShop()
  const bearer = /^Bearer +(\S+)$/i.exec(getHeader(event, 'authorization') ?? '')?.[1]
  if (bearer !== undefined) {
    const admin = adminToken()
    if (admin !== null && isSame(bearer, admin)) return { kind: 'person', id: adminTokenId, role: 'admin' }
    const program = access.tokens.programWith(bearer)
    return program ? { kind: 'program', id: `token:${program.id}`, scopes: program.scopes } : nobody
  }
  const session = await sessionOf(event)
  const person = session && access.personIn(session)
  return person ? { kind: 'person', id: person.id, role: person.role } : nobody
}
