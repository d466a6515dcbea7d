import type { Category } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import type { CountingRules } from './counting'
import type { ShopView } from './shopView'
import type { Keeper, States } from './states'
import type { Which } from './which'

/*
 * What a stored record is: a sort of thing that is changed by commands, undone, and held in memory by everyone who follows the changes.
 * The journal, the live shop, the counting thread and the database know records by this interface only; records/registry.ts lists them.
 */

/** One thing before and after a command, as it is kept in the journal. */
export interface ChangeOf<Of extends string, Value> extends Which {
  of: Of
  before: Value
  after: Value
}
export type AnyChange = ChangeOf<string, unknown>

/** What is changed together, to be asked for one by one: there may be a hundred thousand. */
export class ChangedTogether {
  readonly #named = new Set<string>()

  constructor(changes: Iterable<Pick<AnyChange, 'of' | 'owner' | 'key'>>) {
    this.add(changes)
  }

  add(changes: Iterable<Pick<AnyChange, 'of' | 'owner' | 'key'>>): void {
    for (const each of changes) this.#named.add(nameOf(each))
  }

  /** Whether a thing is among what is changed. */
  has(of: string, owner: string, key = ''): boolean {
    return this.#named.has(nameOf({ of, owner, key }))
  }
}

const nameOf = ({ of, owner, key }: Pick<AnyChange, 'of' | 'owner' | 'key'>) => `${of}\0${owner}\0${key}`

/** Something that stands on a thing which changes would take away. The words follow “can’t be undone:”. */
export interface Use {
  words: string
  /** SKU or key of the thing. */ about: string
}

/** What follows in the live shop from changes, beyond the states of their own records. */
export interface LiveEffects {
  /** The links of a product have changed. */
  relinked(source: string): void
  /** Kinds of links have come, gone or changed. */
  kindsChanged(): void
  /** What is live or drafted has changed. */
  versionsChanged(): void
  /** Something was set for the shop as a whole. */
  settingsChanged(): void
  /** An article names these products. */
  articleNames(key: string, products: readonly string[]): void
  product(sku: string, after: Product | null): void
  category(key: string, after: Category | null): void
  unitsSold(sku: string, units: number): void
}

/** What differs between two values of a thing, as a record says it. */
export type Difference = object

/** How the journal keeps changes of large things by what differs: that is less, and leaves alone what others have changed since. */
export interface Differing<Value> {
  /** null: a difference can't say it. */
  between(before: Value, after: Value): Difference | null
  turnedRound(difference: Difference): Difference
  /** A value with a difference made to it; null: it is not as the difference begins with. */
  onto(now: Value, difference: Difference): Value | null
  /** The value before the difference was made, with all else as it is now, whatever has happened since. */
  before(now: Value, difference: Difference): Value
  /** Whether it is of something that changes all the time: the journal is not searched for it. */
  isEveryday(difference: Difference): boolean
}

export interface StoredRecord<Of extends string, Value, State = null> extends Keeper<State> {
  of: Of
  /** What a message calls the thing that was changed later: “the same lane”. */
  called: string
  /** Brings a value as any version of Manada has written it up to date. */
  upgrade(stored: Value): Value
  /** Whether two values are the same to everyone. */
  isSame(a: Value, b: Value): boolean
  /** How a thing is now; undefined: that stands in the database alone. */
  read(which: Which, shop: ShopView): Value | undefined
  /** Takes a value over into the state; left out: it is held elsewhere in the live shop, which follows it (`live`). */
  apply?(change: Which & { after: Value }, states: States): void
  /** Left out: the journal keeps both values. */
  differing?: Differing<Value>
  /** What is changed together with it, because it follows from it. Left out: nothing is. */
  follows?(change: ChangeOf<Of, Value>, shop: ShopView): AnyChange[]
  /** What else follows in the live shop. */
  live?(change: ChangeOf<Of, Value>, effects: LiveEffects): void
  /** What the counting thread does with a change; left out: nothing there hangs on it. */
  counting?: CountingRules<ChangeOf<Of, Value>>
  /**
   * What would be lost beside a change itself, because it stands on what the change takes away; null: nothing.
   * @param together what is changed together with it
   */
  usedBy?(change: ChangeOf<Of, Value>, shop: ShopView, together: ChangedTogether): Use | null
}

/** What takes changes back: the last one first, for a later one may stand on an earlier. */
export function backwards<Change extends AnyChange>(changes: readonly Change[]): Change[] {
  return changes.toReversed().map(change => ({ ...change, before: change.after, after: change.before }))
}
