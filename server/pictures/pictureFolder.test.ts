import { randomUUID } from 'node:crypto'
import { mkdtemp, readdir, readFile, rm, stat, truncate, utimes, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { keepPicture, NoRoomError, sweepPictures } from './pictureFolder'

let folder = ''
beforeEach(async () => void (folder = await mkdtemp(join(tmpdir(), 'manada-test-'))))
afterEach(() => rm(folder, { recursive: true, force: true }))

const day = 24 * 3600 * 1000
const now = Date.parse('2026-06-01T00:00:00Z')
const upload = (text: string) => keepPicture(folder, Buffer.from(text), 'svg')

describe('the folder of pictures', () => {
  it('has each picture once, whole, under a name of its own', async () => {
    // At the same moment, too.
    const [one, again, other] = await Promise.all([upload('<svg/>'), upload('<svg/>'), upload('<svg />')])
    expect(again).toBe(one)
    expect(await upload('<svg/>')).toBe(one)
    expect((await readdir(folder)).sort()).toEqual([one, other].sort())
    expect(await readFile(join(folder, one), 'utf8')).toBe('<svg/>')
  })

  it('lets go of uploads that nothing has shown for thirty days, and of nothing else', async () => {
    const [used, unused] = [await upload('<svg>1</svg>'), await upload('<svg>2</svg>')]
    const cutShort = `${'0'.repeat(24)}.png.${randomUUID()}.unfinished`
    for (const name of ['hive.svg', cutShort]) await writeFile(join(folder, name), 'x')
    for (const name of await readdir(folder)) await utimes(join(folder, name), now / 1000, now / 1000)
    // However the address leads to it.
    expect(await sweepPictures(folder, [`/pictures/${used}`, '/pictures/gone.svg'], now + 29 * day)).toEqual([])
    expect(await sweepPictures(folder, [`https://shop.example/pictures/${used}?size=2`], now + 31 * day)).toEqual([unused, cutShort].sort())
    // What was in use until now is kept for as long again.
    expect(await sweepPictures(folder, [], now + 60 * day)).toEqual([])
    expect(await sweepPictures(folder, [], now + 62 * day)).toEqual([used])
    expect(await readdir(folder)).toEqual(['hive.svg'])
  })

  it('takes no more than it has room for, and keeps what it has', async () => {
    const large = await upload('<svg>large</svg>')
    await truncate(join(folder, large), 256 * 1024 * 1024 - 20)
    await expect(upload('<svg>one too many</svg>')).rejects.toThrow(NoRoomError)
    expect(await readdir(folder)).toEqual([large])
    const before = (await stat(join(folder, large))).mtimeMs
    await utimes(join(folder, large), 0, 0)
    // The same once more needs no room, and is as new.
    expect(await upload('<svg>large</svg>')).toBe(large)
    expect((await stat(join(folder, large))).mtimeMs).toBeGreaterThanOrEqual(before)
  })
})
