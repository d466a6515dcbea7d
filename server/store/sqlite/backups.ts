import { access, copyFile, cp, mkdir, rename, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { UnusableDataError } from '../port'
import type { CopyFacts } from './checkedCopy'
import { checkCopy, copyShop } from './checkedCopy'
import { databaseFile } from './database'
import { takeWriterLock } from './writerLock'

/** Where the pictures of a copy stand: in a folder beside its file. */
const picturesOf = (copy: string) => `${copy}.pictures`
const isThere = (path: string) =>
  access(path).then(
    () => true,
    () => false,
  )

/**
 * Copies the shop of a data folder, with its pictures, while a server may be running on it.
 * @param target a file that is not there yet
 * @throws UnusableDataError when there is no shop, the target is there already, or the copy is not whole
 */
export async function backUp(folder: string, target: string): Promise<CopyFacts> {
  const file = databaseFile(folder)
  if (!(await isThere(file))) throw new UnusableDataError(`There is no shop in ${folder}.`)
  if (await isThere(target)) throw new UnusableDataError(`${target} is there already. Nothing was written.`)
  const facts = await copyShop(file, target)
  const pictures = join(folder, 'pictures')
  if (await isThere(pictures)) await cp(pictures, picturesOf(target), { recursive: true })
  return facts
}

/**
 * Puts a copy in the place of the shop of a data folder, while no server is running on it. What was there is kept in `backups/`.
 * @param now ISO 8601
 * @throws UnusableDataError when a server has the folder, or the copy is no shop that can be opened
 */
export async function restore(folder: string, copy: string, now: string): Promise<CopyFacts & { kept: string | null }> {
  await mkdir(folder, { recursive: true })
  const letGo = await takeWriterLock(folder)
  try {
    if (!(await isThere(copy))) throw new UnusableDataError(`There is no file ${copy}.`)
    const facts = await checkCopy(copy)
    const file = databaseFile(folder)
    const kept = (await isThere(file)) ? join(folder, 'backups', `before-restore-${now.replace(/[:.]/g, '-')}.sqlite`) : null
    await mkdir(join(folder, 'backups'), { recursive: true })
    // Damaged, it is kept as it is.
    if (kept) await copyShop(file, kept).catch(() => copyFile(file, kept))
    const unfinished = `${file}.unfinished`
    await copyFile(copy, unfinished)
    for (const suffix of ['-wal', '-shm']) await rm(file + suffix, { force: true })
    await rename(unfinished, file)
    if (await isThere(picturesOf(copy))) await cp(picturesOf(copy), join(folder, 'pictures'), { recursive: true })
    return { ...facts, kept }
  } finally {
    await letGo()
  }
}
