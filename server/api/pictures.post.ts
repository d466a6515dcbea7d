import { join } from 'node:path'
import { pictureType } from '../../core/catalogue/pictureType'
import { keepPicture } from '../pictures/pictureFolder'
import { dataFolder } from '../running/dataFolder'

/** Marks are small: a picture of more than this many bytes is refused. */
const largestPicture = 512 * 1024

/** Keeps a picture, under a name that follows from what is in it, and answers its address. */
export default api('editor', async (event): Promise<{ image: string }> => {
  const bytes = await bytesOf(event, largestPicture, tooLarge)
  if (!bytes.length) throw new Problem(400, 'malformed', 'The request is malformed', 'There is no picture in it.')
  const type = pictureType(bytes)
  if (!type)
    throw new Problem(
      422,
      'no-picture',
      'This file can’t be taken',
      'This is not a picture in SVG, PNG, JPEG, WebP or AVIF. Nothing was changed.',
    )
  const name = await keepPicture(join(dataFolder(), 'pictures'), bytes, type)
  return { image: `/pictures/${name}` }
})

const tooLarge = () =>
  new Problem(
    413,
    'too-large',
    'This file can’t be taken',
    `The picture has more than ${largestPicture / 1024} KB. Make it smaller. Nothing was changed.`,
  )
