import { CommandError } from '../../journal/commandError'
import { ChangedTogether } from '../../journal/record'
import type { ShopView } from '../../journal/shopView'
import { bundleRecord } from '../bundles/bundleRecord'
import type { DraftChange } from '../drafts/drafts'
import { lookRecord } from '../looks/lookRecord'

/** Of what is drafted, what else can stand on. */
const records = [bundleRecord, lookRecord]

/** @throws CommandError when changes take something away that something else stands on, such as a bundle that is linked */
export function refuseUsed(changes: readonly DraftChange[], shop: ShopView): void {
  const gone = changes.filter(each => each.after === null)
  const together = new ChangedTogether(gone)
  for (const change of gone) {
    const use = records.find(each => each.of === change.of)?.usedBy?.(change as never, shop, together)
    if (use) throw new CommandError('in-use', `This draft can’t be discarded: ${use.words} Nothing was changed.`, [use.about])
  }
}
