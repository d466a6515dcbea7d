import { isEqual } from 'es-toolkit'
import type { Bundle } from '../../catalogue/bundle'
import { groupsOf, namedIn } from '../../catalogue/bundle'
import { settingsOf } from '../../bundles/bundleSettings'
import { emptyProduct } from '../../catalogue/emptyProduct'
import type { CatalogueItem, Category } from '../../catalogue/catalogue'
import type { Product } from '../../catalogue/product'
import type { ProductChange } from '../products/productRecord'
import type { BundleCommand } from './bundleCommandSchema'
import { CommandError } from '../../journal/commandError'

/** What planning a command on bundles needs to know of the shop. */
export interface BundleContext {
  item(sku: string): CatalogueItem | undefined
  category(key: string): Category | undefined
  /** The product that the command names, as it is kept; undefined: there is none. */
  stored(): Product | undefined
}

/** Works out what a command on bundles does. @throws CommandError when it can't be carried out as asked */
export function planBundles(command: BundleCommand, context: BundleContext): ProductChange[] {
  const { sku } = command
  if (command.type === 'addBundle') {
    const taken = context.item(sku)
    if (taken)
      throw new CommandError(
        'sku-taken',
        `${sku} is the SKU of ${taken.variant ? `a variant of ${taken.product.sku}` : 'another product'} already. Choose another one.`,
        [sku],
      )
    checkParts(sku, command.bundle, null, context)
    return [change(sku, null, { ...emptyProduct(sku, 'draft'), name: command.name, bundle: command.bundle })]
  }
  const before = context.stored()
  if (!before?.bundle) throw new CommandError('unknown-bundle', `There is no bundle with the SKU ${sku}.`, [sku])
  if (command.type === 'removeBundle') {
    if (before.status !== 'draft')
      throw new CommandError('bundle-in-use', 'Only a draft can be removed: orders may have this bundle. Retire it instead.', [sku])
    return [change(sku, before, null)]
  }
  const { settings, seen } = command
  const now = settingsOf(before)
  if (Object.entries(seen).some(([part, value]) => !isEqual(now[part as keyof typeof now], value))) {
    throw new CommandError(
      'bundle-changed',
      'This bundle was changed in the meantime. It is shown as it is now; nothing was overwritten.',
      [sku],
    )
  }
  if (settings.bundle) checkParts(sku, settings.bundle, before.bundle, context)
  const unknown = settings.categories?.find(key => !context.category(key))
  if (unknown !== undefined) throw new CommandError('unknown-category', `There is no category “${unknown}”.`, [unknown])
  return [change(sku, before, { ...before, ...settings })]
}

const change = (source: string, before: Product | null, after: Product | null): ProductChange => ({
  of: 'product',
  owner: source,
  key: '',
  before,
  after,
})

/** What was in the bundle before may stay, also when the shop doesn't have it any more: the checks say so. */
function checkParts(sku: string, bundle: Bundle, before: Bundle | null, context: BundleContext): void {
  const named = [...namedIn(bundle), ...groupsOf(bundle).flatMap(each => each.products)]
  if (named.includes(sku)) throw new CommandError('bundle-in-itself', 'A bundle can’t be a part of itself.', [sku])
  const known = new Set(before ? [...namedIn(before), ...groupsOf(before).flatMap(each => each.products)] : [])
  const unknown = named.filter(each => !known.has(each) && !context.item(each))
  if (unknown.length)
    throw new CommandError('unknown-product', `The shop has no product with the SKU ${unknown.slice(0, 3).join(', ')}.`, unknown)
}
