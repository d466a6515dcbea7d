import type { Category, CatalogueItem } from '../../catalogue/catalogue'
import type { NeighbourSettings } from '../../catalogue/neighbours'
import type { NeighboursCommand } from './neighboursCommandSchema'
import type { NeighboursChange } from './neighboursRecord'
import { CommandError } from '../../journal/commandError'

/** What planning the settings of neighbours needs to know of the shop. */
export interface NeighboursContext {
  item(sku: string): CatalogueItem | undefined
  category(key: string): Category | undefined
  neighbours(source: string): NeighbourSettings
}

/** Works out what setting a product's neighbours does. @throws CommandError when it can't be done as asked */
export function planNeighbours({ source, settings }: NeighboursCommand, context: NeighboursContext): NeighboursChange[] {
  if (context.item(source)?.product.sku !== source)
    throw new CommandError('unknown-product', `There is no product with the SKU ${source}.`, [source])
  const unknown = settings.leaveOut.filter(key => !context.category(key))
  if (unknown.length) throw new CommandError('unknown-category', `There is no category with the key ${unknown.join(', ')}.`, unknown)
  return [{ of: 'neighbours', owner: source, key: '', before: context.neighbours(source), after: settings }]
}
