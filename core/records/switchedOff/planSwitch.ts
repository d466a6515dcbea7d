import type { CatalogueItem } from '../../catalogue/catalogue'
import type { DraftContext } from '../drafts/drafts'
import type { SwitchCommand } from './switchCommandSchema'
import type { SwitchChange } from './switchedOffRecord'
import { CommandError } from '../../journal/commandError'

/** What planning to switch sections off needs to know of the shop. */
export interface SwitchContext extends DraftContext {
  item(sku: string): CatalogueItem | undefined
  isSwitchedOff(source: string, section: string): boolean
}

/** Works out what switching a section off on a product's page does. @throws CommandError when it can't be done as asked */
export function planSwitch({ source, section, off }: SwitchCommand, context: SwitchContext): SwitchChange[] {
  if (context.item(source)?.product.sku !== source)
    throw new CommandError('unknown-product', `There is no product with the SKU ${source}.`, [source])
  if (!context.versions.sections.has(section))
    throw new CommandError('unknown-section', `There is no section with the key ${section}.`, [section])
  return [{ of: 'switchedOff', owner: source, key: section, before: context.isSwitchedOff(source, section), after: off }]
}
