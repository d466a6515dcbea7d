import { readFile } from 'node:fs/promises'
import { extname, join } from 'node:path'
import { z } from 'zod'
import { dataFolder } from '../../engine/useShop'
import { pictureTypes } from '../../pictures/pictureTypes'

const one = z.string().max(2048)
const query = z.object({ of: z.union([z.array(one).min(1).max(4), one.transform(each => [each])]) })
/** Side of the picture, and the line between its parts. */
const side = 200
const gap = 4
const half = (side - gap) / 2
const far = half + gap

/** Where the parts stand: beside each other, one above two, or in four fields. */
const places = [
  [[0, 0, side, side]],
  [[0, 0, half, side], [far, 0, half, side]],
  [[0, 0, side, half], [0, far, half, half], [far, far, half, half]],
  [[0, 0, half, half], [far, 0, half, half], [0, far, half, half], [far, far, half, half]],
] as const

/** A picture made of those of a bundle's parts. A picture on another server can't be had, and leaves its field empty. */
export default api(async (event) => {
  const { of } = queryOf(event, query)
  const parts = await Promise.all(of.map(async (address, i) => {
    const [x, y, width, height] = places[of.length - 1]![i]!
    const data = await embedded(address)
    // The fields cut the pictures as a card of the shop does: filled, from the middle.
    return `<svg x="${x}" y="${y}" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#efeae0"/>`
      + `${data ? `<image href="${data}" width="${width}" height="${height}" preserveAspectRatio="xMidYMid slice"/>` : ''}</svg>`
  }))
  setResponseHeaders(event, {
    'content-type': 'image/svg+xml', 'cache-control': 'public, max-age=3600', 'x-content-type-options': 'nosniff',
    'content-security-policy': 'default-src \'none\'; img-src data:; style-src \'unsafe-inline\'',
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${side} ${side}" width="${side}" height="${side}">${parts.join('')}</svg>`
})

/** A picture of the shop's own as a data address; null: there is none. */
async function embedded(address: string): Promise<string | null> {
  const [, name] = /^\/pictures\/([\w.~-]+)$/.exec(address) ?? []
  const type = name && pictureTypes[extname(name).toLowerCase()]
  const bytes = type ? await readFile(join(dataFolder(), 'pictures', name)).catch(() => null) : null
  return bytes && `data:${type};base64,${bytes.toString('base64')}`
}
