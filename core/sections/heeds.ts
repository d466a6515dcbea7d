import { stepHeeds } from '../fillSteps/fillStep'
import type { SoldFact } from '../fillSteps/fillStepType'
import type { Section } from './section'

/**
 * Whether what a section shows can depend on how many units there are of a product, or were sold of it.
 * That none are left is another matter: every section may look at that.
 */
export const heeds = ({ steps }: Section, fact: SoldFact): boolean => steps.some(step => !step.off && stepHeeds(step, fact))
