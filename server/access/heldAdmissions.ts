import { createHash, randomBytes } from 'node:crypto'
import type { Admissions, AdmissionSort } from '../store/admissions'
import type { Store } from '../store/port'
import { NotWrittenError } from '../store/port'

type Put<Sort extends AdmissionSort> = [sort: Sort, id: string, value: Admissions[Sort] | null]
/** Something that is kept from now on, or, null, no more. */
type AnyPut = { [Sort in AdmissionSort]: Put<Sort> }[AdmissionSort]

export const gone = <Sort extends AdmissionSort>(sort: Sort, id: string) => [sort, id, null] as Put<Sort> as AnyPut

/** Of what is random enough by itself a plain hash tells nothing. */
export const hashOf = (given: string) => createHash('sha256').update(given).digest('hex')
export const newKey = () => randomBytes(32).toString('base64url')

const hour = 3_600_000
export const day = 24 * hour
/** What somebody did last is written down when it is this much newer. */
export const seenEvery = hour

/**
 * All that is kept of who may come in. It is held in memory, for it is asked with every request, and written through.
 */
export class HeldAdmissions {
  readonly #store: Store
  readonly #now: () => number
  readonly #held: { [Sort in AdmissionSort]: Map<string, Admissions[Sort]> } = {
    person: new Map(),
    session: new Map(),
    invitation: new Map(),
    token: new Map(),
    passkey: new Map(),
    secret: new Map(),
  }
  #last: Promise<unknown> = Promise.resolve()

  private constructor(store: Store, now: () => number) {
    this.#store = store
    this.#now = now
  }

  static async open(store: Store, now: () => number): Promise<HeldAdmissions> {
    const admissions = new HeldAdmissions(store, now)
    for (const sort of Object.keys(admissions.#held) as AdmissionSort[])
      for (const { id, value } of await store.admissions(sort)) admissions.#hold([sort, id, value] as AnyPut)
    return admissions
  }

  get<Sort extends AdmissionSort>(sort: Sort, id: string): Admissions[Sort] | undefined {
    return this.#held[sort].get(id)
  }

  /** In the order in which they came. */
  all<Sort extends AdmissionSort>(sort: Sort): (Admissions[Sort] & { id: string })[] {
    return Array.from(this.#held[sort] as Map<string, Admissions[Sort]>, ([id, value]) => ({ id, ...value }))
  }

  /** Now, in ISO 8601. */
  at(): string {
    return new Date(this.#now()).toISOString()
  }
  after(ms: number): string {
    return new Date(this.#now() + ms).toISOString()
  }
  /** Milliseconds since a time. */
  since(time: string): number {
    return this.#now() - Date.parse(time)
  }

  /** One after the other, each on what those before have left. */
  inTurn<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.#last.then(work)
    this.#last = turn.catch(() => undefined)
    return turn
  }

  /** All of it, first into the database. */
  async write(...puts: AnyPut[]): Promise<void> {
    await this.#store.write(async writer => {
      for (const [sort, id, value] of puts) await writer.putAdmission(sort, id, value)
    })
    for (const put of puts) this.#hold(put)
  }

  /** The same; where nothing can be written it is held as long as the server runs. */
  async writeOrHold(...puts: AnyPut[]): Promise<void> {
    await this.write(...puts).catch((error: unknown) => {
      if (!(error instanceof NotWrittenError) || !error.reason) throw error
      for (const put of puts) this.#hold(put)
    })
  }

  /** Held at once; that it could not be written is no reason to refuse what was asked for. */
  note(...put: AnyPut): void {
    this.#hold(put)
    void this.inTurn(() => this.write(put)).catch(() => undefined)
  }

  #hold([sort, id, value]: AnyPut): void {
    const held = this.#held[sort] as Map<string, unknown>
    if (value) held.set(id, value)
    else held.delete(id)
  }
}
