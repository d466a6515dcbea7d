import { z } from 'zod'
import { skuSchema } from '../../../catalogue/sku'
import { kindKeySchema } from '../../../links/kind'
import type { Link, LinkDetails } from '../../../links/lane'
import { linkDetailsSchema } from '../../../links/lane'
import { fromCell, toCell } from '../cells'
import type { FileRow } from '../../fileRow'
import { RowFaults, readCell } from '../../fileRow'

/** The columns of a file of links, in their order. */
export const linkColumns = ['source', 'kind', 'target', 'place', 'from', 'until', 'note'] as const

/** A link as a file states it. A detail whose column is missing is left as it is. */
export interface LinkFileRow {
  source: string
  kind: string
  target: string
  /** From 1; null: where there is room, in the file's order. */
  place: number | null
  details: Partial<LinkDetails>
}

const emptyIsNull = (cell: string) => cell.trim() || null
const placeSchema = z
  .string()
  .trim()
  .regex(/^0*[1-9]\d{0,5}$/, 'A place is a whole number from 1.')
  .transform(Number)

/** Reads a row of a file. @throws RowError with all cells that can't be read */
export function readLinkRow(row: FileRow): LinkFileRow {
  const faults = new RowFaults()
  const take = <T>(column: string, schema: z.ZodType<T>, cell: unknown) => faults.reading(() => readCell(column, schema, cell))
  const source = take('source', skuSchema, fromCell(row.source!.trim()))
  const kind = take('kind', kindKeySchema, fromCell(row.kind!.trim()))
  const target = take('target', skuSchema, fromCell(row.target!.trim()))
  const place = row.place?.trim() ? take('place', placeSchema, row.place) : null
  const details: Partial<LinkDetails> = {}
  for (const column of ['from', 'until', 'note'] as const) {
    const cell = row[column]
    if (cell !== undefined) details[column] = take(column, linkDetailsSchema.shape[column], emptyIsNull(fromCell(cell)))
  }
  faults.end()
  return { source: source!, kind: kind!, target: target!, place: place!, details }
}

/** A link as a row of a file. @param place counted from 1 */
export function linkFileRow(source: string, kind: string, place: number, { target, from = '', until = '', note = '' }: Link): FileRow {
  return { source: toCell(source), kind, target: toCell(target), place: String(place), from, until, note: toCell(note) }
}

/** A row once more as it stood in a file. */
export function linkRowAgain({ source, kind, target, place, details }: LinkFileRow): FileRow {
  const cells = Object.entries(details).map(([column, value]) => [column, toCell(value ?? '')])
  return { source: toCell(source), kind, target: toCell(target), place: place === null ? '' : String(place), ...Object.fromEntries(cells) }
}
