import { stepHeeds, yieldHeeds } from '../fillSteps/fillStep'
import type { SoldFact } from '../fillSteps/fillStepType'
import type { Section } from './section'

/**
 * Whether what a section shows can depend on how many units there are of a product, or were sold of it.
 * That none are left is another matter: every section may look at that.
 */
export const heeds = ({ steps }: Section, fact: SoldFact): boolean => steps.some(step => !step.off && stepHeeds(step, fact))

/** Whether how many products a section shows, by itself and of each step, can depend on that. */
export function countHeeds(section: Section, fact: SoldFact): boolean {
  const active = section.steps.filter(step => !step.off)
  // The order of a step decides which of its products are shown, not how many; but which are shown decides what is left to the next step,
  // unless the places are full then, or it has given all it has.
  const doOrdersMatter = active.length > 1 && (section.takeTurns || active.slice(0, -1).some(step => step.cap !== null))
  return doOrdersMatter ? heeds(section, fact) : active.some(step => yieldHeeds(step, fact))
}
