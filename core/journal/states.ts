/** Has what is held in memory of a record. */
export interface Keeper<State> {
  /** Name of the record, in the journal and the database too: it never changes. */
  of: string
  /** What is held when there is nothing yet. */
  begin(): State
}

/** What is held in memory, by record. */
export interface States {
  of<State>(keeper: Keeper<State>): State
}

/** What is held in memory, by record; a record's state begins when it is first asked for. */
export class HeldStates implements States {
  readonly #states: Map<string, unknown>

  /** @param states of records by their names, such as another thread has sent them */
  constructor(states: ReadonlyMap<string, unknown> = new Map()) {
    this.#states = new Map(states)
  }

  of<State>(keeper: Keeper<State>): State {
    if (!this.#states.has(keeper.of)) this.#states.set(keeper.of, keeper.begin())
    return this.#states.get(keeper.of) as State
  }

  /** The states of some records by their names. */
  some(keepers: readonly Keeper<unknown>[]): Map<string, unknown> {
    return new Map(keepers.map(each => [each.of, this.of(each)]))
  }
}
