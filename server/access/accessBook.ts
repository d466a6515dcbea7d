import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type { PersonColour, PersonShown } from '../../core/access/people'
import { personColours } from '../../core/access/people'
import type { Role } from '../../core/access/roles'
import type { Scope } from '../../core/access/scopes'
import type { Admissions, AdmissionSort } from '../store/admissions'
import type { Store } from '../store/port'
import { NotWrittenError } from '../store/port'
import { AccessRefused } from './accessRefused'

export type Person = Admissions['person'] & { id: string }
export type Session = Admissions['session'] & { id: string }
export type Invitation = Admissions['invitation'] & { id: string }
export type Token = Admissions['token'] & { id: string }

const hour = 3_600_000
const day = 24 * hour
/** How long somebody stays signed in. */
export const sessionDays = 30
const invitationDays = 7
/** What somebody did last is written down when it is this much newer. */
const seenEvery = hour

/**
 * Who may come in: people with their sessions, those who are invited, programs with their tokens. All of it is held in memory, for it is
 * asked with every request, and written through; what was given out (keys, tokens) is kept as a hash alone.
 */
export class AccessBook {
  readonly #store: Store
  readonly #now: () => number
  readonly #people = new Map<string, Admissions['person']>()
  readonly #sessions = new Map<string, Admissions['session']>()
  readonly #invitations = new Map<string, Admissions['invitation']>()
  readonly #tokens = new Map<string, Admissions['token']>()
  /** What the server signs with. */
  secret = ''
  /** Of the link for the first admin; it holds while there is none and the server runs. */
  #firstKey: string | null = null
  #last: Promise<unknown> = Promise.resolve()

  private constructor(store: Store, now: () => number) {
    this.#store = store
    this.#now = now
  }

  static async open(store: Store, now = Date.now): Promise<AccessBook> {
    const book = new AccessBook(store, now)
    for (const { id, value } of await store.admissions('person')) book.#people.set(id, value)
    for (const { id, value } of await store.admissions('session')) book.#sessions.set(id, value)
    for (const { id, value } of await store.admissions('invitation')) book.#invitations.set(id, value)
    for (const { id, value } of await store.admissions('token')) book.#tokens.set(id, value)
    const [kept] = await store.admissions('secret')
    book.secret = kept?.value.value ?? randomBytes(32).toString('base64url')
    if (!kept) await store.write(writer => writer.putAdmission('secret', 'secret', { value: book.secret }))
    return book
  }

