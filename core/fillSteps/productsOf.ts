import { z } from 'zod'
import type { Candidate, IdleReason } from '../candidates/candidate'
import { inLists, listsBelow } from '../candidates/inOrder'
import type { ListName } from '../candidates/selectionIndex'
import type { Source } from '../candidates/source'
import type { StepContext } from '../candidates/stepContext'
import type { CommonParts } from './stepParts'
import { bySubject, idleWithoutSubjects } from './subjects'

/*
 * What best sellers and the newest products have in common: they are of the whole shop, of the subject's categories or of its brand;
 * on the page of a category, of that one and of those below it.
 */

export const productsOfSchema = z.enum(['all', 'category', 'brand'])
type ProductsOf = z.infer<typeof productsOfSchema>
interface StepOf extends CommonParts {
  of: ProductsOf
}

export const ofWords: Record<ProductsOf, string> = { all: 'the whole shop', category: 'the same category', brand: 'the same brand' }

export function idleOf(step: StepOf, context: StepContext): IdleReason | null {
  if (step.of === 'all') return null
  const idle = idleWithoutSubjects(step, context)
  return idle === 'noSubject' && isOnCategoryPage(step, context) ? null : idle
}

const isOnCategoryPage = ({ of }: StepOf, { category }: StepContext) => of === 'category' && category !== null

export function candidatesOf(step: StepOf, order: 'best-selling' | 'newest', number: number, context: StepContext): Iterable<Candidate> {
  if (step.of === 'all') return inLists(['all'], order, number, null, context)
  if (idleWithoutSubjects(step, context) === 'noSubject')
    return inLists(listsBelow(context.category!, context), order, number, null, context)
  return bySubject(step, context, source => inLists(listsOf(step.of, source), order, number, source, context))
}

function listsOf(of: ProductsOf, { counting: { brand, categories } }: Source): ListName[] {
  if (of === 'category') return Array.from(new Set(categories), key => ['category', key])
  return brand === null ? [] : [['brand', brand]]
}
