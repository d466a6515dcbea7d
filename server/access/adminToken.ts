import { createHash, timingSafeEqual } from 'node:crypto'
import { UnusableDataError } from '../store/port'

const shortest = 32
/** What is done with it is done by this, as the journal has it. */
export const adminTokenId = 'admin-token'

/**
 * What a program of the operator's brings along to do everything, from the environment.
 * @throws UnusableDataError when it is too short to be a secret
 */
export function adminToken(): string | null {
  const token = process.env.MANADA_ADMIN_TOKEN
  if (!token) return null
  if (token.length < shortest) throw new UnusableDataError(`MANADA_ADMIN_TOKEN is too short: it takes at least ${shortest} characters.`)
  return token
}

/** Whether two texts are the same, in a time that does not tell where they differ. */
export function isSame(one: string, other: string): boolean {
  const digest = (text: string) => createHash('sha256').update(text).digest()
  return timingSafeEqual(digest(one), digest(other))
}
