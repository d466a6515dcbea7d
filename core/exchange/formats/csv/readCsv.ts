import { Readable, pipeline } from 'node:stream'
import type { CsvError } from 'csv-parse'
import { parse } from 'csv-parse'
import type { FileRecord } from '../fileFormat'
import { FileProblem } from '../fileProblem'

/** A row with more characters than this is no row: most likely a quote is not closed. */
const longestRecord = 1_000_000

/**
 * The records of a CSV file (RFC 4180) in UTF-8, read piece by piece. A byte order mark is skipped; `;` separates instead of `,` when the
 * first line says so; empty lines are passed over.
 * @throws FileProblem when it is not such a file
 */
export async function* readCsv(bytes: AsyncIterable<Uint8Array>): AsyncGenerator<FileRecord> {
  const texts = decode(bytes)
  const beginning = await readBeginning(texts)
  if (!beginning) throw new FileProblem('empty-file', 'The file is empty.')
  /** Line in which the next record begins; the parser may be far ahead of its reader. */
  let line = 1
  const begins: number[] = []
  const parser = parse({
    delimiter: delimiterOf(beginning),
    bom: true,
    relax_column_count: true,
    max_record_size: longestRecord,
    // Any of the three ends a line, whatever the others are.
    record_delimiter: ['\r\n', '\n', '\r'],
    on_record(cells: string[]) {
      begins.push(line)
      line += 1 + cells.reduce((sum, cell) => sum + breaks(cell), 0)
      return cells
    },
  })
  pipeline(Readable.from(chain(beginning, texts)), parser, () => undefined)
  try {
    for await (const cells of parser as AsyncIterable<string[]>) {
      const line = begins.shift()!
      if (cells.length > 1 || cells[0]) yield { line, cells }
    }
  } catch (error) {
    throw toProblem(error, line)
  }
}

/** The text up to the end of the first line, or somewhat further. */
async function readBeginning(texts: AsyncGenerator<string>): Promise<string> {
  let text = ''
  while (!/[\r\n]/.test(text) && text.length < longestRecord) {
    const next = await texts.next()
    if (next.done) break
    text += next.value
  }
  return text
}

async function* chain(first: string, rest: AsyncIterable<string>): AsyncGenerator<string> {
  yield first
  yield* rest
}

async function* decode(bytes: AsyncIterable<Uint8Array>): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true, ignoreBOM: true })
  let lines = 1
  let begun = false
  for await (const chunk of bytes) {
    if (!begun && isUtf16(chunk)) throw new FileProblem('not-utf-8', 'The file is in UTF-16. Save it as CSV in UTF-8 and choose it again.')
    begun ||= chunk.length > 0
    let text: string
    try {
      text = decoder.decode(chunk, { stream: true })
    } catch {
      const good = new TextDecoder('utf-8').decode(chunk).split('\uFFFD')[0]!
      throw new FileProblem(
        'not-utf-8',
        `The file is not in UTF-8: line ${lines + breaks(good)} has a byte that UTF-8 does not allow. Save it as CSV in UTF-8 and ` +
          `choose it again.`,
      )
    }
    if (text.includes('\0'))
      throw new FileProblem(
        'not-text',
        `Line ${lines + breaks(text.slice(0, text.indexOf('\0')))} has a null character: this is not a text file.`,
      )
    lines += breaks(text)
    if (text) yield text
  }
  try {
    decoder.decode()
  } catch {
    throw new FileProblem('not-utf-8', `The file ends in the middle of a character in line ${lines}. It may have been cut off.`)
  }
}

const isUtf16 = ([a, b]: Uint8Array) => (a === 0xff && b === 0xfe) || (a === 0xfe && b === 0xff)
const breaks = (text: string) => text.match(/\r\n|\n|\r/g)?.length ?? 0

/** Names of columns have neither: whichever the first line has more of separates. */
function delimiterOf(text: string): string {
  const header = /^[^\r\n]*/.exec(text)![0]
  const count = (mark: string) => header.split(mark).length
  return count(';') > count(',') ? ';' : ','
}

/** @param line line that the record at fault begins in */
function toProblem(error: unknown, line: number): unknown {
  switch ((error as CsvError).code) {
    case 'CSV_QUOTE_NOT_CLOSED':
      return new FileProblem('unclosed-quote', `In the row that begins in line ${line} a quote is opened and never closed.`)
    case 'CSV_MAX_RECORD_SIZE':
      return new FileProblem(
        'long-row',
        `The row that begins in line ${line} has more than ${longestRecord.toLocaleString('en')} characters. Most likely a quote is ` +
          `opened there and never closed.`,
      )
    case 'CSV_INVALID_CLOSING_QUOTE':
    case 'INVALID_OPENING_QUOTE':
    case 'CSV_NON_TRIMABLE_CHAR_AFTER_CLOSING_QUOTE':
      return new FileProblem(
        'bad-quotes',
        `In the row that begins in line ${line} a quote stands in the middle of a cell. A cell with quotes is put in quotes, and each ` +
          `quote in it is doubled.`,
      )
    default:
      return error
  }
}
