import { readFile } from 'node:fs/promises'
import { extname, join } from 'node:path'
import { dataFolder } from '../../running/dataFolder'
import { picturePolicy, pictureTypes } from '../../pictures/pictureTypes'

/** The shop's pictures, from the folder `pictures` of the data folder. */
export default api('nothing', async event => {
  const name = pathPart(event, 'name')
  const type = pictureTypes[extname(name).toLowerCase()]
  const bytes = type && /^[\w.~-]+$/.test(name) ? await readFile(join(dataFolder(), 'pictures', name)).catch(() => null) : null
  if (!bytes) {
    setResponseStatus(event, 404)
    return 'There is no such picture.'
  }
  setResponseHeaders(event, {
    'content-type': type!,
    'cache-control': 'public, max-age=3600',
    'content-security-policy': picturePolicy,
  })
  return bytes
})
