import { randomUUID } from 'node:crypto'
import type { Scope } from '../../core/access/scopes'
import type { Admissions } from '../store/admissions'
import { AccessRefused } from './accessRefused'
import type { HeldAdmissions } from './heldAdmissions'
import { day, gone, hashOf, newKey, seenEvery } from './heldAdmissions'

export type Token = Admissions['token'] & { id: string }

/** Programs that may come in, by their tokens, of which a hash alone is kept. */
export class Tokens {
  readonly #held: HeldAdmissions

  constructor(held: HeldAdmissions) {
    this.#held = held
  }

  get all(): Token[] {
    return this.#held.all('token')
  }

  /** Returns the token, which nobody can be told again. */
  make(name: string, scopes: Scope[], days: number): Promise<string> {
    return this.#held.inTurn(async () => {
      const token = `manada_${newKey()}`
      const [made, until] = [this.#held.at(), this.#held.after(days * day)]
      await this.#held.write(['token', randomUUID(), { name, hash: hashOf(token), scopes, made, until, used: null }])
      return token
    })
  }

  takeBack(id: string): Promise<void> {
    return this.#held.inTurn(async () => {
      if (!this.#held.get('token', id)) throw new AccessRefused('no-token', 'This token is gone already.')
      await this.#held.write(gone('token', id))
    })
  }

  /** The program that has a token; null: the token does not hold. */
  programWith(token: string): Token | null {
    const hash = hashOf(token)
    const found = this.all.find(each => each.hash === hash)
    if (!found || this.#held.since(found.until) >= 0) return null
    const { id, ...value } = found
    if (!value.used || this.#held.since(value.used) > seenEvery) this.#held.note('token', id, { ...value, used: this.#held.at() })
    return found
  }
}
