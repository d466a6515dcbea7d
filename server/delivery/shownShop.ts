import type { AnswerShop } from '../../core/delivery/pageParts'
import type { DraftQuery } from '../../core/delivery/contract/values'
import type { Proposal } from '../../core/effects/proposedShop'
import { proposedShop, proposedThings } from '../../core/effects/proposedShop'
import { LookBook } from '../../core/looks/lookBook'
import { withKept } from '../../core/releases/withKept'
import type { Shop } from '../../core/selection/shop'
import { withOffer } from '../../core/selection/withOffer'
import type { LiveShop } from '../live/liveShop'
import type { StoreReader } from '../store/port'
import { Problem } from '../utils/problem'

/** A shop with all that decides what stands on a page, and what it looks like. */
export type ShownShop = Shop & AnswerShop

/**
 * Works something out of the shop that is asked for: as shoppers have it; with all drafts, or those that are named alone; or as a release
 * had it. An offer can be pretended to be for every product.
 * @param work at once: bundles are otherwise meanwhile
 * @throws Problem when there is no such release or offer
 */
export async function inShownShop<Result>(
  { draft, only, release, offer }: DraftQuery,
  shop: LiveShop,
  store: StoreReader,
  work: (shown: ShownShop) => Result,
): Promise<Result> {
  if (!draft) return work(shop)
  const workOn = (shown: ShownShop) => work(offer === undefined ? shown : asIfForAll(shown, offer))
  if (release === undefined && !only) return shop.asDrafted(workOn)
  const proposal = release === undefined ? { publish: only! } : { release: await releaseOf(release, shop, store) }
  return shop.asProposed(proposal, () => workOn(withProposal(shop, proposal)))
}

const asIfForAll = (shown: ShownShop, offer: string): ShownShop => ({
  ...there(withOffer(shown, offer), 'unknown-offer', 'together offer', offer),
  looks: shown.looks,
  brandMarks: shown.brandMarks,
})

/** A shop with something that is asked for. @throws Problem when there is none, because there is no such thing */
export function there(shop: Shop | null, code: Lowercase<string>, noun: string, key: string): Shop {
  if (!shop) throw new Problem(404, code, 'Not found', `There is no ${noun} with the key ${key}.`, [key])
  return shop
}

/** What shoppers had with a release, and would have if it came back. @throws Problem when there is no such release */
export async function releaseOf(number: number, { versions }: LiveShop, store: StoreReader) {
  const release = await store.release(number)
  if (!release) throw new Problem(404, 'unknown-release', 'Not found', `There is no release ${number}.`, [String(number)])
  return withKept(release, versions)
}

const withProposal = (shop: LiveShop, proposal: Proposal): ShownShop => ({
  ...proposedShop(shop, shop.versions, proposal),
  looks: new LookBook(proposedThings('looks', shop.versions.looks, proposal).values()),
  brandMarks: shop.brandMarks,
})
