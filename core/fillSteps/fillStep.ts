import { z } from 'zod'
import type { Candidate, IdleReason } from '../candidates/candidate'
import type { StepOrder } from '../candidates/stepOrder'
import type { StepContext } from '../candidates/stepContext'
import type { FillStepType, SoldFact } from './fillStepType'
import { fillStepTypes } from './registry'

export type StepSource = keyof typeof fillStepTypes
/** One source of candidates of a section. */
export type FillStep = { [From in StepSource]: z.infer<(typeof fillStepTypes)[From]['schema']> }[StepSource]

export const stepSources = Object.keys(fillStepTypes) as [StepSource, ...StepSource[]]
const schemas = stepSources.map(from => fillStepTypes[from].schema as unknown as z.ZodObject<{ from: z.ZodLiteral<StepSource> }>)
export const fillStepSchema = z.discriminatedUnion(
  'from',
  schemas as [(typeof schemas)[0], ...typeof schemas],
) as unknown as z.ZodType<FillStep>

/** The sort of a step: everything that is different from step to step is asked of it. */
export const stepTypeOf = ({ from }: { from: StepSource }) => fillStepTypes[from] as FillStepType<FillStep>

/** Whether what a step yields depends on its subjects. */
export const needsSubjects = (step: FillStep): boolean => stepTypeOf(step).needsSubjects(step)

/** The orders that the candidates of a step can be put into. */
export const stepOrders = (step: FillStep): readonly StepOrder[] => stepTypeOf(step).orders

/** Why a step has no candidates to look for; null when it has. */
export const idleReason = (step: FillStep, context: StepContext): IdleReason | null =>
  step.off ? 'off' : stepTypeOf(step).idle(step, context)

/**
 * The candidates of a step that is not idle, in order, found as they are asked for.
 * @param number of the step, counted from 0
 */
export const candidatesOf = (step: FillStep, number: number, context: StepContext): Iterable<Candidate> =>
  stepTypeOf(step).candidates(step, number, context)

/** Whether what a step yields can depend on how many units there are of a product, or were sold of it, apart from the order of it. */
export const yieldHeeds = (step: FillStep, fact: SoldFact): boolean => stepTypeOf(step).heeds?.(step, fact) ?? false

/** Whether what a step yields, or the order of it, can depend on how many units there are of a product, or were sold of it. */
export const stepHeeds = (step: FillStep, fact: SoldFact): boolean =>
  yieldHeeds(step, fact) || (fact === 'sold' && orderOf(step) === 'best-selling')

const orderOf = (step: FillStep): StepOrder | undefined => ('order' in step ? step.order : stepTypeOf(step).ownOrder)

/** A step of products linked by hand, in hand order. */
export const linkStep = (kind: string, subjects: FillStep['subjects'] = 'page'): FillStep => ({
  from: 'links',
  kind,
  order: 'hand',
  subjects,
  cap: null,
  off: false,
})
