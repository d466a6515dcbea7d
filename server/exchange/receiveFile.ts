import { createWriteStream } from 'node:fs'
import { mkdir, mkdtemp, rm } from 'node:fs/promises'
import type { IncomingMessage } from 'node:http'
import { join } from 'node:path'
import { Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { dataFolder } from '../running/dataFolder'
import { FileProblem } from '../../core/exchange/formats/fileProblem'

/** Files above this many bytes are refused. */
export const largestFile = 512 * 1024 * 1024

/** Where files lie while they are imported. What a killed server left there is swept away at the next start. */
const folder = () => join(dataFolder(), 'received')

export const sweepReceived = () => rm(folder(), { recursive: true, force: true })

/**
 * Receives the body of a request into a file, lets it be worked on, and takes it away again.
 * @throws FileProblem when it is too large
 */
export async function withReceivedFile<T>(
  request: IncomingMessage,
  signal: AbortSignal,
  work: (path: string, size: number) => Promise<T>,
): Promise<T> {
  await mkdir(folder(), { recursive: true })
  const ownFolder = await mkdtemp(join(folder(), 'file-'))
  try {
    const path = join(ownFolder, 'file.csv')
    let size = 0
    const measure = new Transform({
      transform(chunk: Buffer, _, done) {
        size += chunk.length
        if (size > largestFile) done(tooLarge())
        else done(null, chunk)
      },
    })
    if (Number(request.headers['content-length']) > largestFile) throw tooLarge()
    // Of a sender who has gone without a word nothing more comes.
    request.setTimeout(longestSilence, () => request.destroy())
    await pipeline(request, measure, createWriteStream(path), { signal })
    request.setTimeout(0)
    return await work(path, size)
  } finally {
    await rm(ownFolder, { recursive: true, force: true })
  }
}

/** Milliseconds in which something more of a file has to come. */
const longestSilence = 60_000

const tooLarge = () => new FileProblem('too-large', `The file has more than ${largestFile / 1024 / 1024} MB. Cut it into several.`)
