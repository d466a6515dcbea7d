import type { Person } from '../access/accessBook'

/** How passwords are hashed and held against a hash. */
export interface Hashing {
  hash(password: string): Promise<string>
  verify(hash: string, password: string): Promise<boolean>
}

/** A hash that no password has: whoever is not known is checked for as long as who is. */
let nobodysHash: Promise<string> | undefined

/** Whether somebody has a password. It takes the same work whether there is such a person, and whether they have a password at all. */
export async function hasPassword(person: Person | null, password: string, { hash, verify }: Hashing): Promise<boolean> {
  const kept = person?.password ?? (await (nobodysHash ??= hash('')))
  const isRight = await verify(kept, password)
  return isRight && person?.password === kept
}
