import { z } from 'zod'
import type { Candidate } from '../../candidates/candidate'
import { sortedItems } from '../../candidates/inOrder'
import type { StepContext } from '../../candidates/stepContext'
import { kindKeySchema } from '../../links/kind'
import { timeOf } from '../../links/lane'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts, handOrdersSchema } from '../stepParts'
import { bySubjectSku, idleWithoutSubjects } from '../subjects'

/** Products linked by hand as one kind. */
export const linksStepSchema = z.strictObject({ from: z.literal('links'), kind: kindKeySchema, order: handOrdersSchema, ...commonParts })
type LinksStep = z.infer<typeof linksStepSchema>

export const linksStep: FillStepType<LinksStep> = {
  schema: linksStepSchema,
  orders: handOrdersSchema.options,
  needsSubjects: () => true,
  idle: (step, context) => (context.shop.kinds.get(step.kind)?.retired ? 'retiredKind' : idleWithoutSubjects(step, context)),
  candidates: (step, number, context) => bySubjectSku(step, context, sku => linked(step, number, sku, context)),
  sentence: ({ kind }, names) => [plain('products linked by hand as '), { words: names.kind(kind), field: 'kind' }],
  reason: 'linked',
  shownWords: ({ place }, kind) => `linked by hand as ${kind()}, place ${place}`,
  sourceWords: kind => `linked by hand as ${kind()}`,
  problems({ kind }, known) {
    const retired = known.isRetired(kind)
    if (retired === null) return [{ words: `There is no kind of link “${kind}”.` }]
    return retired ? [{ words: `The kind ${known.kind(kind)} is retired: restore it, or choose another.` }] : []
  },
  isByHand: true,
  isOfLinksAlone: true,
  kind: ({ kind }) => kind,
}

/** Links to products that the shop no longer has are passed over. */
function* linked({ kind, order }: LinksStep, step: number, source: string, context: StepContext): Generator<Candidate> {
  const { shop, shopper } = context
  const items = shop.links.items(source, kind, shop.catalogue)
  const detailed = shop.links.detailedLane(source, kind)
  const found: Candidate[] = []
  for (let i = 0; i < items.length; i++) {
    const item = items[i]
    if (!item) continue
    const candidate = {
      product: item.product,
      variant: item.variant,
      step,
      source,
      place: i + 1,
      strength: null,
      outsideDates: detailed !== undefined && timeOf(detailed[i]!, shopper.at) !== 'now',
      leftOut: false,
    }
    if (order === 'hand') yield candidate
    else found.push(candidate)
  }
  yield* sortedItems(found, order, context)
}
