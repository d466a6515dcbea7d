// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the declaration of a wildcard module can't be imported
/// <reference path="../threads/workerScript.d.ts" />
import { Worker } from 'node:worker_threads'
import { wrap } from 'comlink'
import { endpointOf } from '../threads/endpoint'
import { resourceLimits } from '../threads/resourceLimits'
import type { FileReader, ReadFileTask } from './readFile.worker'
import script from './readFile.worker?worker-script'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import type { ReadRows } from './readRows'

/**
 * The rows of a file, read in a worker thread, some at a time; with how many of its bytes were read for them.
 * @throws FileProblem when the file can't be taken as a whole
 */
export async function* readFile(task: ReadFileTask): AsyncGenerator<{ rows: ReadRows; bytes: number }> {
  const worker = new Worker(script, { eval: true, workerData: task, resourceLimits })
  const failed = new Promise<never>((_, reject) => worker.once('error', reject))
  const reader = wrap<FileReader>(endpointOf(worker))
  try {
    for (;;) {
      const answer = await Promise.race([reader.next(), failed])
      if (!answer) return
      if ('problem' in answer) throw new FileProblem(answer.problem.code, answer.problem.message)
      yield answer
    }
  } finally {
    await worker.terminate()
  }
}
