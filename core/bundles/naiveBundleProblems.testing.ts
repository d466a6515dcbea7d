import type { Catalogue } from '../catalogue/catalogue'
import { isForSale } from '../catalogue/product'
import type { Bundle } from '../catalogue/bundle'
import { everyChoice } from './everyChoice.testing'
import type { Moment } from '../time/moment'

const sum = (numbers: readonly number[]) => numbers.reduce((sum, each) => sum + each, 0)

/** Everything that is wrong with a bundle, as `code about`, found by going through all that can be chosen. For the tests alone. */
export function naiveBundleProblems(sku: string, bundle: Bundle, catalogue: Catalogue, at: Moment): string[] {
  const found: string[] = []
  const named =
    bundle.type === 'pickAny'
      ? bundle.set
      : [
          ...(bundle.type === 'choice' ? bundle.groups.flatMap(group => group.combinations.flatMap(each => each.sku ?? [])) : []),
          ...bundle.components.map(each => each.sku),
        ]
  for (const each of new Set(named)) {
    const item = catalogue.item(each)
    if (!item) found.push(`partMissing ${each}`)
    else if (item.product.bundle) found.push(`bundleInside ${each}`)
    else if (item.product.status === 'retired' || item.variant?.status === 'retired') found.push(`partRetired ${each}`)
    else if (!isForSale(item.product, item.variant, at)) found.push(`partNotForSale ${each}`)
  }
  const stock = (each: string) => Math.max(0, (catalogue.item(each)!.variant ?? catalogue.item(each)!.product).stock ?? Infinity)
  const choices = everyChoice(bundle, catalogue)
  const isThere = (contents: Record<string, number>) => Object.entries(contents).every(([each, quantity]) => stock(each) >= quantity)

  if (bundle.type === 'pickAny') {
    if (!bundle.set.length) found.push('empty ')
    else if (!choices.length) found.push('tooFewToPick ')
    else if (!choices.some(isThere)) found.push('outOfStock ')
  } else {
    const groups = bundle.type === 'choice' ? bundle.groups : []
    if (!groups.length && !bundle.components.length) found.push('empty ')
    for (const { key, options, combinations } of groups) {
      if (combinations.length < options.reduce((count, each) => count * each.values.length, 1)) found.push(`unmapped ${key}`)
      else if (combinations.every(each => each.sku === null)) found.push(`empty ${key}`)
    }
    // Each part as a bundle of its own.
    const alone: { about: string; part: Bundle }[] = [
      ...groups.map(group => ({ about: group.key, part: { ...bundle, type: 'choice', groups: [group], components: [] } as Bundle })),
      ...bundle.components.map(each => ({ about: each.sku, part: { ...bundle, type: 'fixed', components: [each] } as Bundle })),
    ]
    const out = alone.filter(({ part }) => everyChoice(part, catalogue).length && !everyChoice(part, catalogue).some(isThere))
    for (const { about, part } of out) {
      const skus = everyChoice(part, catalogue).flatMap(contents => Object.keys(contents))
      found.push(`partOutOfStock ${groups.some(group => group.key === about) && skus.length === 1 ? skus[0] : about}`)
    }
    if (!out.length && choices.length && !choices.some(isThere)) found.push('outOfStock ')
  }

  const costs = choices.map(contents => {
    const parts = Object.entries(contents).map(([each, quantity]) => ({
      quantity,
      price: catalogue.item(each)!.variant?.price ?? catalogue.item(each)!.product.price!,
      cost: catalogue.item(each)!.product.cost,
    }))
    const amount = sum(parts.map(each => each.quantity * each.price))
    const count = sum(parts.map(each => each.quantity))
    const ownPercent = bundle.type !== 'pickAny' && bundle.price.by === 'percent' ? bundle.price.percent : 0
    const percent =
      bundle.type === 'pickAny'
        ? (bundle.steps.filter(step => step.count <= count).sort((a, b) => b.count - a.count)[0]?.percent ?? 0)
        : ownPercent
    const exact = (amount * (100 - percent)) / 100
    let price = amount - Math.floor((amount * percent) / 100 + 0.5)
    if (bundle.type !== 'pickAny' && bundle.price.by === 'own') price = bundle.price.price
    if (bundle.type !== 'pickAny' && bundle.price.by === 'amount') price = Math.max(0, amount - bundle.price.amount)
    const cost = parts.some(each => each.cost === null) ? null : sum(parts.map(each => each.quantity * each.cost!))
    const charged = bundle.type === 'pickAny' ? exact : price
    return { price, saving: amount - price, margin: cost === null || !charged ? null : ((charged - cost) * 100) / charged, amount }
  })
  if (costs.some(each => each.saving < 0)) found.push('dearerThanParts ')
  else if (costs.some(each => each.saving === 0)) found.push('noSaving ')
  if (costs.some(each => each.price === 0) && costs.some(each => each.amount > 0)) found.push('givenAway ')
  if (
    bundle.marginFloor !== null &&
    costs.length &&
    costs.every(each => each.margin !== null) &&
    costs.some(each => each.margin! < bundle.marginFloor!)
  )
    found.push('lowMargin ')

  for (const other of catalogue.products)
    if (other.bundle && other.sku !== sku && other.status === 'active' && named.length && isSame(bundle, other.bundle))
      found.push(`sameContents ${other.sku}`)
  return found.sort()
}

/** Whether two bundles have the same in them. */
function isSame(a: Bundle, b: Bundle): boolean {
  if (a.type === 'pickAny' || b.type === 'pickAny') {
    if (a.type !== b.type || a.type !== 'pickAny' || b.type !== 'pickAny') return false
    return (
      a.least === b.least &&
      a.most === b.most &&
      a.repeats === b.repeats &&
      a.set.length === b.set.length &&
      a.set.every(sku => b.set.includes(sku))
    )
  }
  const units = (bundle: typeof a) =>
    bundle.components
      .flatMap(({ sku, quantity }) => Array<string>(quantity).fill(sku))
      .sort()
      .join()
  const groups = (bundle: typeof a) =>
    (bundle.type === 'choice' ? bundle.groups : [])
      .map(
        group =>
          `${group.quantity} of ${group.combinations
            .flatMap(each => each.sku ?? [])
            .sort()
            .join()}`,
      )
      .sort()
      .join(';')
  return units(a) === units(b) && groups(a) === groups(b)
}
