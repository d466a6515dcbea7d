import type { Names } from '../rules/ruleWords'
import { pickWords, whenWords } from '../rules/ruleWords'
import type { Phrase, Sentence } from '../text/sentence'
import { counted, listed, plainWords } from '../text/sentence'
import type { FillStep, Nearness } from './fillStep'
import { needsSubjects } from './fillStep'
import type { Order } from '../candidates/order'

/** How candidates are put in order, to stand at the end of a sentence. */
export const orderWords: Record<Order, string> = {
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

/** What a section takes its products from, as a sentence whose phrases can be changed: “products linked by hand as accessory, in hand order, at most 2”. */
export function stepSentence(step: FillStep, names: Names): Sentence {
  return [...sourceOf(step, names), ...subjectsOf(step), ...orderOf(step), ...step.cap === null ? [] : [plain(', at most '), { words: String(step.cap), field: 'cap' }]]
}

/** The same without anything to change. */
export const stepWords = (step: FillStep, names: Names) => plainWords(stepSentence(step, names))

const plain = (words: string): Phrase => ({ words })

function sourceOf(step: FillStep, names: Names): Sentence {
  switch (step.from) {
    case 'links': return [plain('products linked by hand as '), { words: names.kind(step.kind), field: 'kind' }]
    case 'traits': return [plain('products that share '), { words: `at least ${step.least}`, field: 'least' }, plain(' of its '), { words: sharedWords(step), field: 'traits' }]
    case 'rule': {
      const asked = pickWords(step.rule.pick, names)
      const only = whenWords(step.rule.when, names)
      return [plain('products '), { words: asked || 'of any sort', field: 'rule' }, ...only ? [plain(', when it is '), { words: only, field: 'rule' }] : []]
    }
    case 'boughtTogether': return [plain('products bought together with it')]
    case 'chosen': return [{ words: step.targets.length ? counted(step.targets.length, 'chosen product') : 'no chosen products yet', field: 'targets' }]
    case 'category': return [plain('products in '), { words: names.category(step.category), field: 'category' }, plain(step.below ? ' and below it' : ' alone, without what is below it')]
    case 'bestSellers': return [plain('best sellers of '), { words: ofWords[step.of], field: 'of' }]
    case 'newest': return [plain('the newest of '), { words: ofWords[step.of], field: 'of' }]
    case 'recentlyViewed': return [plain('what the shopper viewed before')]
    case 'named': return [plain('what the article names')]
    case 'relatedCategories': return [plain('of the categories '), { words: nearWords[step.of], field: 'of' }]
    case 'bundles': return [plain('bundles that contain it')]
  }
}

export const nearWords: Record<Nearness, string> = { chosen: 'chosen for this one', beside: 'beside this one', below: 'right below this one' }
const ofWords = { all: 'the whole shop', category: 'the same category', brand: 'the same brand' }

function sharedWords({ traits, attribute }: Extract<FillStep, { from: 'traits' }>): string {
  const words = [...traits.map(each => ({ category: 'categories', brand: 'brand', tag: 'tags' })[each]), ...attribute === null ? [] : [attribute]]
  return words.length ? listed(words) : 'traits (none chosen)'
}

/** Most steps are about what the page is about; that goes without saying. */
function subjectsOf(step: FillStep): Sentence {
  return step.subjects === 'cart' && needsSubjects(step) ? [plain(', for '), { words: 'what is in the cart', field: 'subjects' }] : []
}

function orderOf(step: FillStep): Sentence {
  if (!('order' in step)) return []
  const words = step.from === 'recentlyViewed' && step.order === 'hand' ? 'latest first' : orderWords[step.order]
  return [plain(', '), { words, field: 'order' }]
}
