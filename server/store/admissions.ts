import type { PersonColour } from '../../core/access/people'
import type { Role } from '../../core/access/roles'
import type { Scope } from '../../core/access/scopes'

/** What is kept of who may come in. All times are ISO 8601. */
export interface Admissions {
  person: {
    name: string
    email: string
    colour: PersonColour
    role: Role
    /** Made by scrypt; null: signs in otherwise. */
    password: string | null
    since: string
    /** Who is gone keeps the name, for the history. */
    gone: string | null
  }
  /** A browser in which somebody is signed in. */
  session: { person: string; device: string; begun: string; seen: string }
  /** Of a link that makes somebody a person; its key is kept as a hash. */
  invitation: { hash: string; name: string; role: Role; until: string }
  /** Of a program; kept as a hash. */
  token: { name: string; hash: string; scopes: Scope[]; made: string; until: string; used: string | null }
  /** By the id of its credential. The device has the private key, this the public one (base64url of COSE, RFC 9052). */
  passkey: {
    person: string
    /** What it was made with, in words. */
    device: string
    publicKey: string
    /** How often it was used, as the device says; 0: it does not count. */
    counter: number
    /** How browsers reach it. */
    transports: string[]
    made: string
    used: string | null
  }
  /** What the server signs with. */
  secret: { value: string }
}
export type AdmissionSort = keyof Admissions
