import type { BrandMarkCommand } from './brandMarkCommandSchema'
import type { BrandMarkChange } from './brandMarkRecord'
import { CommandError } from '../../journal/commandError'

/** What planning a command on the marks of brands needs to know of the shop. */
export interface BrandMarkContext {
  /** Whether any product is of this brand. */
  hasBrand(brand: string): boolean
  /** Address of a brand's picture; null: it has none. */
  brandMark(brand: string): string | null
}

/** Works out what setting a brand's mark does. @throws CommandError when there is no such brand */
export function planBrandMarks({ brand, image }: BrandMarkCommand, context: BrandMarkContext): BrandMarkChange[] {
  if (!context.hasBrand(brand)) throw new CommandError('unknown-brand', `No product is of the brand “${brand}”.`, [brand])
  return [{ of: 'brandMark', owner: '', key: brand, before: context.brandMark(brand), after: image }]
}
