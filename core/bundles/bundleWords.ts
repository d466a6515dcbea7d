import { isEqual } from 'es-toolkit'
import { counted } from '../text/sentence'
import type { Bundle, BundleType } from '../catalogue/bundle'
import { groupsOf } from '../catalogue/bundle'
import type { BundleHole } from './bundleHoles'
import type { BundleProblem, BundleProblemCode } from './bundleProblems'
import type { BundleSettings } from './bundleSettings'

export const typeNames: Record<BundleType, string> = { fixed: 'fixed', choice: 'with choices', pickAny: 'pick any' }

/** What is in a bundle, in a few words: “2 groups, 1 part”, “4 parts”, “pick 3 to 6 of 9”. */
export function contentWords(bundle: Bundle): string {
  switch (bundle.type) {
    case 'fixed':
      return counted(bundle.components.length, 'part')
    case 'choice':
      return [
        counted(bundle.groups.length, 'group'),
        ...(bundle.components.length ? [counted(bundle.components.length, 'part')] : []),
      ].join(', ')
    case 'pickAny':
      return `pick ${bundle.least === bundle.most ? bundle.least : `${bundle.least} to ${bundle.most}`} of ${bundle.set.length}`
  }
}

/** What is not the same in two states of a bundle, each in words that can be listed. */
export function bundleDifferences(before: BundleSettings, after: BundleSettings): string[] {
  const words: Record<Exclude<keyof BundleSettings, 'bundle'>, string> = {
    name: 'the name',
    description: 'the description',
    status: 'the status',
    categories: 'the categories',
    tags: 'the tags',
    image: 'the picture',
  }
  const named = (Object.keys(words) as (keyof typeof words)[]).filter(part => !isEqual(before[part], after[part])).map(part => words[part])
  return [...named, ...contentDifferences(before.bundle, after.bundle)]
}

const contents: Record<string, string> = {
  components: 'the parts',
  groups: 'the groups',
  price: 'the price',
  set: 'what can be picked',
  least: 'how many are picked',
  most: 'how many are picked',
  repeats: 'whether the same can be picked again',
  steps: 'the reductions',
  marginFloor: 'the lowest margin',
}

function contentDifferences(before: Bundle, after: Bundle): string[] {
  if (before.type !== after.type) return ['the type']
  const changed = Object.keys(contents).filter(part => !isEqual(before[part as never], after[part as never]))
  return [...new Set(changed.map(part => contents[part]!))]
}

/**
 * What shoppers can’t choose in a bundle, in numbers: “In “Suit” 3 of 12 choices can’t be bought.”
 * @param name of a part that is a product
 */
export function holeWords(holes: readonly BundleHole[], bundle: Bundle, name: (sku: string) => string): string {
  return holes
    .map(({ part, choices, missing }) => {
      if (bundle.type === 'pickAny') return `${missing} of ${counted(choices, 'product')} can’t be picked.`
      const group = groupsOf(bundle).find(each => each.key === part)
      const component = bundle.components.find(each => each.key === part)
      const called = (group && Object.values(group.name)[0]) || (component ? name(component.sku) : part)
      return `In “${called}” ${missing} of ${counted(choices, 'choice')} can’t be bought.`
    })
    .join(' ')
}

/** Problems that keep a bundle, or some choices of it, from being sold; others are only worth a word. */
const stopping: readonly BundleProblemCode[] = [
  'empty',
  'tooFewToPick',
  'bundleInside',
  'partMissing',
  'partRetired',
  'partNotForSale',
  'unmapped',
  'partOutOfStock',
  'outOfStock',
]
export const isStopping = ({ code }: BundleProblem) => stopping.includes(code)

/**
 * What is wrong with a bundle, in a sentence.
 * @param name of the part, group or other bundle that it is about
 */
export function problemWords({ code, about }: BundleProblem, bundle: Bundle, name: string): string {
  switch (code) {
    case 'empty':
      return about ? `Nothing is sold in “${name}”: all its combinations are marked as not sold.` : 'Nothing is in it yet.'
    case 'tooFewToPick':
      return 'Fewer products can be picked than have to be.'
    case 'bundleInside':
      return `“${name}” is a bundle itself and can’t be sold as a part. Put its own parts in.`
    case 'partMissing':
      return `${about} is no longer in the shop.`
    case 'partRetired':
      return `“${name}” is retired and can’t be sold.`
    case 'partNotForSale':
      return `“${name}” is not for sale.`
    case 'unmapped':
      return `“${name}” has combinations without a product. Shoppers can’t choose them.`
    case 'partOutOfStock':
      return `Of “${name}” there is less than one bundle takes.`
    case 'outOfStock':
      return 'There is too little of its parts together for one bundle.'
    case 'dearerThanParts':
      return 'It costs more than its parts, in at least one choice.'
    case 'givenAway':
      return 'It is given away in at least one choice: the reduction is as much as the parts cost.'
    case 'noSaving':
      return 'Shoppers save nothing, in at least one choice.'
    case 'lowMargin':
      return `In at least one choice the margin is under ${bundle.marginFloor} %.`
    case 'sameContents':
      return `“${name}” has the same in it.`
  }
}
