import { z } from 'zod'
import type { Candidate } from '../../candidates/candidate'
import { inOrder, offered } from '../../candidates/inOrder'
import type { ListName, SelectionIndex } from '../../candidates/selectionIndex'
import type { Source } from '../../candidates/source'
import type { StepContext } from '../../candidates/stepContext'
import { valuesOf } from '../../catalogue/product'
import { attributeList } from '../../productSearch/postings'
import { lazilySorted } from '../../sorted'
import { listed } from '../../text/sentence'
import type { FillStepType } from '../fillStepType'
import { plain } from '../fillStepType'
import { commonParts, scoredOrdersSchema } from '../stepParts'
import { bySubject, idleWithoutSubjects } from '../subjects'

/** Products with at least so many of the subject's traits. */
export const traitsStepSchema = z.strictObject({
  from: z.literal('traits'),
  /** Which traits count, and one attribute if wanted. */
  traits: z.array(z.enum(['category', 'brand', 'tag'])),
  attribute: z.string().min(1).max(64).nullable(),
  least: z.int().min(1).max(50),
  order: scoredOrdersSchema,
  ...commonParts,
})
type TraitsStep = z.infer<typeof traitsStepSchema>

export const traitsStep: FillStepType<TraitsStep> = {
  schema: traitsStepSchema,
  orders: scoredOrdersSchema.options,
  needsSubjects: () => true,
  idle: idleWithoutSubjects,
  candidates: (step, number, context) => bySubject(step, context, source => withTraits(step, number, source, context)),
  sentence: step => [
    plain('products that share '),
    { words: `at least ${step.least}`, field: 'least' },
    plain(' of its '),
    { words: sharedWords(step), field: 'traits' },
  ],
  reason: 'sharedTraits',
  shownWords: ({ strength }) => (strength === 1 ? 'shares a trait' : `shares ${strength} traits`),
  sourceWords: () => 'products that share traits',
  problems({ traits, attribute }, known) {
    if (!traits.length && attribute === null) return [{ words: 'It counts no traits, so nothing is ever found. Choose at least one.' }]
    return attribute === null || known.hasAttribute(attribute) ? [] : [{ words: `No product has the attribute “${attribute}” any more.` }]
  },
}

function sharedWords({ traits, attribute }: TraitsStep): string {
  const words = [
    ...traits.map(each => ({ category: 'categories', brand: 'brand', tag: 'tags' })[each]),
    ...(attribute === null ? [] : [attribute]),
  ]
  return words.length ? listed(words) : 'traits (none chosen)'
}

/** Products that share traits with the source, by how many. */
function* withTraits(step: TraitsStep, number: number, source: Source, context: StepContext): Generator<Candidate> {
  const { index } = context.shop
  const shared = countShared(traitLists(step, source), step.least, index)
  if (step.order === 'strength') {
    let place = 0
    for (let strength = shared.length; strength--;) {
      for (const candidate of offered(lazilySorted(shared[strength]!, index.bySku), number, source, context))
        yield { ...candidate, strength, place: ++place }
    }
    return
  }
  const strengths = new Map(shared.flatMap((positions, strength) => positions.map(position => [index.productAt(position), strength])))
  for (const candidate of offered(inOrder(shared.flat(), step.order, context), number, source, context)) {
    yield { ...candidate, strength: strengths.get(candidate.product)! }
  }
}

/** The lists of all that has one of the traits that count. */
function traitLists({ traits, attribute }: TraitsStep, { counting }: Source): ListName[] {
  const { categories, brand, tags } = counting
  return [
    ...(traits.includes('category') ? Array.from(new Set(categories), key => ['category', key] as const) : []),
    ...(traits.includes('brand') && brand !== null ? [['brand', brand] as const] : []),
    ...(traits.includes('tag') ? Array.from(new Set(tags), tag => ['tag', tag] as const) : []),
    ...(attribute === null
      ? []
      : Array.from(new Set(valuesOf(counting, attribute)), value => ['attribute', attributeList(attribute, value)] as const)),
  ]
}

/**
 * Products that stand in at least so many of the lists.
 * @returns positions by in how many of the lists they stand
 */
function countShared(lists: readonly ListName[], least: number, index: SelectionIndex): number[][] {
  const counts = index.scratch()
  const enough: number[] = []
  for (const list of lists)
    for (const position of index.positions(list)) {
      const count = ++counts[position]!
      if (count === least) enough.push(position)
    }
  const shared: number[][] = Array.from({ length: lists.length + 1 }, () => [])
  for (const position of enough) shared[counts[position]!]!.push(position)
  return shared
}
