import { z } from 'zod'
import type { Bitmap } from '../../candidates/bitmap'
import type { Candidate } from '../../candidates/candidate'
import { inOrder, isShuffle, offered, positionsIn } from '../../candidates/inOrder'
import type { Scope } from '../../candidates/narrow'
import { narrow, partIn } from '../../candidates/narrow'
import type { FreeStepOrder } from '../../candidates/stepOrder'
import { freeStepOrdersSchema } from '../../candidates/stepOrder'
import { picksOf } from '../../candidates/picks'
import type { Source } from '../../candidates/source'
import { factsOf, sourceOf } from '../../candidates/source'
import type { StepContext } from '../../candidates/stepContext'
import { alternatives } from '../../rules/alternatives'
import { sourceCheck, targetCheck } from '../../rules/matches'
import type { Condition, TargetTest } from '../../rules/rule'
import { ruleSchema } from '../../rules/rule'
import { ruleProblems } from '../../rules/ruleProblems'
import { isGroup, partsOf, pickWords, whenWords } from '../../rules/ruleWords'
import { between } from '../../sorted'
import type { FillStepType, SoldFact } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts } from '../stepParts'
import { bySubject, idleWithoutSubjects } from '../subjects'

/** Targets that a matching rule picks for the subject. */
export const ruleStepSchema = z.strictObject({ from: z.literal('rule'), rule: ruleSchema, order: freeStepOrdersSchema, ...commonParts })
type RuleStep = z.infer<typeof ruleStepSchema>

export const ruleStep: FillStepType<RuleStep> = {
  schema: ruleStepSchema,
  orders: freeStepOrdersSchema.options,
  needsSubjects: () => true,
  idle: idleWithoutSubjects,
  candidates: (step, number, context) => bySubject(step, context, source => picked(step, number, source, context)),
  sentence(step, names) {
    const asked = pickWords(step.rule.pick, names)
    const only = whenWords(step.rule.when, names)
    return [
      plain('products '),
      { words: asked || 'of any sort', field: 'rule' },
      ...(only ? [plain(', when it is '), { words: only, field: 'rule' }] : []),
    ]
  },
  reason: 'rule',
  shownWords: () => 'picked by the rule',
  sourceWords: () => 'products that a rule picks',
  problems: (step, known) => ruleProblems(step.rule, known),
  heeds: (step, fact) => asks(step.rule.when, fact) || asks(step.rule.pick, fact),
  alternatives(step, { product, source }, context) {
    const { counting } = sourceOf(source!, context.shop)
    return alternatives(step.rule.pick, part => targetCheck(part, counting, factsOf(context))(product))
  },
}

const asks = (condition: Condition<TargetTest>, fact: SoldFact): boolean =>
  isGroup(condition) ? partsOf(condition).some(part => asks(part, fact)) : fact in condition

/** What a matching rule picks for the source. */
function picked(step: RuleStep, number: number, source: Source, context: StepContext): Iterable<Candidate> {
  const { index } = context.shop
  const facts = factsOf(context)
  if (!sourceCheck(step.rule.when, facts)(source.product)) return []
  const fits = targetCheck(step.rule.pick, source.counting, facts)
  const scope = narrow(step.rule.pick, source.counting, index, facts)
  const positions =
    scope && scope.size <= index.size * smallShare
      ? positionsInScope(scope, step.order, context, position => fits(index.productAt(position)))
      : positionsOf(picksOf(step.rule.pick, source.counting, index, facts), scope, step.order, context)
  return offered(positions, number, source, context)
}

/** In a scope of at most this share of all products, each is looked at; else what the rule picks is worked out for all at once. */
const smallShare = 1 / 16

function positionsInScope(
  scope: Scope,
  order: FreeStepOrder,
  context: StepContext,
  passes: (position: number) => boolean,
): Iterable<number> {
  if ('lists' in scope) return positionsIn(scope.lists, order, context, passes)
  return inOrder(context.shop.index.list('all', scope.order).slice(scope.from, scope.to), order, context, passes)
}

/**
 * Positions in order.
 * @param scope where all of them are, if it is known
 */
function positionsOf(bitmap: Bitmap, scope: Scope | null, order: FreeStepOrder, context: StepContext): Iterable<number> {
  const { index } = context.shop
  if (isShuffle(order)) return inOrder(bitmap.positions(), order, context)
  const few = bitmap.positionsUpTo(maxSorted(index.size))
  if (few) return inOrder(few, order, context)
  // Of many, the first soon come by in the list of all that is in order already, or in the part of it where they are.
  const all = index.list('all', order)
  const part = scope && 'order' in scope ? partIn(order, scope, index) : null
  return between(all, part?.from ?? 0, part?.to ?? all.length, position => bitmap.has(position))
}

/** So many are sorted; of more, the first in order are found sooner by a walk until about eight were looked at. */
const maxSorted = (products: number) => Math.sqrt(8 * products)