  /** Everybody who may come in, in the order in which they came. */
  get people(): Person[] {
    return withIds(this.#people).filter(each => !each.gone)
  }
  get invitations(): Invitation[] {
    return withIds(this.#invitations).filter(each => this.#holds(each))
  }
  get tokens(): Token[] {
    return withIds(this.#tokens)
  }

  person(id: string): Person | null {
    const found = this.#people.get(id)
    return found && !found.gone ? { id, ...found } : null
  }

  /** @param email in lower case */
  personWith(email: string): Person | null {
    return this.people.find(each => each.email === email) ?? null
  }

  /** A person as others see them, also one who is gone; null: there never was one. */
  shown(id: string): PersonShown | null {
    const found = this.#people.get(id)
    return found ? { id, name: found.name, colour: found.colour } : null
  }

  /** The key of the link that makes the first admin; null: there is an admin. */
  firstKey(): string | null {
    if (this.#admins().length) return null
    return (this.#firstKey ??= newKey())
  }

  /** What a key of an invitation makes of who has it; null: it holds no more. */
  invitationOf(key: string): Omit<Invitation, 'hash'> | null {
    if (key === this.#firstKey && this.firstKey() === key) return { id: '', name: '', role: 'admin', until: '' }
    const hash = hashOf(key)
    return this.invitations.find(each => each.hash === hash) ?? null
  }

  /**
   * Lets whoever has a key in; the key is used up.
   * @throws AccessRefused
   */
  join(key: string, given: { name: string; email: string; password: string | null }): Promise<Person> {
    return this.#inTurn(async () => {
      const invitation = this.invitationOf(key)
      if (!invitation) throw new AccessRefused('no-invitation', 'This link holds no more. Ask an admin for another.')
      if (this.personWith(given.email)) throw new AccessRefused('email-taken', `Somebody signs in with ${given.email} already.`)
      const person = this.#newPerson({ ...given, role: invitation.role })
      await this.#write(['person', person.id, withoutId(person)], ...(invitation.id ? [gone('invitation', invitation.id)] : []))
      return person
    })
  }

  /**
   * The person of the demo, made by the first who wants to be it.
   * @param given how the person is called, and what it may do
   */
  demoPerson(given: { name: string; email: string; role: Role }): Promise<Person> {
    return this.#inTurn(async () => {
      const known = this.personWith(given.email)
      if (known) return known
      const person = this.#newPerson({ ...given, password: null })
      await this.#write(['person', person.id, withoutId(person)])
      return person
    })
  }

  #newPerson(given: { name: string; email: string; password: string | null; role: Role }): Person {
    const taken = this.people.map(each => each.colour)
    const colour: PersonColour =
      personColours.find(each => !taken.includes(each)) ?? personColours[this.#people.size % personColours.length]!
    return { id: randomUUID(), ...given, colour, since: this.#at(), gone: null }
  }

  /** @throws AccessRefused when nobody would be left to let others in */
  change(id: string, part: Partial<Pick<Person, 'name' | 'colour' | 'role' | 'password'>>): Promise<Person> {
    return this.#inTurn(async () => {
      const person = this.#known(id)
      if (part.role && part.role !== 'admin') this.#keepAnAdmin(id)
      const next = { ...person, ...part }
      await this.#write(['person', id, withoutId(next)])
      return next
    })
  }

  /** @throws AccessRefused when nobody would be left to let others in */
  remove(id: string): Promise<void> {
    return this.#inTurn(async () => {
      const person = this.#known(id)
      this.#keepAnAdmin(id)
      const sessions = this.sessionsOf(id).map(each => gone('session', each.id))
      await this.#write(['person', id, { ...withoutId(person), password: null, gone: this.#at() }], ...sessions)
    })
  }

  /** Returns the key of the link. */
  invite(name: string, role: Role): Promise<string> {
    return this.#inTurn(async () => {
      const key = newKey()
      const until = new Date(this.#now() + invitationDays * day).toISOString()
      await this.#write(['invitation', randomUUID(), { hash: hashOf(key), name, role, until }])
      return key
    })
  }

  takeBackInvitation(id: string): Promise<void> {
    return this.#inTurn(async () => {
      if (!this.#invitations.has(id)) throw new AccessRefused('no-invitation', 'This invitation is gone already.')
      await this.#write(gone('invitation', id))
    })
  }

  /** @param device what it is signed in with, in words */
  beginSession(person: string, device: string): Promise<Session> {
    return this.#inTurn(async () => {
      const session = { id: randomUUID(), person, device, begun: this.#at(), seen: this.#at() }
      const over = withIds(this.#sessions).filter(each => !this.#isOn(each))
      const puts: AnyPut[] = [['session', session.id, withoutId(session)], ...over.map(each => gone('session', each.id))]
      // Where nothing can be written people still come in to look: as long as the server runs.
      await this.#write(...puts).catch((error: unknown) => {
        if (!(error instanceof NotWrittenError) || !error.reason) throw error
        for (const put of puts) this.#hold(put)
      })
      return session
    })
  }

  /** Who is signed in with a session; null: it is over. */
  personIn(session: string): Person | null {
    const found = this.#sessions.get(session)
    if (!found || !this.#isOn(found)) return null
    if (this.#now() - Date.parse(found.seen) > seenEvery) this.#note('session', session, { ...found, seen: this.#at() })
    return this.person(found.person)
  }

  /** The newest first. */
  sessionsOf(person: string): Session[] {
    return withIds(this.#sessions)
      .filter(each => each.person === person && this.#isOn(each))
      .reverse()
  }

  /** Ends sessions of a person, but for the one to keep. Returns how many. */
  endSessions(person: string, keep?: string): Promise<number> {
    return this.#inTurn(async () => {
      const ending = this.sessionsOf(person).filter(each => each.id !== keep)
      await this.#write(...ending.map(each => gone('session', each.id)))
      return ending.length
    })
  }

  endSession(id: string): Promise<void> {
    return this.#inTurn(() => this.#write(gone('session', id)))
  }

  /** Returns the token, which nobody can be told again. */
  makeToken(name: string, scopes: Scope[], days: number): Promise<string> {
    return this.#inTurn(async () => {
      const token = `manada_${newKey()}`
      const until = new Date(this.#now() + days * day).toISOString()
      await this.#write(['token', randomUUID(), { name, hash: hashOf(token), scopes, made: this.#at(), until, used: null }])
      return token
    })
  }

  takeBackToken(id: string): Promise<void> {
    return this.#inTurn(async () => {
      if (!this.#tokens.has(id)) throw new AccessRefused('no-token', 'This token is gone already.')
      await this.#write(gone('token', id))
    })
  }

  /** The program that has a token; null: the token does not hold. */
  programWith(token: string): Token | null {
    const hash = hashOf(token)
    const found = withIds(this.#tokens).find(each => each.hash === hash)
    if (!found || !this.#holds(found)) return null
    const { id, ...value } = found
    if (!value.used || this.#now() - Date.parse(value.used) > seenEvery) this.#note('token', id, { ...value, used: this.#at() })
    return found
  }

  #admins(): Person[] {
    return this.people.filter(each => each.role === 'admin')
  }

  #keepAnAdmin(id: string): void {
    if (this.#admins().some(each => each.id !== id) || this.person(id)?.role !== 'admin') return
    throw new AccessRefused('last-admin', 'The last admin stays one: make somebody else an admin first.')
  }

  #known(id: string): Person {
    const person = this.person(id)
    if (!person) throw new AccessRefused('unknown-person', 'There is no such person any more.')
    return person
  }

  #at(): string {
    return new Date(this.#now()).toISOString()
  }
  #holds({ until }: { until: string }): boolean {
    return Date.parse(until) > this.#now()
  }
  #isOn({ begun }: { begun: string }): boolean {
    return Date.parse(begun) + sessionDays * day > this.#now()
  }

  /** One after the other, each on what those before have left. */
  #inTurn<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.#last.then(work)
    this.#last = turn.catch(() => undefined)
    return turn
  }

  /** All of it, first into the database. */
  async #write(...puts: AnyPut[]): Promise<void> {
    await this.#store.write(async writer => {
      for (const [sort, id, value] of puts) await writer.putAdmission(sort, id, value)
    })
    for (const put of puts) this.#hold(put)
  }

  /** Held at once; that it could not be written is no reason to refuse what was asked for. */
  #note(...put: AnyPut): void {
    this.#hold(put)
    void this.#inTurn(() => this.#write(put)).catch(() => undefined)
  }

  #hold([sort, id, value]: AnyPut): void {
    const held = { person: this.#people, session: this.#sessions, invitation: this.#invitations, token: this.#tokens, secret: null }[
      sort
    ] as Map<string, unknown> | null
    if (value) held?.set(id, value)
    else held?.delete(id)
  }
}

type Put<Sort extends AdmissionSort> = [sort: Sort, id: string, value: Admissions[Sort] | null]
type AnyPut = { [Sort in AdmissionSort]: Put<Sort> }[AdmissionSort]
const gone = <Sort extends AdmissionSort>(sort: Sort, id: string) => [sort, id, null] as Put<Sort> as AnyPut

/** Of what is random enough by itself a plain hash tells nothing. */
export const hashOf = (given: string) => createHash('sha256').update(given).digest('hex')
const newKey = () => randomBytes(32).toString('base64url')

const withIds = <T extends object>(held: ReadonlyMap<string, T>) => Array.from(held, ([id, value]) => ({ id, ...value }))
function withoutId<T extends { id: string }>({ id: _, ...value }: T): Omit<T, 'id'> {
  return value
}
