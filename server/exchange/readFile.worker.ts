import { createReadStream } from 'node:fs'
import { once } from 'node:events'
import { parentPort, workerData } from 'node:worker_threads'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import type { FileProblemCode } from '../../core/exchange/formats/fileProblem'
import type { FileReading, ReadRows } from './readRows'
import { readRows } from './readRows'

export interface ReadFileTask extends FileReading {
  path: string
}
/** What the worker says: rows and how many bytes were read for them, a problem with the whole file, or that it has come to the end. */
export type ReadFileMessage = { rows: ReadRows; bytes: number } | { problem: { code: FileProblemCode; message: string } } | { end: true }

/** Reads a file beside the server's own work. It waits to be asked for more, so that rows don't pile up. */
async function work({ path, ...reading }: ReadFileTask): Promise<void> {
  const port = parentPort!
  const tell = (message: ReadFileMessage) => port.postMessage(message)
  const file = createReadStream(path, { highWaterMark: 256 * 1024 })
  try {
    for await (const rows of readRows(file, reading)) {
      tell({ rows, bytes: file.bytesRead })
      await once(port, 'message')
    }
    tell({ end: true })
  } catch (error) {
    if (!(error instanceof FileProblem)) throw error
    tell({ problem: { code: error.code, message: error.message } })
  } finally {
    file.destroy()
    port.close()
  }
}

void work(workerData as ReadFileTask)
