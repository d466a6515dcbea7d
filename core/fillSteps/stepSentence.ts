import type { StepOrder } from '../candidates/stepOrder'
import type { Names } from '../rules/ruleWords'
import type { Sentence } from '../text/sentence'
import { plainWords } from '../text/sentence'
import type { FillStep } from './fillStep'
import { needsSubjects, stepTypeOf } from './fillStep'
import { plain } from './fillStepType'

/** How candidates are put in order, to stand at the end of a sentence; some steps call it otherwise. */
export const orderNames: Record<StepOrder, string> = {
  'hand': 'in hand order',
  'strength': 'most in common first',
  'cheapest': 'cheapest first',
  'dearest': 'dearest first',
  'name': 'by name',
  'newest': 'newest first',
  'oldest': 'oldest first',
  'best-selling': 'best-selling first',
  'margin': 'highest margin first',
  'shuffle': 'mixed anew every day',
  'shuffle-every-view': 'mixed anew with every view',
}

/** What an order of a step is called. */
export const orderWords = (step: FillStep, order: StepOrder): string => stepTypeOf(step).orderWords?.(order) ?? orderNames[order]

/**
 * What a section takes its products from, as a sentence whose phrases can be changed: “products linked by hand as accessory, in hand order,
 * at most 2”.
 */
export function stepSentence(step: FillStep, names: Names): Sentence {
  return [
    ...stepTypeOf(step).sentence(step, names),
    ...subjectsOf(step),
    ...orderOf(step),
    ...(step.cap === null ? [] : [plain(', at most '), { words: String(step.cap), field: 'cap' }]),
  ]
}

/** The same without anything to change. */
export const stepWords = (step: FillStep, names: Names) => plainWords(stepSentence(step, names))

/** Most steps are about what the page is about; that goes without saying. */
function subjectsOf(step: FillStep): Sentence {
  return step.subjects === 'cart' && needsSubjects(step) ? [plain(', for '), { words: 'what is in the cart', field: 'subjects' }] : []
}

const orderOf = (step: FillStep): Sentence =>
  'order' in step ? [plain(', '), { words: orderWords(step, step.order), field: 'order' }] : []
