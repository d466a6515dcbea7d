import type { ReleasesAnswer } from '../../../core/releases/release'
import { useShop } from '../../running/useShop'

const maxListed = 200

/** Everything that shoppers have had, the newest first, and what is to come. */
export default api(async (): Promise<ReleasesAnswer> => {
  const { store, shop } = await useShop()
  return {
    releases: await store.releases(maxListed),
    schedules: [...shop.schedules.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at)),
  }
})
