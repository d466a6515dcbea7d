import { isGroup, partsOf } from '../rules/ruleWords'
import type { Condition, TargetTest } from '../rules/rule'
import type { FillStep } from '../fillSteps/fillStep'
import type { Section } from './section'

/** Something about a product that changes with every sale. */
export type SoldFact = 'stock' | 'sold'

/**
 * Whether what a section shows can depend on how many units there are of a product, or were sold of it.
 * That none are left is another matter: every section may look at that.
 */
export const heeds = ({ steps }: Section, fact: SoldFact): boolean => steps.some(step => !step.off && stepHeeds(step, fact))

function stepHeeds(step: FillStep, fact: SoldFact): boolean {
  if (fact === 'sold' && (step.from === 'bestSellers' || ('order' in step && step.order === 'best-selling'))) return true
  return step.from === 'rule' && (asks(step.rule.when, fact) || asks(step.rule.pick, fact))
}

const asks = (condition: Condition<TargetTest>, fact: SoldFact): boolean => isGroup(condition) ? partsOf(condition).some(part => asks(part, fact)) : fact in condition
