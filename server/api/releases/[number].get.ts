import { isEqual } from 'es-toolkit'
import { nameOf } from '../../access/nameOf'
import { useShop } from '../../running/useShop'
import { pathPart } from '../../utils/request'

/** A release with all that shoppers got with it. */
export default api('viewer', async event => {
  const number = pathPart(event, 'number')
  const { store, access, shop } = await useShop()
  const release = /^[1-9]\d{0,8}$/.test(number) ? await store.release(Number(number)) : null
  if (!release) throw new Problem(404, 'unknown-release', 'Not found', `There is no release ${number}.`, [number])
  const { editor, bundles, ...shown } = release
  const then = new Map(bundles?.map(each => [each.key, each]))
  const live = [...shop.versions.bundles.values()].flatMap(each => each.live ?? [])
  return {
    ...shown,
    by: nameOf(editor, access),
    bundles: bundles && bundles.filter(each => !isEqual(each, shop.versions.bundles.get(each.key)?.live)),
    liveBundles: bundles ? live.filter(each => !isEqual(each, then.get(each.key))) : [],
  }
})
