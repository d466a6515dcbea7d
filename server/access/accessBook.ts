import { randomUUID } from 'node:crypto'
import type { PersonColour, PersonShown } from '../../core/access/people'
import { personColours } from '../../core/access/people'
import type { Role } from '../../core/access/roles'
import type { Admissions } from '../store/admissions'
import type { Store } from '../store/port'
import { AccessRefused } from './accessRefused'
import { day, gone, hashOf, HeldAdmissions, newKey, seenEvery } from './heldAdmissions'
import { Passkeys } from './passkeys'
import { Tokens } from './tokens'

export type Person = Admissions['person'] & { id: string }
export type Session = Admissions['session'] & { id: string }
export type Invitation = Admissions['invitation'] & { id: string }

/** How long somebody stays signed in. */
export const sessionDays = 30
const invitationDays = 7

/** Who may come in: people with their sessions and passkeys, those who are invited, programs with their tokens. */
export class AccessBook {
  readonly #held: HeldAdmissions
  readonly passkeys: Passkeys
  readonly tokens: Tokens
  /** Of the link for the first admin; it holds while there is none and the server runs. */
  #firstKey: string | null = null

  private constructor(held: HeldAdmissions) {
    this.#held = held
    this.passkeys = new Passkeys(held)
    this.tokens = new Tokens(held)
  }

  static async open(store: Store, now = Date.now): Promise<AccessBook> {
    const held = await HeldAdmissions.open(store, now)
    if (!held.get('secret', 'secret')) await held.write(['secret', 'secret', { value: newKey() }])
    return new AccessBook(held)
  }

  /** What the server signs with. */
  get secret(): string {
    return this.#held.get('secret', 'secret')!.value
  }

  /** Everybody who may come in, in the order in which they came. */
  get people(): Person[] {
    return this.#held.all('person').filter(each => !each.gone)
  }
  get invitations(): Invitation[] {
    return this.#held.all('invitation').filter(each => this.#held.since(each.until) < 0)
  }

  person(id: string): Person | null {
    const found = this.#held.get('person', id)
    return found && !found.gone ? { id, ...found } : null
  }

  /** @param email in lower case */
  personWith(email: string): Person | null {
    return this.people.find(each => each.email === email) ?? null
  }

  /** A person as others see them, also one who is gone; null: there never was one. */
  shown(id: string): PersonShown | null {
    const found = this.#held.get('person', id)
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
    return this.#held.inTurn(async () => {
      const invitation = this.invitationOf(key)
      if (!invitation) throw new AccessRefused('no-invitation', 'This link holds no more. Ask an admin for another.')
      if (this.personWith(given.email)) throw new AccessRefused('email-taken', `Somebody signs in with ${given.email} already.`)
      const person = this.#newPerson({ ...given, role: invitation.role })
      await this.#held.write(['person', person.id, withoutId(person)], ...(invitation.id ? [gone('invitation', invitation.id)] : []))
      return person
    })
  }

  /**
   * The person of the demo, made by the first who wants to be it.
   * @param given how the person is called, and what it may do
   */
  demoPerson(given: { name: string; email: string; role: Role }): Promise<Person> {
    return this.#held.inTurn(async () => {
      const known = this.personWith(given.email)
      if (known) return known
      const person = this.#newPerson({ ...given, password: null })
      await this.#held.write(['person', person.id, withoutId(person)])
      return person
    })
  }

  #newPerson(given: { name: string; email: string; password: string | null; role: Role }): Person {
    const taken = this.people.map(each => each.colour)
    const colour: PersonColour =
      personColours.find(each => !taken.includes(each)) ?? personColours[this.#held.all('person').length % personColours.length]!
    return { id: randomUUID(), ...given, colour, since: this.#held.at(), gone: null }
  }

  /** @throws AccessRefused when nobody would be left to let others in */
  change(id: string, part: Partial<Pick<Person, 'name' | 'colour' | 'role' | 'password'>>): Promise<Person> {
    return this.#held.inTurn(async () => {
      const person = this.#known(id)
      if (part.role && part.role !== 'admin') this.#keepAnAdmin(id)
      const next = { ...person, ...part }
      await this.#held.write(['person', id, withoutId(next)])
      return next
    })
  }

  /** @throws AccessRefused when nobody would be left to let others in */
  remove(id: string): Promise<void> {
    return this.#held.inTurn(async () => {
      const person = this.#known(id)
      this.#keepAnAdmin(id)
      const sessions = this.sessionsOf(id).map(each => gone('session', each.id))
      const passkeys = this.passkeys.of(id).map(each => gone('passkey', each.id))
      await this.#held.write(['person', id, { ...withoutId(person), password: null, gone: this.#held.at() }], ...sessions, ...passkeys)
    })
  }

  /** Returns the key of the link. */
  invite(name: string, role: Role): Promise<string> {
    return this.#held.inTurn(async () => {
      const key = newKey()
      const until = this.#held.after(invitationDays * day)
      await this.#held.write(['invitation', randomUUID(), { hash: hashOf(key), name, role, until }])
      return key
    })
  }

  takeBackInvitation(id: string): Promise<void> {
    return this.#held.inTurn(async () => {
      if (!this.#held.get('invitation', id)) throw new AccessRefused('no-invitation', 'This invitation is gone already.')
      await this.#held.write(gone('invitation', id))
    })
  }

  /** @param device what it is signed in with, in words */
  beginSession(person: string, device: string): Promise<Session> {
    return this.#held.inTurn(async () => {
      const session = { id: randomUUID(), person, device, begun: this.#held.at(), seen: this.#held.at() }
      const over = this.#held.all('session').filter(each => !this.#isOn(each))
      // Where nothing can be written people still come in to look.
      await this.#held.writeOrHold(['session', session.id, withoutId(session)], ...over.map(each => gone('session', each.id)))
      return session
    })
  }

  /** Who is signed in with a session; null: it is over. */
  personIn(session: string): Person | null {
    const found = this.#held.get('session', session)
    if (!found || !this.#isOn(found)) return null
    if (this.#held.since(found.seen) > seenEvery) this.#held.note('session', session, { ...found, seen: this.#held.at() })
    return this.person(found.person)
  }

  /** The newest first. */
  sessionsOf(person: string): Session[] {
    return this.#held
      .all('session')
      .filter(each => each.person === person && this.#isOn(each))
      .reverse()
  }

  /** Ends sessions of a person, but for the one to keep. Returns how many. */
  endSessions(person: string, keep?: string): Promise<number> {
    return this.#held.inTurn(async () => {
      const ending = this.sessionsOf(person).filter(each => each.id !== keep)
      await this.#held.write(...ending.map(each => gone('session', each.id)))
      return ending.length
    })
  }

  endSession(id: string): Promise<void> {
    return this.#held.inTurn(() => this.#held.write(gone('session', id)))
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

  #isOn({ begun }: { begun: string }): boolean {
    return this.#held.since(begun) < sessionDays * day
  }
}

function withoutId<T extends { id: string }>({ id: _, ...value }: T): Omit<T, 'id'> {
  return value
}
