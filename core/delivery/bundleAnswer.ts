import type { Bundle, OptionGroup } from '../catalogue/bundle'
import { groupsOf } from '../catalogue/bundle'
import type { Items, PartChoice } from '../bundles/bundleParts'
import { nameOfPiece, partsOf, pickable, pickKey } from '../bundles/bundleParts'
import { bundleRange } from '../bundles/bundlePrice'
import { imageOf, isForSale, priceOf, stockOf } from '../catalogue/product'
import { textIn } from '../text/text'
import type { AnswerContext } from './answerContext'
import { optionsOf } from '../catalogue/productOptions'
import type { BundleAnswer } from './contract/catalogue'
import { itemName, itemUrl } from './deliveredItem'
import { isFew } from './few'

/** What a shop gets of a bundle: its parts, what can be chosen for each, and how far the price goes. */
export function bundleAnswer(bundle: Bundle, context: AnswerContext): BundleAnswer {
  const { items } = context
  const range = bundleRange(bundle, items)
  const priceOfEnd = (end: 'from' | 'to') =>
    range && { price: range[end].price, was: range[end].sum > range[end].price ? range[end].sum : null }
  const ends = { from: priceOfEnd('from'), to: priceOfEnd('to') }
  if (bundle.type === 'pickAny') {
    const { least, most, repeats, steps } = bundle
    const choices = pickable(bundle, items).map(choice => choiceAnswer(choice, 1, context))
    return {
      type: bundle.type,
      ...ends,
      parts: [{ part: pickKey, name: '', quantity: 1, options: [], choices }],
      pick: { least, most, repeats, steps: steps.toSorted((a, b) => a.count - b.count) },
    }
  }
  const groups = new Map(groupsOf(bundle).map(group => [group.key, group]))
  const components = new Map(bundle.components.map(each => [each.key, each.sku]))
  const parts = partsOf(bundle, items).map(({ key, of, piece, quantity, choices }) => {
    const { name, options } = partHead(groups.get(of), components.get(of), items, context)
    return {
      part: key,
      quantity,
      name: nameOfPiece(name, piece),
      options,
      choices: choices.map(choice => choiceAnswer(choice, quantity, context)),
    }
  })
  return { type: bundle.type, ...ends, parts, pick: null }
}

function partHead(
  group: OptionGroup | undefined,
  sku: string | undefined,
  items: Items,
  { settings, language }: AnswerContext,
): Pick<BundleAnswer['parts'][0], 'name' | 'options'> {
  if (group) return { name: textIn(group.name, language, settings.language), options: group.options }
  const item = items.item(sku!)
  // What is not there, or drafted, has no name for shoppers.
  if (!item) return { name: '', options: [] }
  return { name: itemName(item, text => textIn(text, language, settings.language)), options: item.variant ? [] : optionsOf(item.product) }
}

function choiceAnswer(
  { sku, item, values }: PartChoice,
  quantity: number,
  { settings, language, at }: AnswerContext,
): BundleAnswer['parts'][0]['choices'][0] {
  const { product, variant } = item
  return {
    sku,
    values: [...values],
    name: itemName(item, text => textIn(text, language, settings.language)),
    url: itemUrl(item, settings),
    image: imageOf(product, variant),
    price: priceOf(product, variant),
    few: isFew(stockOf(product, variant), settings),
    available: isForSale(product, variant, at) && stockOf(product, variant) >= quantity,
  }
}
