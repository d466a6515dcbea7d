import type { ImportSummary, Rejection } from '../../core/exchange/importReport'
import type { FileFormatKey } from '../../core/exchange/formats/registry'
import type { FileImport } from '../../core/exchange/kinds/fileKindType'
import type { FileKind } from '../../core/exchange/kinds/registry'
import { fileKindOf } from '../../core/exchange/kinds/registry'
import type { Change } from '../../core/records/registry'
import type { LiveShop } from '../live/liveShop'
import type { StoreReader } from '../store/port'
import { readFile } from './readFile'

/** Some of what a file asks for. */
interface Step {
  /** What it changes in the shop as it is now. @param most about how many things at most */
  changes(most: number, reader: StoreReader): Promise<Change[]>
}

interface FileToRead {
  kind: FileKind
  format: FileFormatKey
  /** Where it lies. */
  path: string
}

/** Goes through a file once: to try what it asks for, or to write it. */
export class FileWork {
  readonly #shop: LiveShop
  readonly #file: FileToRead
  readonly #import: FileImport<unknown>
  readonly #unread: Rejection[] = []
  #found: ImportSummary | null = null
  /** Rows and bytes read so far. */
  rows = 0
  bytes = 0
  /** Rows whose changes were handed out. */
  written = 0
  ignoredColumns: string[] = []

  constructor(shop: LiveShop, { kind, format, path }: FileToRead, how: 'tried' | 'written') {
    this.#shop = shop
    this.#file = { kind, format, path }
    this.#import = fileKindOf(kind).importing(shop, how)
  }

  /** The work, step by step; the changes of each have to be asked for before the next. Whoever writes has a turn for each. */
  async *steps(): AsyncGenerator<Step, void> {
    for await (const { rows, bytes } of readFile({ ...this.#file, settings: this.#shop.settings })) {
      for (const { line, row } of rows.rejections) this.#import.passOver?.(line, row)
      this.#unread.push(...rows.rejections)
      this.written += rows.rejections.length
      this.rows = rows.rows
      this.bytes = bytes
      this.ignoredColumns = rows.ignoredColumns
      yield* this.#adding(rows.lines)
    }
    const finishing = this.#import.finishing()
    while (!this.#found) yield { changes: most => Promise.resolve(this.#finish(finishing, most)) }
  }

  *#adding(lines: readonly unknown[]): Generator<Step> {
    for (let from = 0; from < lines.length;)
      yield {
        changes: async (most, reader) => {
          // Where all lines are worked out together, nothing is asked of the shop yet.
          const isForLater = !this.#import.about
          const some = isForLater ? lines : lines.slice(from, from + most)
          from += some.length
          if (isForLater) return this.#import.add(some, new Map())
          this.written += some.length
          return this.#import.add(some, await reader.productsBySku(this.#import.about!(some)))
        },
      }
  }

  #finish(finishing: ReturnType<FileImport<unknown>['finishing']>, most: number): Change[] {
    const changes: Change[] = []
    while (changes.length < Math.min(most, mostAtOnce)) {
      const step = finishing.next()
      if (step.done) {
        this.#found = step.value
        break
      }
      changes.push(...step.value.changes)
      this.written += step.value.rows
    }
    return changes
  }

  /** What the file asks for, when all steps are done. */
  summary(): ImportSummary {
    const { rejections, ...counts } = this.#found!
    return { ...counts, rejections: [...rejections, ...this.#unread].sort((a, b) => a.line - b.line) }
  }
}

/** Things that are worked out before others have a turn, also when nothing is written. */
const mostAtOnce = 500
