import { z } from 'zod'
import { placeSchema } from '../../journal/commandParts'
import { blockSchema } from '../../pagePlans/block'
import { pageKindSchema, planScopeSchema, planSettingsSchema } from '../../pagePlans/pagePlan'
import { keySchema } from '../../text/key'
import { textSchema } from '../../text/text'

/** Commands on page plans. They change drafts alone. */
export const planCommandSchema = z.discriminatedUnion('type', [
  /** With the sections of another plan of this kind of page; of the default one, when none is named. */
  z.strictObject({
    type: z.literal('addPlan'),
    page: pageKindSchema,
    name: textSchema,
    scope: planScopeSchema,
    like: keySchema.optional(),
  }),
  /** Sets parts of a plan. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({
    type: z.literal('changePlan'),
    key: keySchema,
    settings: planSettingsSchema.partial(),
    seen: planSettingsSchema.partial(),
  }),
  z.strictObject({ type: z.literal('removePlan'), key: keySchema }),
  /** Moves a plan to a place among the plans for some pages of its kind: of equal ones, the first wins. */
  z.strictObject({ type: z.literal('rankPlan'), key: keySchema, place: placeSchema }),
  /** Puts a section, an offer or all other offers into a zone of a plan, at a place or last. */
  z.strictObject({
    type: z.literal('placeBlock'),
    block: blockSchema,
    plan: keySchema,
    zone: z.string().min(1).max(64),
    place: placeSchema.optional(),
  }),
  /** Takes one of them out of a plan. */
  z.strictObject({ type: z.literal('unplaceBlock'), block: blockSchema, plan: keySchema }),
  /** Switches one of them off, or on again, in one plan. */
  z.strictObject({ type: z.literal('switchInPlan'), block: blockSchema, plan: keySchema, off: z.boolean() }),
])
export type PlanCommand = z.infer<typeof planCommandSchema>
