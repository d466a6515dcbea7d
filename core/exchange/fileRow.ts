import type { z } from 'zod'

/** A row of a file as it stands there: column → cell. */
export type FileRow = Record<string, string>

/** What is wrong with a cell of a row, in words. */
export interface Fault {
  column: string
  reason: string
}

/** A row that can't be taken; column and reason say why, `more` what else is wrong with it. */
export class RowError extends Error {
  readonly column: string
  readonly more: readonly Fault[]

  constructor(column: string, reason: string, more: readonly Fault[] = []) {
    super(reason)
    this.column = column
    this.more = more
  }

  /** All that is wrong with the row. */
  get faults(): Fault[] {
    return [{ column: this.column, reason: this.message }, ...this.more]
  }
}

/** Gathers what is wrong with a row, so that whoever mends it need not find one fault after the other. */
export class RowFaults {
  readonly #faults: Fault[] = []

  /** Reads something of the row. @returns undefined when it can't be read */
  reading<T>(read: () => T): T | undefined {
    try {
      return read()
    } catch (error) {
      if (!(error instanceof RowError)) throw error
      this.#faults.push(...error.faults)
      return undefined
    }
  }

  note(column: string, reason: string): void {
    this.#faults.push({ column, reason })
  }

  /** @throws RowError with all that was found */
  end(): void {
    const [first, ...more] = this.#faults
    if (first) throw new RowError(first.column, first.reason, more)
  }
}

/** @throws RowError with the schema's words */
export function readCell<S extends z.ZodType>(column: string, schema: S, value: unknown): z.output<S> {
  const read = schema.safeParse(value)
  if (!read.success) throw new RowError(column, read.error.issues[0]!.message)
  return read.data
}
