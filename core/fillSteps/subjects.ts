import type { Candidate, IdleReason } from '../candidates/candidate'
import type { Source } from '../candidates/source'
import { sourceOf } from '../candidates/source'
import type { StepContext } from '../candidates/stepContext'
import { roundRobin } from '../sorted'
import type { CommonParts } from './stepParts'

/** Why a step that needs subjects has none; null when it has. */
export function idleWithoutSubjects(step: CommonParts, { subjects, cart, isCartPage }: StepContext): IdleReason | null {
  if (step.subjects === 'cart' || isCartPage) return cart.length ? null : 'cartEmpty'
  return subjects.length ? null : 'noSubject'
}

/** What a step yields for each of its subjects, by turns. */
export function bySubjectSku(
  step: CommonParts,
  context: StepContext,
  candidatesFor: (sku: string) => Iterable<Candidate>,
): Iterable<Candidate> {
  const subjects = step.subjects === 'cart' ? context.cart : context.subjects
  return subjects.length === 1 ? candidatesFor(subjects[0]!) : roundRobin(subjects.map(candidatesFor))
}

/** The same, with the subjects as far as they count. */
export const bySubject = (
  step: CommonParts,
  context: StepContext,
  candidatesFor: (source: Source) => Iterable<Candidate>,
): Iterable<Candidate> => bySubjectSku(step, context, sku => candidatesFor(sourceOf(sku, context.shop)))
