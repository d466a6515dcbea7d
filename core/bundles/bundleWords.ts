import equal from 'fast-deep-equal'
import { counted } from '../text/sentence'
import type { Bundle, BundleType } from './bundle'
import type { BundleSettings } from './bundleSettings'

export const typeNames: Record<BundleType, string> = { fixed: 'fixed', choice: 'with choices', pickAny: 'pick any' }

/** What is in a bundle, in a few words: “2 groups, 1 part”, “4 parts”, “pick 3 to 6 of 9”. */
export function contentWords(bundle: Bundle): string {
  switch (bundle.type) {
    case 'fixed': return counted(bundle.components.length, 'part')
    case 'choice': return [counted(bundle.groups.length, 'group'), ...bundle.components.length ? [counted(bundle.components.length, 'part')] : []].join(', ')
    case 'pickAny': return `pick ${bundle.least === bundle.most ? bundle.least : `${bundle.least} to ${bundle.most}`} of ${bundle.set.length}`
  }
}

/** What is not the same in two states of a bundle, each in words that can be listed. */
export function bundleDifferences(before: BundleSettings, after: BundleSettings): string[] {
  const words: Record<Exclude<keyof BundleSettings, 'bundle'>, string> = {
    name: 'the name', description: 'the description', status: 'the status', categories: 'the categories', tags: 'the tags', image: 'the picture',
  }
  const named = (Object.keys(words) as (keyof typeof words)[]).filter(part => !equal(before[part], after[part])).map(part => words[part])
  return [...named, ...contentDifferences(before.bundle, after.bundle)]
}

const contents: Record<string, string> = {
  components: 'the parts', groups: 'the groups', price: 'the price', set: 'what can be picked', least: 'how many are picked', most: 'how many are picked', repeats: 'whether the same can be picked again',
  steps: 'the reductions', marginFloor: 'the lowest margin',
}

function contentDifferences(before: Bundle, after: Bundle): string[] {
  if (before.type !== after.type) return ['the type']
  const changed = Object.keys(contents).filter(part => !equal(before[part as never], after[part as never]))
  return [...new Set(changed.map(part => contents[part]!))]
}
