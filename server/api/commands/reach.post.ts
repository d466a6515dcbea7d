import { z } from 'zod'
import { contextOf } from '../../../core/journal/commandContext'
import { laneCommandSchema } from '../../../core/records/lanes/laneCommandSchema'
import type { LaneChange } from '../../../core/records/lanes/laneRecords'
import { reachOf } from '../../../core/records/lanes/wideEdits'
import { checkCommandSchema } from '../../../core/records/putAside/checkCommandSchema'
import type { Change, Command } from '../../../core/records/registry'
import { planCommand } from '../../../core/records/registry'
import type { WideEdit } from '../../../core/studio/wideEdit'
import { keepingCeilings } from '../../../core/studio/wideEdit'
import { textIn } from '../../../core/text/text'
import { useShop } from '../../running/useShop'

const askedSchema = z.discriminatedUnion('type', [...laneCommandSchema.options, ...checkCommandSchema.options])

/** How many lanes a command would write, and what becomes of the largest. Nothing is done. */
export default api('editor', async (event): Promise<WideEdit> => {
  const asked = await bodyOf(event, askedSchema)
  const { shop } = await useShop()
  const reach = (command: Command) =>
    reachOf(planCommand(command, contextOf(shop, { product: undefined, release: undefined })).filter(isOfLane), key => shop.kinds.get(key))
  const all = reach(asked)
  const { language } = shop.settings
  const largest = all.largest && shop.catalogue.product(all.largest.source)
  return { all, kept: reach(keepingCeilings(asked)), largestName: largest ? textIn(largest.name, language, language) : '' }
})

const isOfLane = (change: Change): change is LaneChange => change.of === 'links' || change.of === 'pageLinks'
