import type { Names } from '../rules/ruleWords'
import { rangeWords } from '../rules/ruleWords'
import { counted, listed } from '../text/sentence'
import type { PlanScope } from './pagePlan'
import type { PlanReason } from './planBook'

type ScopeNames = Pick<Names, 'category' | 'money'>

/** One part of what a plan is for: “tag live”, “category Extraction and below”. */
export interface ScopePart {
  of: 'products' | 'tags' | 'brands' | 'categories' | 'price'
  /** Which of them; empty when the part is taken away as a whole. */
  name: string
  words: string
}

/** The parts of what a plan is for, one by one, the most specific first. */
export function scopeParts({ products, tags, brands, categories, price }: PlanScope, names: ScopeNames): ScopePart[] {
  return [
    ...(products.length ? [{ of: 'products' as const, name: '', words: counted(products.length, 'chosen product') }] : []),
    ...tags.map(name => ({ of: 'tags' as const, name, words: `tag ${name}` })),
    ...brands.map(name => ({ of: 'brands' as const, name, words: `brand ${name}` })),
    ...categories.map(name => ({ of: 'categories' as const, name, words: `category ${names.category(name)} and below` })),
    ...(price ? [{ of: 'price' as const, name: '', words: `price ${rangeWords(price, names.money)}` }] : []),
  ]
}

/** What a plan is for, in one line. */
export function scopeWords(scope: PlanScope | null, names: ScopeNames): string {
  if (!scope) return 'all that no other plan is for'
  return (
    listed(
      scopeParts(scope, names).map(each => each.words),
      'disjunction',
    ) || 'nothing yet'
  )
}

/** Why a page gets a plan, to stand after “because”. */
export function reasonWords(reason: PlanReason, names: ScopeNames): string {
  switch (reason.by) {
    case 'product':
      return 'it is chosen by name'
    case 'tag':
      return `it has the tag ${reason.name}`
    case 'brand':
      return `its brand is ${reason.name}`
    case 'category':
      return `it is in ${names.category(reason.name)}`
    case 'price':
      return 'its price is in the range'
    case 'default':
      return 'no other plan is for it'
  }
}

const weights: Record<PlanReason['by'], string> = {
  product: 'being chosen by name',
  tag: 'a tag',
  brand: 'a brand',
  category: 'a category',
  price: 'a price',
  default: 'the default',
}

/** Why one plan goes before another that is for the same page too. */
export function precedenceWords(winner: PlanReason, loser: PlanReason): string {
  if (winner.by !== loser.by) return `${weights[winner.by]} says more than ${weights[loser.by]}`
  if (winner.by === 'category' && loser.by === 'category' && winner.depth !== loser.depth) return 'the deeper category says more'
  return 'it stands higher in the list of plans'
}
