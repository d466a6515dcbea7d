import type { ReleasesAnswer } from '../../../core/releases/release'
import { nameOf } from '../../access/nameOf'
import { useShop } from '../../running/useShop'

const maxListed = 200

/** Everything that shoppers have had, the newest first, and what is to come. */
export default api('viewer', async (): Promise<ReleasesAnswer> => {
  const { store, shop, access } = await useShop()
  return {
    releases: (await store.releases(maxListed)).map(({ editor, ...release }) => ({ ...release, by: nameOf(editor, access) })),
    schedules: [...shop.schedules.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at)),
  }
})
