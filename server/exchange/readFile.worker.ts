import { createReadStream } from 'node:fs'
import { parentPort, workerData } from 'node:worker_threads'
import { expose } from 'comlink'
import { endpointOf } from '../threads/endpoint'
import { giveWay } from '../threads/giveWay'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import type { FileProblemCode } from '../../core/exchange/formats/fileProblem'
import type { FileReading, ReadRows } from './readRows'
import { readRows } from './readRows'

export interface ReadFileTask extends FileReading {
  path: string
}
/** Rows and how many bytes were read for them, a problem with the whole file, or null: it has come to the end. */
export type ReadFileAnswer = { rows: ReadRows; bytes: number } | { problem: { code: FileProblemCode; message: string } } | null

giveWay()
const { path, ...reading } = workerData as ReadFileTask
const file = createReadStream(path, { highWaterMark: 256 * 1024 })
const allRows = readRows(file, reading)

/** Reads a file beside the server's own work. It waits to be asked for more, so that rows don't pile up. */
const fileReader = {
  async next(): Promise<ReadFileAnswer> {
    try {
      const { done, value } = await allRows.next()
      return done ? null : { rows: value, bytes: file.bytesRead }
    } catch (error) {
      if (!(error instanceof FileProblem)) throw error
      return { problem: { code: error.code, message: error.message } }
    }
  },
}
export type FileReader = typeof fileReader

expose(fileReader, endpointOf(parentPort!))
