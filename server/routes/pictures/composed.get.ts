import { readFile } from 'node:fs/promises'
import { extname, join } from 'node:path'
import { z } from 'zod'
import { dataFolder } from '../../running/dataFolder'
import { picturePolicy, pictureTypes } from '../../pictures/pictureTypes'

const oneSchema = z.string().max(2048)
const querySchema = z.object({ of: z.union([z.array(oneSchema).min(1).max(4), oneSchema.transform(each => [each])]) })
/** Where the parts stand, in percent of whatever the picture is shown in: beside each other, one beside two, or in four fields. */
const part = 49.5
const far = 50.5
const fields = [
  [[0, 0, 100, 100]],
  [
    [0, 0, part, 100],
    [far, 0, part, 100],
  ],
  [
    [0, 0, part, 100],
    [far, 0, part, part],
    [far, far, part, part],
  ],
  [
    [0, 0, part, part],
    [far, 0, part, part],
    [0, far, part, part],
    [far, far, part, part],
  ],
] as const

/** A picture made of those of a bundle's parts. A picture on another server can't be had, and leaves its field empty. */
export default api('nothing', async event => {
  const { of } = queryOf(event, querySchema)
  const parts = await Promise.all(
    of.map(async (address, i) => {
      const [x, y, width, height] = fields[of.length - 1]![i]!
      const data = await embedded(address)
      // The fields cut the pictures as a card of the shop does: filled, from the middle.
      return (
        `<svg x="${x}%" y="${y}%" width="${width}%" height="${height}%"><rect width="100%" height="100%" fill="#efeae0"/>` +
        `${data ? `<image href="${data}" width="100%" height="100%" preserveAspectRatio="xMidYMid slice"/>` : ''}</svg>`
      )
    }),
  )
  setResponseHeaders(event, {
    'content-type': 'image/svg+xml',
    'cache-control': 'public, max-age=3600',
    'content-security-policy': picturePolicy,
  })
  return `<svg xmlns="http://www.w3.org/2000/svg">${parts.join('')}</svg>`
})

/** A picture of the shop's own as a data address; null: there is none. */
async function embedded(address: string): Promise<string | null> {
  const [, name] = /^\/pictures\/([\w.~-]+)$/.exec(address) ?? []
  const type = name && pictureTypes[extname(name).toLowerCase()]
  const bytes = type ? await readFile(join(dataFolder(), 'pictures', name)).catch(() => null) : null
  return bytes && `data:${type};base64,${bytes.toString('base64')}`
}
