import type { z } from 'zod'
import type { Candidate, IdleReason } from '../candidates/candidate'
import type { StepOrder } from '../candidates/stepOrder'
import type { StepContext } from '../candidates/stepContext'
import type { KnownTraits } from '../rules/ruleProblems'
import type { Names } from '../rules/ruleWords'
import type { Sentence } from '../text/sentence'
import type { CommonParts } from './stepParts'

/** Something about a product that changes with every sale. */
export type SoldFact = 'stock' | 'sold'

/** What steps may speak of. */
export interface KnownToSteps extends KnownTraits {
  /** null: there is no such kind */
  isRetired(kind: string): boolean | null
  /** null: there is no such product */
  isProductRetired(sku: string): boolean | null
}

/** Something that keeps a step from finding what it seems to look for. */
export interface StepProblem {
  words: string
  /** Where in the step's rule. */ path?: string
}

/** Where a shown product stood among the candidates of its step. */
export interface ShownPlace {
  place: number
  strength: number | null
}

/**
 * A sort of fill step. Each has a folder with everything about it; registry.ts lists them.
 * What is the same for all (whether it is off, its cap) is looked at where steps are run.
 */
export interface FillStepType<Step extends CommonParts> {
  schema: z.ZodType<Step>
  /** The orders that its candidates can be put into; none: it has one of its own. */
  orders: readonly StepOrder[]
  /** Whether what it yields depends on its subjects. */
  needsSubjects(step: Step): boolean
  /** Why it has no candidates to look for; null when it has. */
  idle(step: Step, context: StepContext): IdleReason | null
  /**
   * The candidates of a step that is not idle, in order, found as they are asked for. With several subjects: every subject's first before
   * any subject's second.
   * @param number of the step in its section, counted from 0
   */
  candidates(step: Step, number: number, context: StepContext): Iterable<Candidate>

  /** What a section takes its products from, as a sentence whose phrases can be changed: “products linked by hand as accessory”. */
  sentence(step: Step, names: Names): Sentence
  /** What an order is called here; left out: as everywhere. */
  orderWords?(order: StepOrder): string | null
  /** The code of the delivery contract for what it brought. */
  reason: string
  /** Why a product is shown. @param kind name of the kind of link, in small letters */
  shownWords(shown: ShownPlace, kind: () => string): string
  /** Where it looks for products, in a few words. */
  sourceWords(kind: () => string): string
  problems?(step: Step, known: KnownToSteps): StepProblem[]

  /** A merchandiser picked what it yields. */
  isByHand?: true
  /** It yields only what links lead to from its subjects: nothing else in the shop bears on it. */
  isOfLinksAlone?: true
  /** The one kind of page that it yields anything on. */
  madeFor?: 'category' | 'article'
  /** What it yields depends on who looks. */
  isOfShopper?: true
  /** The kind of link that it follows. */
  kind?(step: Step): string
  /** The order of what it yields, if there is no choice. */
  ownOrder?: StepOrder
  /** Whether what it yields can hang on how many units there are of a product, or were sold of it, apart from the order it is put into. */
  heeds?(step: Step, fact: SoldFact): boolean
  /** Of a step that has alternatives: which of them a product that it yielded passes. */
  alternatives?(step: Step, candidate: Candidate, context: StepContext): string[]
  /** Of a step that a section of tiles can show: keys of the categories. */
  categories?(step: Step, context: StepContext): readonly string[]
}

/** A phrase of a sentence that can't be changed. */
export const plain = (words: string) => ({ words })
