import type { z } from 'zod'

/** A row of a file as it stands there: column → cell. */
export type FileRow = Record<string, string>

/** A row that can't be read; column and reason say why. */
export class RowError extends Error {
  readonly column: string

  constructor(column: string, reason: string) {
    super(reason)
    this.column = column
  }
}

/** @throws RowError with the schema's words */
export function readCell<S extends z.ZodType>(column: string, schema: S, value: unknown): z.output<S> {
  const read = schema.safeParse(value)
  if (!read.success) throw new RowError(column, read.error.issues[0]!.message)
  return read.data
}
