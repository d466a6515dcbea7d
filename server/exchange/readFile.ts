// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the declaration of a wildcard module can't be imported
/// <reference path="../threads/workerScript.d.ts" />
import { once } from 'node:events'
import { Worker } from 'node:worker_threads'
import type { ReadFileMessage, ReadFileTask } from './readFile.worker'
import script from './readFile.worker?worker-script'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import type { ReadRows } from './readRows'

/**
 * The rows of a file, read in a worker thread, some at a time; with how many of its bytes were read for them.
 * @throws FileProblem when the file can't be taken as a whole
 */
export async function* readFile(task: ReadFileTask): AsyncGenerator<{ rows: ReadRows; bytes: number }> {
  const worker = new Worker(script, { eval: true, workerData: task })
  try {
    for (;;) {
      const [message] = (await once(worker, 'message')) as [ReadFileMessage]
      if ('end' in message) return
      if ('problem' in message) throw new FileProblem(message.problem.code, message.problem.message)
      yield message
      worker.postMessage('more')
    }
  } finally {
    await worker.terminate()
  }
}
