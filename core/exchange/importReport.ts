import { z } from 'zod'
import type { Change } from '../records/registry'

/** A row that is not taken. */
export const rejectionSchema = z.object({
  /** Line of the file that the row begins in, counted from 1. */
  line: z.int(),
  /** The column at fault. */
  column: z.string(),
  reason: z.string(),
  /** What else is wrong with the row. */
  more: z.array(z.object({ column: z.string(), reason: z.string() })).default([]),
  row: z.record(z.string(), z.string()),
})
export type Rejection = z.infer<typeof rejectionSchema>

/** A row that makes something new or changes something. */
export const effectSchema = z.object({
  line: z.int(),
  is: z.enum(['created', 'updated']),
  /** What it makes or changes, in words. */
  words: z.string(),
})
export type Effect = z.infer<typeof effectSchema>

/** What is to be known of a row that is taken. */
export const noteSchema = z.object({ line: z.int(), column: z.string(), words: z.string() })
export type Note = z.infer<typeof noteSchema>

/** What an import does, or, dry, would do: numbers of rows. */
export const importReportSchema = z.object({
  /** What the file is about. */
  kind: z.string(),
  rows: z.int(),
  created: z.int(),
  updated: z.int(),
  unchanged: z.int(),
  rejected: z.int(),
  /** The first of the rows that change something, in the file's order. */
  effects: z.array(effectSchema),
  /** The first of the rejected rows, in the file's order. */
  rejections: z.array(rejectionSchema),
  /** The first of what is to be known of rows that are taken, in the file's order, and how much there is. */
  notes: z.array(noteSchema).default([]),
  noted: z.int().default(0),
  /** Columns of the file that say nothing to Manada. */
  ignoredColumns: z.array(z.string()),
  /** What was put into the journal, in words; null when nothing was changed. */
  done: z.string().nullable(),
})
export type ImportReport = z.infer<typeof importReportSchema>

/** What a file asks for, in numbers of rows. */
export interface ImportSummary {
  created: number
  updated: number
  unchanged: number
  effects: Effect[]
  rejections: Rejection[]
  notes: Note[]
}

/** A part of what a file asks for. */
export interface ImportPart {
  changes: Change[]
  /** How many rows of the file it is about. */
  rows: number
}
