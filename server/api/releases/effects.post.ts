import type { EffectsAnswer } from '../../../core/effects/effects'
import { examplesOf } from '../../../core/effects/effects'
import { z } from 'zod'
import { toPublishSchema } from '../../../core/records/releases/releaseCommandSchema'
import { textIn } from '../../../core/text/text'
import { useCounting } from '../../counting/useCounting'
import type { LiveShop } from '../../live/liveShop'
import { releaseOf } from '../../delivery/shownShop'
import { useShop } from '../../running/useShop'
import { bodyOf } from '../../utils/request'

/** Publishing some drafts, or going back to a release. */
const askedSchema = z.union([z.strictObject({ publish: toPublishSchema }), z.strictObject({ release: z.int().min(1) })])

/** What that would do to pages; worked out beside the server's other work, so ask again until it is settled. Nothing is done. */
export default api('viewer', async (event): Promise<EffectsAnswer> => {
  const asked = await bodyOf(event, askedSchema)
  const { shop, store } = await useShop()
  const proposal = 'release' in asked ? { release: await releaseOf(asked.release, shop, store) } : asked
  const reading = await (await useCounting()).effects(proposal)
  const named = [...(reading.effects ? examplesOf(reading.effects) : [])].flatMap(subject => {
    const name = nameOf(subject, shop)
    return name ? [[subject, name]] : []
  })
  return { ...reading, names: Object.fromEntries(named) as Record<string, string> }
})

/** What a page is about, in words; empty: nothing, or what is gone. */
function nameOf(subject: string, { catalogue, settings: { language } }: LiveShop): string {
  const text = catalogue.product(subject)?.name ?? catalogue.category(subject)?.name ?? catalogue.article(subject)?.title
  return text ? textIn(text, language, language) : ''
}
