import type { Readable } from 'node:stream'
import type { FileRow } from '../fileRow'

/** A record of a file: its first names the columns. */
export interface FileRecord {
  /** Line of the file that it begins in, counted from 1. */
  line: number
  cells: string[]
}

/** How a file is written. Each format has a folder; registry.ts lists them. What it is about is its kind’s. */
export interface FileFormat {
  /** As people call it. */
  name: string
  /** IANA media type, by which a file that is sent is told. */
  mediaType: string
  /** The media type in full, with its parameters, of a file that is handed out. */
  contentType: string
  /** What names of such files end in. */
  extension: string
  /** The records of a file, read piece by piece. @throws FileProblem when it is not of this format */
  read(bytes: AsyncIterable<Uint8Array>): AsyncGenerator<FileRecord>
  /** Writes rows, piece by piece. @param mark begin with a byte order mark: spreadsheets tell by it that the file is in UTF-8 */
  write(columns: readonly string[], rows: AsyncIterable<FileRow>, mark: boolean): Readable
}
