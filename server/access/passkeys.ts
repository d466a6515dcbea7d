import type { Admissions } from '../store/admissions'
import { AccessRefused } from './accessRefused'
import type { HeldAdmissions } from './heldAdmissions'
import { gone } from './heldAdmissions'

export type Passkey = Admissions['passkey'] & { id: string }

/** So many a person has at most. */
const most = 10

/** Passkeys that people sign in with instead of a password (W3C Web Authentication Level 3), by the id of their credential. */
export class Passkeys {
  readonly #held: HeldAdmissions

  constructor(held: HeldAdmissions) {
    this.#held = held
  }

  of(person: string): Passkey[] {
    return this.#held.all('passkey').filter(each => each.person === person)
  }

  with(id: string): Passkey | null {
    const found = this.#held.get('passkey', id)
    return found ? { id, ...found } : null
  }

  /** @throws AccessRefused when there are too many, or it is known already */
  add(id: string, passkey: Pick<Passkey, 'person' | 'device' | 'publicKey' | 'counter' | 'transports'>): Promise<void> {
    return this.#held.inTurn(async () => {
      if (this.with(id)) throw new AccessRefused('passkey-known', 'This passkey is known already.')
      if (this.of(passkey.person).length >= most)
        throw new AccessRefused('too-many-passkeys', `A person has at most ${most} passkeys. Take one away first.`)
      await this.#held.write(['passkey', id, { ...passkey, made: this.#held.at(), used: null }])
    })
  }

  /** Notes that somebody signed in with it. @param counter of how often it was used, as the device says */
  used(id: string, counter: number): void {
    const { id: _, ...passkey } = this.with(id)!
    this.#held.note('passkey', id, { ...passkey, counter, used: this.#held.at() })
  }

  /** Takes away all that a person has. Returns how many. */
  removeAll(person: string): Promise<number> {
    return this.#held.inTurn(async () => {
      const own = this.of(person)
      await this.#held.write(...own.map(({ id }) => gone('passkey', id)))
      return own.length
    })
  }

  /** @throws AccessRefused when a person has no such passkey */
  remove(person: string, id: string): Promise<void> {
    return this.#held.inTurn(async () => {
      if (this.with(id)?.person !== person) throw new AccessRefused('no-passkey', 'This passkey is gone already.')
      await this.#held.write(gone('passkey', id))
    })
  }
}
