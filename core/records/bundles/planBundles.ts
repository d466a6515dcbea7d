import { isEqual } from 'es-toolkit'
import type { KeyedBundle } from '../../bundles/bundleSettings'
import type { Bundle } from '../../catalogue/bundle'
import { groupsOf, namedIn } from '../../catalogue/bundle'
import type { CatalogueItem, Category } from '../../catalogue/catalogue'
import { CommandError } from '../../journal/commandError'
import type { DraftContext } from '../drafts/drafts'
import { draftChange, draftOf, known } from '../drafts/drafts'
import type { BundleCommand } from './bundleCommandSchema'
import type { BundleChange } from './bundleRecord'

/** What planning a command on bundles needs to know of the shop. */
export interface BundleContext extends DraftContext {
  item(sku: string): CatalogueItem | undefined
  category(key: string): Category | undefined
  /** Units sold of a bundle. */
  unitsSold(sku: string): number
}

/** Works out what a command on bundles does to their drafts. @throws CommandError when it can't be carried out as asked */
export function planBundles(command: BundleCommand, context: BundleContext): BundleChange[] {
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
    const { name, bundle } = command
    const draft: KeyedBundle = { key: sku, name, description: {}, status: 'active', categories: [], tags: [], image: null, bundle }
    return [draftChange('bundles', sku, null, { live: null, draft })]
  }
  const before = known(context, 'bundles', sku)
  if (command.type === 'removeBundle') {
    if (before.live || context.unitsSold(sku))
      throw new CommandError('bundle-in-use', 'Only what was never sold can be removed: orders may have this bundle. Retire it instead.', [
        sku,
      ])
    return [draftChange('bundles', sku, before, null)]
  }
  const draft = draftOf(context, 'bundles', sku)
  const { settings, seen } = command
  if (Object.entries(seen).some(([part, value]) => !isEqual(draft[part as keyof typeof draft], value)))
    throw new CommandError(
      'bundle-changed',
      'This bundle was changed in the meantime. It is shown as it is now; nothing was overwritten.',
      [sku],
    )
  if (settings.bundle) checkParts(sku, settings.bundle, draft.bundle, context)
  const unknown = settings.categories?.find(key => !context.category(key))
  if (unknown !== undefined) throw new CommandError('unknown-category', `There is no category “${unknown}”.`, [unknown])
  return [draftChange('bundles', sku, before, { ...before, draft: { ...draft, ...settings } })]
}

/** What was in the bundle before may stay, also when the shop doesn't have it any more: the checks say so. */
function checkParts(sku: string, bundle: Bundle, before: Bundle | null, context: BundleContext): void {
  const named = [...namedIn(bundle), ...groupsOf(bundle).flatMap(each => each.products)]
  if (named.includes(sku)) throw new CommandError('bundle-in-itself', 'A bundle can’t be a part of itself.', [sku])
  const known = new Set(before ? [...namedIn(before), ...groupsOf(before).flatMap(each => each.products)] : [])
  const unknown = named.filter(each => !known.has(each) && !context.item(each))
  if (unknown.length)
    throw new CommandError('unknown-product', `The shop has no product with the SKU ${unknown.slice(0, 3).join(', ')}.`, unknown)
}
