import { nameOf } from '../../access/nameOf'
import { useShop } from '../../running/useShop'
import { pathPart } from '../../utils/request'

/** A release with all that shoppers got with it. */
export default api('viewer', async event => {
  const number = pathPart(event, 'number')
  const { store, access } = await useShop()
  const release = /^[1-9]\d{0,8}$/.test(number) ? await store.release(Number(number)) : null
  if (!release) throw new Problem(404, 'unknown-release', 'Not found', `There is no release ${number}.`, [number])
  const { editor, ...shown } = release
  return { ...shown, by: nameOf(editor, access) }
})
