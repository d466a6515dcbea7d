import { createHash, randomUUID } from 'node:crypto'
import { mkdir, open, readdir, rename, rm, stat, utimes } from 'node:fs/promises'
import { join } from 'node:path'
import type { PictureType } from '../../core/catalogue/pictureType'

/** What uploads are called: by what is in them. Other files of the folder are the shop's own, and are left alone. */
const uploaded = /^[0-9a-f]{24}\.(?:png|jpg|webp|avif|svg)(?:\.[0-9a-f-]{36}\.unfinished)?$/
/** The same within an address, in whatever way that leads to it. */
const uploadNames = /[0-9a-f]{24}\.(?:png|jpg|webp|avif|svg)/g

/** Bytes that uploads may have together. */
const quota = 256 * 1024 * 1024
/** Milliseconds after which a picture that nothing shows is taken away: what took it away can be undone until then. */
const kept = 30 * 24 * 3600 * 1000

/** Uploads have no more room; nothing was kept. */
export class NoRoomError extends Error {
  constructor() {
    super(`All pictures that were uploaded have ${quota / 1024 / 1024} MB together, and that is as much as they may. Nothing was changed.`)
    this.name = 'NoRoomError'
  }
}

/**
 * Keeps a picture under a name that follows from what is in it. It is complete and on the disk, or not there at all.
 * @returns the name of its file
 * @throws NoRoomError when uploads have no more room
 */
export async function keepPicture(folder: string, bytes: Buffer, type: PictureType): Promise<string> {
  await mkdir(folder, { recursive: true })
  const name = `${createHash('sha256').update(bytes).digest('hex').slice(0, 24)}.${type}`
  const path = join(folder, name)
  const now = new Date()
  // The same once more: it counts from now on.
  if (await utimes(path, now, now).then(yes, no)) return name
  const sizes = await Promise.all((await uploadsIn(folder)).map(each => stat(join(folder, each)).then(({ size }) => size, nothing)))
  if (sizes.reduce((sum, size) => sum + size, bytes.length) > quota) throw new NoRoomError()
  // Somebody may be sending the same at this moment.
  const unfinished = `${path}.${randomUUID()}.unfinished`
  const file = await open(unfinished, 'w')
  try {
    await file.writeFile(bytes)
    await file.sync()
  } finally {
    await file.close()
  }
  await rename(unfinished, path)
  return name
}

/**
 * Takes away uploads that nothing has shown for 30 days. When one was last seen in use is kept as its file's time.
 * @param addresses of all pictures that are in use
 * @param now milliseconds since 1970-01-01 UTC
 * @returns names of what was taken away
 */
export async function sweepPictures(folder: string, addresses: Iterable<string>, now: number): Promise<string[]> {
  const swept: string[] = []
  const inUse = new Set(Array.from(addresses, address => address.match(uploadNames) ?? []).flat())
  for (const name of await uploadsIn(folder)) {
    const path = join(folder, name)
    if (inUse.has(name)) await utimes(path, now / 1000, now / 1000)
    else if ((await stat(path)).mtimeMs < now - kept) {
      await rm(path, { force: true })
      swept.push(name)
    }
  }
  return swept
}

const uploadsIn = async (folder: string) => (await readdir(folder).catch(() => [])).filter(name => uploaded.test(name)).sort()
const yes = () => true
const no = () => false
const nothing = () => 0
